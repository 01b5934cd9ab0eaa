<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Ground\Geometry\Polygon;

/** Loops cut into upright slabs in which none of their corners lies, so that what is inside is convex. */
final readonly class Slabs
{
    /** Corners nearer (in) than this stand on one upright. */
    private const NEAR = 1e-7;

    /** @var list<array{float, float, float, float}> u, v of a side's left end, u, v of its right one; upright ones apart */
    private array $sides;

    /** @var list<float> u of every corner */
    public array $corners;

    /** @param  list<Polygon>  $loops  outlines and their holes */
    public function __construct(array $loops)
    {
        $sides = $corners = [];
        foreach ($loops as $loop) {
            foreach ($loop->corners as $i => $from) {
                $to = $loop->corner($i + 1);
                $corners[] = $from->u;
                if (abs($from->u - $to->u) > self::NEAR) {
                    $sides[] = $from->u < $to->u ? [$from->u, $from->v, $to->u, $to->v] : [$to->u, $to->v, $from->u, $from->v];
                }
            }
        }
        [$this->sides, $this->corners] = [$sides, $corners];
    }

    /**
     * @param  list<float>  $at  more uprights to cut at
     * @return list<Shape> from the left
     */
    public function cut(array $at = []): array
    {
        $at = [...$this->corners, ...$at];
        sort($at);
        $shapes = [];
        $left = $at[0] ?? 0.0;
        foreach ($at as $right) {
            if ($right - $left > self::NEAR) {
                array_push($shapes, ...$this->between($left, $right));
                $left = $right;
            }
        }

        return $shapes;
    }

    /** @return list<Shape> from the lowest */
    private function between(float $left, float $right): array
    {
        $middle = ($left + $right) / 2.0;
        $cross = [];
        foreach ($this->sides as [$u, $v, $toU, $toV]) {
            if ($u < $middle && $toU > $middle) {
                $rise = ($toV - $v) / ($toU - $u);
                $cross[] = [$v + $rise * ($middle - $u), $v + $rise * ($left - $u), $v + $rise * ($right - $u)];
            }
        }
        sort($cross);
        $shapes = [];
        for ($i = 0, $n = count($cross) - 1; $i < $n; $i += 2) {
            $shape = Shape::of([$left, $cross[$i][1], $right, $cross[$i][2], $right, $cross[$i + 1][2], $left, $cross[$i + 1][1]]);
            if ($shape !== null) {
                $shapes[] = $shape;
            }
        }

        return $shapes;
    }
}
