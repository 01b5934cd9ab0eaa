<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Imbrex\Core\Ground\Geometry\Point;

/**
 * A trim drawn across, as it comes from the brake: legs at their bends, hems folded back, colour side up; inches, x to the
 * right, y up, its two ends on one level.
 */
final readonly class ShapeSketch
{
    /** An open hem stands off its leg by this, a closed one by less; inches. */
    private const OPEN = 0.25;

    private const CLOSED = 0.08;

    /**
     * @param  non-empty-list<Point>  $corners  ends of the legs, from the visible low end
     * @param  list<float>  $lengths  of the legs
     * @param  list<float>  $degrees  of the bends between them
     * @param  list<bool>  $isOut  whether each is bent towards the colour side
     * @param  list<Point>  $low  the hem at the low end, from its free edge; none where there is none
     * @param  list<Point>  $high  the hem at the high end, to its free edge
     */
    private function __construct(public array $corners, public array $lengths, public array $degrees, public array $isOut, public array $low, public array $high)
    {
    }

    /**
     * @param  float  $rib  height of the panel's seam or rib, inches
     * @param  float  $pitch  of the deck square to the edge, degrees
     * @param  float  $dihedral  of the faces that meet, degrees
     */
    public static function of(TrimShape $shape, float $rib, float $pitch, float $dihedral): self
    {
        $corners = [new Point(0.0, 0.0)];
        $lengths = $degrees = $out = [];
        $way = 0.0;
        foreach ($shape->legs as $leg) {
            $last = $corners[count($corners) - 1];
            $lengths[] = $leg->length($rib);
            $corners[] = new Point($last->u + $leg->length($rib) * cos($way), $last->v + $leg->length($rib) * sin($way));
            if ($leg->bend !== null) {
                $degrees[] = $leg->bend->at($pitch, $dihedral);
                $out[] = $leg->bend->isOut;
                // The colour side is on the left: towards it is a turn to the left.
                $way += deg2rad(180.0 - $leg->bend->at($pitch, $dihedral)) * ($leg->bend->isOut ? 1.0 : -1.0);
            }
        }
        $corners = self::levelled($corners);

        return new self($corners, $lengths, $degrees, $out, self::hem($shape->low, $corners[0], $corners[1], 1.0), array_reverse(self::hem($shape->high, $corners[count($corners) - 1], $corners[count($corners) - 2], -1.0)));
    }

    /** @return list<Point> where to write how long each leg is: beside its middle, on the colour side */
    public function besideLegs(float $off): array
    {
        $beside = [];
        foreach (array_slice($this->corners, 1) as $i => $to) {
            $from = $this->corners[$i];
            $long = max(1e-9, $from->distanceTo($to));
            $beside[] = new Point(($from->u + $to->u) / 2.0 - ($to->v - $from->v) / $long * $off, ($from->v + $to->v) / 2.0 + ($to->u - $from->u) / $long * $off);
        }

        return $beside;
    }

    /** @return list<Point> where to write each bend: in its angle, or opposite it where that lies towards the colour side */
    public function besideBends(float $off): array
    {
        $beside = [];
        foreach (array_keys($this->degrees) as $i) {
            [$before, $at, $after] = [$this->corners[$i], $this->corners[$i + 1], $this->corners[$i + 2] ?? $this->corners[$i + 1]];
            [$a, $b] = [max(1e-9, $at->distanceTo($before)), max(1e-9, $at->distanceTo($after))];
            [$u, $v] = [($before->u - $at->u) / $a + ($after->u - $at->u) / $b, ($before->v - $at->v) / $a + ($after->v - $at->v) / $b];
            $long = hypot($u, $v);
            // On the back, whichever way it is bent; straight ones have their back to the right.
            $way = $long < 1e-6 ? [($at->v - $before->v) / $a, -($at->u - $before->u) / $a] : [$u / $long, $v / $long];
            $sign = $long >= 1e-6 && ($this->isOut[$i] ?? false) ? -1.0 : 1.0;
            $beside[] = new Point($at->u + $sign * $way[0] * $off, $at->v + $sign * $way[1] * $off);
        }

        return $beside;
    }

    /** Whether one of its legs runs through another. */
    public function crossesItself(): bool
    {
        for ($i = 0; $i + 1 < count($this->corners); $i++) {
            for ($j = $i + 2; $j + 1 < count($this->corners); $j++) {
                if (self::cross($this->corners[$i], $this->corners[$i + 1], $this->corners[$j], $this->corners[$j + 1])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Bend lines of its flat, inches from the edge of the low hem; hems with them.
     *
     * @return list<float>
     */
    public function lines(TrimShape $shape): array
    {
        $lines = [];
        $at = $shape->low->length ?? 0.0;
        if ($shape->low !== null) {
            $lines[] = $at;
        }
        foreach (array_slice($this->lengths, 0, -1) as $length) {
            $lines[] = $at += $length;
        }
        if ($shape->high !== null) {
            $lines[] = $at + ($this->lengths[count($this->lengths) - 1] ?? 0.0);
        }

        return $lines;
    }

    /**
     * @param  non-empty-list<Point>  $corners
     * @return non-empty-list<Point> turned so that both ends lie on one level
     */
    private static function levelled(array $corners): array
    {
        $last = $corners[count($corners) - 1];
        $way = hypot($last->u, $last->v) < 1e-9 ? 0.0 : atan2($last->v, $last->u);

        return array_map(static fn (Point $p): Point => new Point($p->u * cos($way) + $p->v * sin($way), $p->v * cos($way) - $p->u * sin($way)), $corners);
    }

    /**
     * @param  float  $side  1 where the leg begins, -1 where it ends: the back lies to the right of its way
     * @return list<Point> from its free edge to the leg's end; it is folded to the back
     */
    private static function hem(?TrimHem $hem, Point $end, Point $inner, float $side): array
    {
        if ($hem === null) {
            return [];
        }
        $long = max(1e-9, $end->distanceTo($inner));
        [$du, $dv] = [($inner->u - $end->u) / $long, ($inner->v - $end->v) / $long];
        $off = $hem->isOpen ? self::OPEN : self::CLOSED;
        [$nu, $nv] = [$dv * $side * $off, -$du * $side * $off];

        return [new Point($end->u + $du * $hem->length + $nu, $end->v + $dv * $hem->length + $nv), new Point($end->u + $nu, $end->v + $nv), $end];
    }

    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        $turn = static fn (Point $p, Point $q, Point $r): float => ($q->u - $p->u) * ($r->v - $p->v) - ($q->v - $p->v) * ($r->u - $p->u);

        return $turn($a, $b, $c) * $turn($a, $b, $d) < -1e-12 && $turn($c, $d, $a) * $turn($c, $d, $b) < -1e-12;
    }
}
