<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Survey\Miss;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\Squareness;

/** A plane as its readings close it; the outline is null while too few are there. */
final readonly class ClosedPlane
{
    /** @param  list<Miss>  $misses */
    public function __construct(
        public ?Polygon $outline,
        public ?Squareness $squareness,
        public array $misses,
        public ?Reading $culprit,
    ) {
    }
}
