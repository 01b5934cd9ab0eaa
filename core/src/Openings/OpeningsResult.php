<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\StageResult;

/** How every opening is flashed. */
final readonly class OpeningsResult implements StageResult
{
    /**
     * @param  array<string, FlashedOpening>  $openings  by id
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $openings, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
