<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Ground\Geometry\Point;

/** A layer as the section shows it, inches; x outwards, y up. */
final readonly class DrawnLayer
{
    /**
     * @param  list<Point>  $line
     * @param  list<Point>  $body  outline of what fills a room; empty for sheet
     * @param  list<array{Point, Point}>  $fasteners  head and point
     * @param  Point  $anchor  where a call-out may touch it
     */
    public function __construct(public PlacedLayer $placed, public array $line, public array $body, public array $fasteners, public Point $anchor)
    {
    }
}
