<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/**
 * A closed outline in face coordinates (inches), its corners counter-clockwise. Its sides may carry numbers that tell
 * where they come from; whatever is moved or cut out of it keeps them.
 */
final readonly class Polygon
{
    /** Number of a side that was made by cutting. */
    public const CUT = -1;

    /** Number of the short side between two that run in one line and were moved by different distances. */
    public const STEP = -2;

    /**
     * @param  list<Point>  $corners at least three
     * @param  list<int>  $tags  number of side i, from corner i to the next; none where they all come from cutting
     */
    private function __construct(public array $corners, public array $tags = [])
    {
    }

    /**
     * @param  list<Point>  $corners  as drawn
     *
     * @throws NotAPolygon fewer than three corners, no area, or clockwise
     */
    public static function of(array $corners): self
    {
        $polygon = new self($corners);
        if (count($corners) < 3) {
            throw NotAPolygon::tooFewCorners(count($corners));
        }
        if (abs($polygon->area()) < Tolerance::AREA) {
            throw NotAPolygon::noArea();
        }
        if ($polygon->area() < 0) {
            throw NotAPolygon::clockwise();
        }

        return $polygon;
    }

    /**
     * For results of the geometry itself, which are already known to be sound.
     *
     * @param  list<Point>  $corners
     * @param  list<int>  $tags
     */
    public static function sound(array $corners, array $tags = []): self
    {
        return new self($corners, $tags);
    }

    /**
     * Kept as bare numbers: a large plan has a hundred thousand corners.
     *
     * @return array{list<float>, list<int>}
     */
    public function __serialize(): array
    {
        $flat = [];
        foreach ($this->corners as $corner) {
            array_push($flat, $corner->u, $corner->v);
        }

        return [$flat, $this->tags];
    }

    /** @param  array{list<float>, list<int>}  $kept */
    public function __unserialize(array $kept): void
    {
        [$flat, $this->tags] = $kept;
        $corners = [];
        for ($i = 0, $n = count($flat); $i < $n; $i += 2) {
            $corners[] = new Point($flat[$i], $flat[$i + 1]);
        }
        $this->corners = $corners;
    }

    /** The same outline with its sides numbered from `$first` on. */
    public function tagged(int $first = 0): self
    {
        return new self($this->corners, range($first, $first + count($this->corners) - 1));
    }

    public function tag(int $side): int
    {
        return $this->tags[$side % count($this->corners)] ?? self::CUT;
    }

    /**
     * The same sides between other corners.
     *
     * @param  list<Point>  $corners  as many
     */
    public function withCorners(array $corners): self
    {
        return new self($corners, $this->tags);
    }

    public static function rectangle(float $left, float $bottom, float $right, float $top): self
    {
        return new self([new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top)]);
    }

    /** Inches from a corner to the next. */
    public function sideLength(int $side): float
    {
        return $this->corner($side)->distanceTo($this->corner($side + 1));
    }

    /** Square inches; negative for a clockwise outline. */
    public function area(): float
    {
        $twice = 0.0;
        $previous = $this->corners[count($this->corners) - 1] ?? null;
        foreach ($this->corners as $corner) {
            if ($previous !== null) {
                $twice += $previous->u * $corner->v - $corner->u * $previous->v;
            }
            $previous = $corner;
        }

        return $twice / 2.0;
    }

    public function bounds(): Bounds
    {
        $left = $bottom = INF;
        $right = $top = -INF;
        foreach ($this->corners as $corner) {
            $left = $corner->u < $left ? $corner->u : $left;
            $right = $corner->u > $right ? $corner->u : $right;
            $bottom = $corner->v < $bottom ? $corner->v : $bottom;
            $top = $corner->v > $top ? $corner->v : $top;
        }

        return $this->corners === [] ? new Bounds(0.0, 0.0, 0.0, 0.0) : new Bounds($left, $bottom, $right, $top);
    }

    /** The least u of its corners. */
    public function left(): float
    {
        return min(INF, ...array_column($this->corners, 'u'));
    }

    public function right(): float
    {
        return max(-INF, ...array_column($this->corners, 'u'));
    }

    /** The same outline seen from behind: u turned round, still counter-clockwise. */
    public function mirrored(): self
    {
        return $this->reversed(static fn (Point $p): Point => $p->mirrored());
    }

    /** The same outline with u and v changed over, still running the same way round. */
    public function transposed(): self
    {
        return $this->reversed(static fn (Point $p): Point => new Point($p->v, $p->u));
    }

    /** The same outline run round the other way: a hole where it was an outline. */
    public function turned(): self
    {
        return $this->reversed(static fn (Point $p): Point => $p);
    }

    /** @param  callable(Point): Point  $change */
    private function reversed(callable $change): self
    {
        $tags = array_reverse($this->tags);
        // The side that ran into the first corner now runs out of the last one.
        if ($tags !== []) {
            $tags[] = array_shift($tags);
        }

        return new self(array_reverse(array_map($change, $this->corners)), $tags);
    }

    public function moved(float $du, float $dv): self
    {
        return new self(array_map(static fn (Point $p): Point => new Point($p->u + $du, $p->v + $dv), $this->corners), $this->tags);
    }

    /** The first pair of sides that cross or touch where they should not, or null for a simple outline. */
    public function crossing(): ?SideCrossing
    {
        return SideCrossing::of($this);
    }

    /** Whether a point lies inside, whichever way round the corners run. */
    public function contains(Point $point): bool
    {
        $inside = false;
        $previous = $this->corner(count($this->corners) - 1);
        foreach ($this->corners as $corner) {
            if (($corner->v > $point->v) !== ($previous->v > $point->v)
                && $point->u < $corner->u + ($point->v - $corner->v) / ($previous->v - $corner->v) * ($previous->u - $corner->u)) {
                $inside = ! $inside;
            }
            $previous = $corner;
        }

        return $inside;
    }

    /** Whether it turns the same way at every corner, to a thousandth of an inch. */
    public function isConvex(): bool
    {
        $n = count($this->corners);
        for ($i = 0; $i < $n; $i++) {
            [$a, $b, $c] = [$this->corner($i), $this->corner($i + 1), $this->corner($i + 2)];
            $cross = ($b->u - $a->u) * ($c->v - $b->v) - ($b->v - $a->v) * ($c->u - $b->u);
            if ($cross / max(Tolerance::LENGTH, $a->distanceTo($c)) < -Tolerance::SAME_CUT) {
                return false;
            }
        }

        return true;
    }

    /** Some point well inside. */
    public function insidePoint(): Point
    {
        return (new Region($this))->insidePoint();
    }

    /** @return list<float> u where the outline crosses a level that no corner lies on, from the left */
    public function crossingsAt(float $v): array
    {
        $crossings = [];
        $previous = $this->corner(count($this->corners) - 1);
        foreach ($this->corners as $corner) {
            if (($corner->v > $v) !== ($previous->v > $v)) {
                $crossings[] = $corner->u + ($v - $corner->v) / ($previous->v - $corner->v) * ($previous->u - $corner->u);
            }
            $previous = $corner;
        }
        sort($crossings);

        return $crossings;
    }

    /**
     * Without the corners that lie on the straight line between their neighbours, and without spikes that have no area.
     * A corner between two sides of different numbers stays.
     */
    public function withoutFlatCorners(): self
    {
        [$kept, $tags] = [$this->corners, $this->tags];
        for ($i = 0; $i < count($kept) && count($kept) > 3;) {
            $n = count($kept);
            $before = ($i + $n - 1) % $n;
            if ($this->isFlat($kept[$before], $kept[$i], $kept[($i + 1) % $n], $tags === [] || $tags[$before] === $tags[$i])) {
                if ($tags !== []) {
                    $longer = $kept[$before]->distanceTo($kept[$i]) > $kept[$i]->distanceTo($kept[($i + 1) % $n]) ? $tags[$before] : $tags[$i];
                    $tags[$before] = $longer;
                    array_splice($tags, $i, 1);
                }
                array_splice($kept, $i, 1);
                $i = max(0, $i - 1);
            } else {
                $i++;
            }
        }

        return new self($kept, $tags);
    }

    /** Whether the nearer of two neighbours lies on the line from a corner to the farther one. */
    private function isFlat(Point $before, Point $corner, Point $after, bool $sameSide): bool
    {
        [$near, $far] = $corner->distanceTo($before) < $corner->distanceTo($after) ? [$before, $after] : [$after, $before];
        $nearest = $corner->distanceTo($near);
        $off = ($far->u - $corner->u) * ($near->v - $corner->v) - ($far->v - $corner->v) * ($near->u - $corner->u);
        $inLine = abs($off) / max($corner->distanceTo($far), Tolerance::LENGTH) < Tolerance::ON_LINE * 4.0;
        $isSpike = ($far->u - $corner->u) * ($near->u - $corner->u) + ($far->v - $corner->v) * ($near->v - $corner->v) > 0.0;

        return $inLine && ($sameSide || $isSpike || $nearest < Tolerance::ON_LINE);
    }

    public function corner(int $index): Point
    {
        return $this->corners[$index % count($this->corners)];
    }
}
