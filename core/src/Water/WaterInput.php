<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\JobPart;

/** How hard it rains on a job's roof. */
final readonly class WaterInput implements JobPart
{
    /** @param  float|null  $intensity  inches an hour; null = as the house has it */
    public function __construct(public ?float $intensity = null)
    {
    }
}
