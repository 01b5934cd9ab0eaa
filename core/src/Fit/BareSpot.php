<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit;

/** Deck of a face that no metal lies over; face coordinates, inches. */
final readonly class BareSpot
{
    /**
     * @param  float  $left  of the upright rectangle round it; likewise the others
     * @param  float  $area  square inches
     * @param  list<list<array{float, float}>>  $outlines  convex ones, that make it up
     */
    public function __construct(public string $face, public float $left, public float $bottom, public float $right, public float $top, public float $area, public array $outlines)
    {
    }
}
