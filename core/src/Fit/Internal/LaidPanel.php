<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

/** The metal of a panel as it lies on its face. */
final readonly class LaidPanel
{
    /**
     * @param  float  $left  inches across the face; `$right` the other end
     * @param  list<Shape>  $shapes  convex parts, from the left
     */
    public function __construct(public string $id, public float $left, public float $right, public array $shapes)
    {
    }

    /**
     * How far a place lies from where the metal ends on its upright, inches; less than nothing where there is none.
     *
     * @param  float  $u  beside its edges counts as at them: a rib's screws stand on either side of where sheets meet
     */
    public function along(float $u, float $v): float
    {
        $u = max($this->left + 1e-3, min($this->right - 1e-3, $u));
        $best = -INF;
        foreach ($this->shapes as $shape) {
            if ($u >= $shape->left && $u <= $shape->right) {
                $up = $shape->upAt($u);
                $best = $up === null ? $best : max($best, min($v - $up[0], $up[1] - $v));
            }
        }

        return $best;
    }

    /** Whether its metal is nowhere longer up the slope than so much, inches. */
    public function isSliver(float $long): bool
    {
        foreach ($this->shapes as $shape) {
            $middle = $shape->upAt(($shape->left + $shape->right) / 2.0);
            if ($middle !== null && $long < $middle[1] - $middle[0]) {
                return false;
            }
        }

        return true;
    }
}
