<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\JobPart;

/** How hard it rains on a job's roof, and which eaves have gutters. */
final readonly class WaterInput implements JobPart
{
    /**
     * @param  float|null  $intensity  inches an hour; null = as the house has it
     * @param  array<string, non-empty-list<float>>  $gutters  by id of the edge: its outlets, inches from its left end looking up-slope, rising
     */
    public function __construct(public ?float $intensity = null, public array $gutters = [])
    {
    }
}
