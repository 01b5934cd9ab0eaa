<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\StageResult;

final readonly class RoofResult implements StageResult
{
    public function __construct(public Roof $roof, public CheckReport $checks)
    {
    }

    public function findings(): array
    {
        return [...$this->roof->findings, ...$this->checks->findings];
    }
}
