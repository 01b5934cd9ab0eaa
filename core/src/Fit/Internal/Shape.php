<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

/**
 * A convex outline in face coordinates, counter-clockwise, inches: what judges take away from each other, by arithmetic of their own. Kept as bare numbers,
 * u and v by turns: a roof has tens of thousands.
 */
final readonly class Shape
{
    /** Less (in) lies on a line. */
    private const NEAR = 1e-6;

    /** What is thinner (square in) is nothing. */
    private const NOTHING = 1e-5;

    public float $left;

    public float $right;

    public float $bottom;

    public float $top;

    /** @param  non-empty-list<float>  $at  u, v of corner after corner */
    private function __construct(public array $at)
    {
        $left = $bottom = INF;
        $right = $top = -INF;
        for ($i = 0, $n = count($at); $i < $n; $i += 2) {
            $left = $at[$i] < $left ? $at[$i] : $left;
            $right = $at[$i] > $right ? $at[$i] : $right;
            $bottom = $at[$i + 1] < $bottom ? $at[$i + 1] : $bottom;
            $top = $at[$i + 1] > $top ? $at[$i + 1] : $top;
        }
        [$this->left, $this->right, $this->bottom, $this->top] = [$left, $right, $bottom, $top];
    }

    /**
     * @param  list<float>  $at  of a convex outline, either way round
     * @return self|null null of what has no area
     */
    public static function of(array $at): ?self
    {
        $area = self::twice($at) / 2.0;
        if (abs($area) < self::NOTHING || $at === []) {
            return null;
        }
        if ($area < 0.0) {
            $turned = [];
            for ($i = count($at) - 2; $i >= 0; $i -= 2) {
                array_push($turned, $at[$i], $at[$i + 1]);
            }
            $at = $turned === [] ? $at : $turned;
        }

        return new self($at);
    }

    /** @return list<array{float, float}> u, v */
    public function corners(): array
    {
        $corners = [];
        for ($i = 0, $n = count($this->at); $i < $n; $i += 2) {
            $corners[] = [$this->at[$i], $this->at[$i + 1]];
        }

        return $corners;
    }

    public function area(): float
    {
        return self::twice($this->at) / 2.0;
    }

    /** @return array{float, float}|null from where to where an upright runs over it, inches; null where it does not */
    public function upAt(float $u): ?array
    {
        $low = INF;
        $high = -INF;
        for ($i = 0, $n = count($this->at); $i < $n; $i += 2) {
            $j = $i + 2 === $n ? 0 : $i + 2;
            [$a, $b] = [$this->at[$i], $this->at[$j]];
            if (($a <= $u && $b >= $u) || ($b <= $u && $a >= $u)) {
                foreach (abs($b - $a) < self::NEAR ? [$this->at[$i + 1], $this->at[$j + 1]] : [$this->at[$i + 1] + ($u - $a) / ($b - $a) * ($this->at[$j + 1] - $this->at[$i + 1])] as $v) {
                    $low = min($low, $v);
                    $high = max($high, $v);
                }
            }
        }

        return $low <= $high ? [$low, $high] : null;
    }

    /** How far (in) a place lies within its sides; less than nothing outside. */
    public function within(float $u, float $v): float
    {
        $in = INF;
        for ($i = 0, $n = count($this->at); $i < $n; $i += 2) {
            $j = $i + 2 === $n ? 0 : $i + 2;
            [$du, $dv] = [$this->at[$j] - $this->at[$i], $this->at[$j + 1] - $this->at[$i + 1]];
            $long = max(1e-12, sqrt($du * $du + $dv * $dv));
            $in = min($in, ($du * ($v - $this->at[$i + 1]) - $dv * ($u - $this->at[$i])) / $long);
        }

        return $in;
    }

    public function meets(self $other, float $near = 0.0): bool
    {
        return $this->left < $other->right + $near && $other->left < $this->right + $near && $this->bottom < $other->top + $near && $other->bottom < $this->top + $near;
    }

    /** @return list<self> what another leaves of it */
    public function without(self $cover): array
    {
        if (! $this->meets($cover)) {
            return [$this];
        }
        $left = [];
        $rest = $this->at;
        for ($i = 0, $n = count($cover->at); $i < $n; $i += 2) {
            $j = $i + 2 === $n ? 0 : $i + 2;
            [$out, $rest] = self::split($rest, $cover->at[$i], $cover->at[$i + 1], $cover->at[$j], $cover->at[$j + 1]);
            if ($rest === []) {
                // Beyond one side of it: they do not meet at all.
                return [$this];
            }
            $part = $out === [] ? null : self::of($out);
            if ($part !== null) {
                $left[] = $part;
            }
        }

        return $left;
    }

    /**
     * @param  list<float>  $at
     * @return array{list<float>, list<float>} what lies to the right of a line, and what to the left
     */
    private static function split(array $at, float $u, float $v, float $toU, float $toV): array
    {
        [$du, $dv] = [$toU - $u, $toV - $v];
        $long = sqrt($du * $du + $dv * $dv);
        if ($long < self::NEAR) {
            return [[], $at];
        }
        $off = [];
        $isIn = $isOut = false;
        for ($i = 0, $n = count($at); $i < $n; $i += 2) {
            $off[$i] = $d = ($du * ($at[$i + 1] - $v) - $dv * ($at[$i] - $u)) / $long;
            $isIn = $isIn || $d > self::NEAR;
            $isOut = $isOut || $d < -self::NEAR;
        }
        if (! $isOut || ! $isIn) {
            return $isOut ? [$at, []] : [[], $at];
        }
        $in = $out = [];
        for ($i = 0; $i < $n; $i += 2) {
            $j = $i + 2 === $n ? 0 : $i + 2;
            [$a, $b] = [$off[$i], $off[$j]];
            if ($a >= -self::NEAR) {
                array_push($in, $at[$i], $at[$i + 1]);
            }
            if ($a <= self::NEAR) {
                array_push($out, $at[$i], $at[$i + 1]);
            }
            if (($a > self::NEAR && $b < -self::NEAR) || ($a < -self::NEAR && $b > self::NEAR)) {
                $share = $a / ($a - $b);
                [$crossU, $crossV] = [$at[$i] + $share * ($at[$j] - $at[$i]), $at[$i + 1] + $share * ($at[$j + 1] - $at[$i + 1])];
                array_push($in, $crossU, $crossV);
                array_push($out, $crossU, $crossV);
            }
        }

        return [$out, $in];
    }

    /** @param  list<float>  $at */
    private static function twice(array $at): float
    {
        $twice = 0.0;
        for ($i = 0, $n = count($at); $i < $n; $i += 2) {
            $j = $i + 2 === $n ? 0 : $i + 2;
            $twice += $at[$i] * $at[$j + 1] - $at[$j] * $at[$i + 1];
        }

        return $twice;
    }
}
