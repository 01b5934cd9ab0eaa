<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal\Junctions;

use Imbrex\Core\Ground\Geometry\ConvexClip;
use Imbrex\Core\Ground\Geometry\Point;

/** A flat part of a junction's sheet, and how it stands in the round when the sheet is folded up: x, y in plan, z up, inches, the junction's point at 0. */
final readonly class Fold
{
    /**
     * @param  list<Point>  $area  of the sheet, convex, against the clock
     * @param  array{float, float, float}  $ex  where an inch along the sheet's x goes
     * @param  array{float, float, float}  $ey  where an inch along the sheet's y goes
     * @param  list<Point>  $ground  what of it is deck, fascia or wall
     * @param  array<string, array{array{float, float, float}, array{float, float, float}}|null>  $otherwise  pieces that are not bent there, or bent round another way: `$ex` and `$ey` by key; null = what of it is there is cut off
     */
    public function __construct(public array $area, private array $ex, private array $ey, public array $ground, private array $otherwise = [])
    {
    }

    /**
     * @param  list<Point>  $corners  of the sheet
     * @param  string|null  $piece  key of the piece they are of; null = of deck, fascia or wall
     * @return list<array{float, float, float}> what of them lies in this part, in the round
     */
    public function stand(array $corners, ?string $piece): array
    {
        $own = $piece !== null && array_key_exists($piece, $this->otherwise) ? $this->otherwise[$piece] : [$this->ex, $this->ey];
        if ($own === null) {
            return [];
        }
        [$ex, $ey] = $own;
        $stand = static fn (Point $p): array => [$p->u * $ex[0] + $p->v * $ey[0], $p->u * $ex[1] + $p->v * $ey[1], $p->u * $ex[2] + $p->v * $ey[2]];

        return array_map($stand, ConvexClip::within($corners, $this->area));
    }
}
