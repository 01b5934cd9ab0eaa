<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/** Two sides of an outline that cross, by their numbers (side i runs from corner i). */
final readonly class SideCrossing
{
    public function __construct(public int $first, public int $second)
    {
    }
}
