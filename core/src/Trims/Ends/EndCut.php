<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Internal\Ends\EndStrips;
use Imbrex\Core\Trims\Internal\Ends\StripEnd;

/** The end of a trim on its flat: u from the end of the stick inwards, v across from the edge of the low hem; inches. */
final readonly class EndCut
{
    /** Less (in) is one place. */
    private const SAME = 1e-6;

    /**
     * @param  float  $reach  how far the stick reaches beyond the point its run is measured to, inches
     * @param  list<Point>  $outline  from the low edge to the high one; what lies before it is cut away
     * @param  list<EndLine>  $lines  to cut, bend and notch by
     * @param  list<array{float, float}>  $bends  bend lines of the trim itself: how far across, and where they begin
     * @param  bool  $isLeft  whether it lies to the left, as one looks at the colour with the low edge down
     * @param  non-empty-list<StripEnd>  $strips  from the low edge to the high one
     */
    private function __construct(public EndKind $kind, public float $reach, public float $girth, public array $outline, public array $lines, public array $bends, public bool $isLeft, private array $strips)
    {
    }

    /**
     * @param  non-empty-list<StripEnd>  $strips  from the low edge to the high one
     * @param  list<float>  $bends  bend lines of the trim, inches across
     * @param  list<array{MarkKind, array{float, float}, array{float, float}}>  $more  lines: across and beyond the point
     */
    public static function of(EndKind $kind, array $strips, array $bends, array $more, bool $isLeft): self
    {
        $reach = max(array_map(static fn (StripEnd $strip): float => $strip->reach(), $strips));
        $lines = array_map(static fn (array $line): EndLine => new EndLine($line[0], self::place($line[1], $reach), self::place($line[2], $reach)), $more);
        foreach ($strips as $strip) {
            if ($strip->outFrom !== null && $strip->isBent) {
                $lines[] = new EndLine(MarkKind::Bend, self::place([$strip->low, $strip->from], $reach), self::place([$strip->high, $strip->to], $reach));
            }
        }
        [$outline, $slits] = self::withoutSlits(array_map(static fn (array $p): Point => self::place($p, $reach), array_merge(...array_map(static fn (StripEnd $strip): array => $strip->outline(), $strips))));

        return new self(
            kind: $kind,
            reach: $reach,
            girth: $strips[count($strips) - 1]->high,
            outline: $outline,
            lines: [...$lines, ...$slits],
            bends: self::begun($strips, $bends, $reach),
            isLeft: $isLeft,
            strips: $strips,
        );
    }

    /**
     * How far a line of the flat lies straight on beyond the point its run is measured to, tabs folded away, inches.
     *
     * @param  float  $across  inches from the edge of the low hem
     */
    public function straightTo(float $across): float
    {
        return $this->stripAt($across)->straightTo($across);
    }

    /**
     * What is folded there: how far a line of the flat goes on past its fold, inches; 0 where nothing is.
     *
     * @param  float  $across  inches from the edge of the low hem
     */
    public function foldedBy(float $across): float
    {
        return $this->stripAt($across)->foldedBy($across);
    }

    private function stripAt(float $across): StripEnd
    {
        foreach ($this->strips as $strip) {
            if ($across >= $strip->low && $across <= $strip->high) {
                return $strip;
            }
        }

        return $this->strips[0];
    }

    /** What is cut away of a stick that is square, square inches. */
    public function cutAway(): float
    {
        $area = 0.0;
        foreach (array_slice($this->outline, 1) as $i => $to) {
            $area += ($this->outline[$i]->u + $to->u) / 2.0 * ($to->v - $this->outline[$i]->v);
        }

        return $area;
    }

    /** How far in from the end its deepest mark lies, inches. */
    public function depth(): float
    {
        return max([0.0, ...array_map(static fn (EndMark $mark): float => $mark->distance, $this->marks())]);
    }

    /** @return list<EndMark> from the low edge to the high one, nearest the end first */
    public function marks(): array
    {
        $marks = [];
        $add = static function (MarkKind $kind, Point $p) use (&$marks): void {
            if ($p->u > self::SAME) {
                $marks[sprintf('%.4f %.4f', $p->v, $p->u)] ??= new EndMark($kind, $p->v, $p->u);
            }
        };
        // A corner of a cut that a bend begins in is the bend's mark too: it is told as what is done last.
        foreach ($this->lines as $line) {
            $add($line->kind, $line->from);
            $add($line->kind, $line->to);
        }
        foreach ($this->outline as $p) {
            $add(MarkKind::Cut, $p);
        }
        $across = array_map(static fn (EndMark $mark): float => $mark->across, $marks);
        foreach ($marks === [] ? [] : $this->outline as $p) {
            // Where a cut begins at the end itself, unless another mark on that line tells it.
            if ($p->u <= self::SAME && $p->v > self::SAME && $p->v < $this->girth - self::SAME && array_filter($across, static fn (float $at): bool => abs($at - $p->v) < self::SAME) === []) {
                $marks[] = new EndMark(MarkKind::Cut, $p->v, 0.0);
            }
        }
        $marks = array_values($marks);
        usort($marks, static fn (EndMark $a, EndMark $b): int => [$a->across, $a->distance] <=> [$b->across, $b->distance]);

        return $marks;
    }

    /** @return list<float> angles its cuts and bends lie at from square, degrees; each once, the sides of tabs apart */
    public function degrees(): array
    {
        $degrees = [];
        $pairs = array_map(static fn (EndLine $line): array => [$line->from, $line->to], $this->lines);
        foreach (array_slice($this->outline, 1) as $i => $to) {
            $pairs[] = [$this->outline[$i], $to];
        }
        foreach ($pairs as [$from, $to]) {
            [$along, $across] = [abs($to->u - $from->u), abs($to->v - $from->v)];
            if ($along > self::SAME && $across > EndStrips::TAPER + self::SAME) {
                $degrees[sprintf('%.1f', rad2deg(atan2($along, $across)))] = rad2deg(atan2($along, $across));
            }
        }

        return array_values($degrees);
    }

    /** Whether there is nothing to mark: it is square as it comes. */
    public function isSquare(): bool
    {
        return $this->marks() === [];
    }

    /** What ends that are cut alike have in common. */
    public function looks(): string
    {
        $point = static fn (Point $p): string => sprintf('%.3f,%.3f', $p->u, $p->v);

        return implode(' ', [
            $this->kind->value, $this->isLeft ? 'left' : 'right', ...array_map($point, $this->outline),
            ...array_map(static fn (EndLine $line): string => $line->kind->value.$point($line->from).$point($line->to), $this->lines),
        ]);
    }

    /** @param  array{float, float}  $p  across the flat and beyond the point */
    private static function place(array $p, float $reach): Point
    {
        return new Point($reach - $p[1], $p[0]);
    }

    /**
     * Two tabs side by side are parted by a cut that takes nothing away.
     *
     * @param  list<Point>  $outline
     * @return array{list<Point>, list<EndLine>}
     */
    private static function withoutSlits(array $outline): array
    {
        $kept = $slits = [];
        foreach ($outline as $p) {
            while (($count = count($kept)) > 0) {
                $last = $kept[$count - 1];
                $before = $kept[$count - 2] ?? null;
                if ($last->distanceTo($p) < self::SAME) {
                    continue 2;
                }
                if ($before === null || abs($before->v - $last->v) > self::SAME || abs($last->v - $p->v) > self::SAME) {
                    break;
                }
                if (($before->u - $last->u) * ($p->u - $last->u) > 0.0) {
                    // In and out again on one line: as deep as the shorter way is nothing but a cut.
                    $mouth = $before->u > $p->u ? $before : $p;
                    $slits[] = new EndLine(MarkKind::Cut, $mouth, $last);
                }
                // Straight on, or back: the corner between says nothing.
                array_pop($kept);
            }
            $kept[] = $p;
        }

        return [self::withoutFlatCorners($kept), $slits];
    }

    /**
     * @param  list<Point>  $outline
     * @return list<Point> without those that lie on the straight line between their neighbours
     */
    private static function withoutFlatCorners(array $outline): array
    {
        $kept = [];
        foreach ($outline as $i => $p) {
            [$before, $after] = [$kept[count($kept) - 1] ?? null, $outline[$i + 1] ?? null];
            if ($before === null || $after === null || abs(($p->u - $before->u) * ($after->v - $before->v) - ($after->u - $before->u) * ($p->v - $before->v)) > self::SAME) {
                $kept[] = $p;
            }
        }

        return $kept;
    }

    /**
     * @param  list<StripEnd>  $strips
     * @param  list<float>  $bends
     * @return list<array{float, float}>
     */
    private static function begun(array $strips, array $bends, float $reach): array
    {
        $begun = [];
        foreach ($bends as $bend) {
            $ends = [];
            foreach ($strips as $strip) {
                if (abs($strip->high - $bend) < self::SAME) {
                    $ends[] = $strip->to;
                }
                if (abs($strip->low - $bend) < self::SAME) {
                    $ends[] = $strip->from;
                }
            }
            $begun[] = [$bend, $reach - ($ends === [] ? $reach : min($ends))];
        }

        return $begun;
    }
}
