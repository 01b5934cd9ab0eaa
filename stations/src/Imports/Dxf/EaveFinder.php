<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/**
 * Which side of a drawn outline is its eave. It is never guessed by length: a face deeper than it is wide would be turned by 90°. A line on a layer says
 * it; or what lies opposite a ridge, drawn as such or shared with another outline; or the only side nothing meets; else it is asked.
 */
final readonly class EaveFinder
{
    /** Sine of the angle under which two sides run alike. */
    private const ALIKE = 0.02;

    private const HIGH = [EdgeKind::Ridge, EdgeKind::Peak, EdgeKind::Headwall];

    /**
     * @param  list<Polygon>  $outlines
     * @param  list<list<EdgeKind|null>>  $kinds  of their sides, as layers say
     * @param  float  $same  sides of two outlines so near are one, inches
     */
    public function __construct(private array $outlines, private array $kinds, private float $same)
    {
    }

    /** @return int|null the side; null where it must be asked */
    public function of(int $number): ?int
    {
        $drawn = array_search(EdgeKind::Eave, $this->kinds[$number], true);
        if ($drawn !== false) {
            return $drawn;
        }
        $high = array_keys(array_filter($this->kinds[$number], static fn (?EdgeKind $kind): bool => in_array($kind, self::HIGH, true)));
        $shared = $this->shared($number);
        foreach ([...$high, ...array_filter($shared, fn (int $side): bool => $this->kinds[$number][$side] === null)] as $side) {
            $eave = $this->opposite($number, $side);
            if ($eave !== null && ! in_array($eave, $shared, true)) {
                return $eave;
            }
        }
        $alone = array_values(array_diff(array_keys($this->outlines[$number]->corners), $shared));

        return count($alone) === 1 ? $alone[0] : null;
    }

    /** @return list<int> sides another outline has, too */
    private function shared(int $number): array
    {
        $own = $this->outlines[$number];
        $shared = [];
        foreach (array_keys($own->corners) as $side) {
            foreach ($this->outlines as $other => $outline) {
                foreach ($other === $number ? [] : array_keys($outline->corners) as $itsSide) {
                    if ($own->corner($side)->distanceTo($outline->corner($itsSide + 1)) < $this->same && $own->corner($side + 1)->distanceTo($outline->corner($itsSide)) < $this->same) {
                        $shared[] = $side;
                    }
                }
            }
        }

        return array_values(array_unique($shared));
    }

    /** The farthest side that runs alike the other way. */
    private function opposite(int $number, int $side): ?int
    {
        $outline = $this->outlines[$number];
        $way = self::way($outline, $side);
        [$found, $farthest] = [null, 0.0];
        foreach (array_keys($outline->corners) as $other) {
            $its = self::way($outline, $other);
            $from = $outline->corner($side);
            $off = abs($way->u * ($outline->corner($other)->v - $from->v) - $way->v * ($outline->corner($other)->u - $from->u));
            if (abs($way->u * $its->v - $way->v * $its->u) < self::ALIKE && $way->u * $its->u + $way->v * $its->v < 0.0 && $off > $farthest) {
                [$found, $farthest] = [$other, $off];
            }
        }

        return $found;
    }

    private static function way(Polygon $outline, int $side): Point
    {
        [$a, $b] = [$outline->corner($side), $outline->corner($side + 1)];
        $long = max(1e-9, $a->distanceTo($b));

        return new Point(($b->u - $a->u) / $long, ($b->v - $a->v) / $long);
    }
}
