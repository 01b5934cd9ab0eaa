<?php

declare(strict_types=1);

namespace Imbrex\Core\RoofLog;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\StageResult;

/** What happened, held against what is planned. */
final readonly class RoofLogResult implements StageResult
{
    /** @param  list<Finding>  $findings */
    public function __construct(private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
