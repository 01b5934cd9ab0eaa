<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Ground\Geometry\Polygon;

/** A piece of metal at a junction, laid flat on its sheet. */
final readonly class Piece
{
    /** @param  non-empty-list<Polygon>  $areas  what it covers, inches */
    public function __construct(public string $key, public array $areas)
    {
    }
}
