<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Ground\Metalwork\TrimShape;

/**
 * A trim cut across where it stands on the roof: x across and y up as its place says, inches, 0 on the line its lengths are
 * measured along: the upper end of what hangs before a fascia, the foot of what stands before a wall, and where the two sides
 * of a cap or a pan meet.
 */
final readonly class PlacedShape
{
    /**
     * @param  list<FlatStrip>  $strips  of its flat, from the edge of the low hem
     * @param  list<float>  $bends  bend lines of its flat, hems with them, inches from the edge of the low hem
     * @param  int|null  $plumb  number of the strip that stands plumb
     */
    private function __construct(public array $strips, public array $bends, public float $girth, public ?int $plumb, public bool $isTwoSided)
    {
    }

    public static function of(TrimShape $shape, ShapeSketch $sketch, EdgeKind $edge, EndPlace $place): self
    {
        $isTwoSided = in_array($edge, [EdgeKind::Ridge, EdgeKind::Hip, EdgeKind::Valley], true) && count($sketch->lengths) > 1;
        $plumb = $isTwoSided || $shape->plumb === null || ! isset($sketch->lengths[$shape->plumb]) ? null : $shape->plumb;
        $corners = self::turned($sketch->corners, $plumb ?? 0, $plumb === null ? self::alongRoof($place) : M_PI_2);
        $last = count($corners) - 1;
        $origin = match (true) {
            $isTwoSided => self::meet($corners[0], $corners[1], $corners[$last - 1], $corners[$last]) ?? $corners[1],
            $plumb === null => $corners[min(1, $last)],
            in_array($edge, [EdgeKind::Headwall, EdgeKind::Sidewall], true) => $corners[$plumb],
            default => $corners[$plumb + 1],
        };
        $corners = array_map(static fn (Point $p): Point => new Point($p->u - $origin->u, $p->v - $origin->v), $corners);
        $strips = [];
        $at = 0.0;
        $add = static function (Point $from, Point $to, ?int $leg) use (&$strips, &$at, $isTwoSided): void {
            $wide = $from->distanceTo($to);
            $strips[] = new FlatStrip($at, $at + $wide, $from, $to, $leg, $isTwoSided && $from->u + $to->u > 0.0 ? 1 : 0);
            $at += $wide;
        };
        if ($shape->low !== null) {
            $add(self::along($corners[0], $corners[1], $shape->low->length), $corners[0], null);
        }
        foreach (array_keys($sketch->lengths) as $leg) {
            $add($corners[$leg], $corners[$leg + 1], $leg);
        }
        if ($shape->high !== null) {
            $add($corners[$last], self::along($corners[$last], $corners[$last - 1], $shape->high->length), null);
        }
        $hems = $shape->low === null ? 0 : 1;

        return new self($strips, $sketch->lines($shape), $at, $plumb === null ? null : $plumb + $hems, $isTwoSided);
    }

    /** @return float the way of a first leg that lies on the roof, towards the run's line */
    private static function alongRoof(EndPlace $place): float
    {
        $normal = ($place->sides[0] ?? null)?->normal;
        if ($normal === null) {
            return 0.0;
        }
        $way = $normal->cross($place->out)->unit();
        $way = $way->dot($place->across) < 0.0 ? $way->times(-1.0) : $way;

        return atan2($way->dot($place->up), $way->dot($place->across));
    }

    /**
     * @param  non-empty-list<Point>  $corners
     * @return non-empty-list<Point> turned so that a leg goes a way
     */
    private static function turned(array $corners, int $leg, float $way): array
    {
        [$from, $to] = [$corners[$leg], $corners[$leg + 1] ?? $corners[$leg]];
        $turn = $way - atan2($to->v - $from->v, $to->u - $from->u);

        return array_map(static fn (Point $p): Point => new Point($p->u * cos($turn) - $p->v * sin($turn), $p->u * sin($turn) + $p->v * cos($turn)), $corners);
    }

    private static function along(Point $from, Point $to, float $far): Point
    {
        $part = $far / max(1e-9, $from->distanceTo($to));

        return new Point($from->u + $part * ($to->u - $from->u), $from->v + $part * ($to->v - $from->v));
    }

    /** Where two lines meet; null of parallel ones. */
    private static function meet(Point $a, Point $b, Point $c, Point $d): ?Point
    {
        [$u, $v, $w, $z] = [$b->u - $a->u, $b->v - $a->v, $d->u - $c->u, $d->v - $c->v];
        $cross = $u * $z - $v * $w;
        if (abs($cross) < 1e-6) {
            return null;
        }
        $part = (($c->u - $a->u) * $z - ($c->v - $a->v) * $w) / $cross;

        return new Point($a->u + $part * $u, $a->v + $part * $v);
    }
}
