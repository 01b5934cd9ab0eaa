<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Geometry\Point;

/** The line snapped on the deck for a valley's cleat: its uphill edge, so that no chalk shows afterwards. Face coordinates, inches. */
final readonly class CleatLine
{
    /**
     * @param  string|null  $edge  id of the roof's valley
     * @param  float  $offset  from the valley's centre line, square to it: reveal + the cleat's nose and flange, or to the uphill side of the closure
     */
    public function __construct(public string $face, public ?string $edge, public float $reveal, public float $offset, public Point $from, public Point $to)
    {
    }
}
