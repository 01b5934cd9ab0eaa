<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Units\Pitch;

/** One roof plane with typed edges, in face coordinates: inches on the deck. */
final readonly class Face
{
    private const SQUARE_INCHES_PER_SQUARE_FOOT = 144.0;

    /** @param  list<EdgeKind>  $edges kind of side i, from corner i to the next */
    public function __construct(
        public string $id,
        public string $name,
        public Pitch $pitch,
        public Polygon $outline,
        public array $edges,
    ) {
    }

    public function areaSquareFeet(): float
    {
        return $this->outline->area() / self::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** Length of all sides of a kind, inches. */
    public function lengthOf(EdgeKind $kind): float
    {
        $length = 0.0;
        foreach ($this->edges as $side => $edge) {
            if ($edge === $kind) {
                $length += $this->outline->corner($side)->distanceTo($this->outline->corner($side + 1));
            }
        }

        return $length;
    }
}
