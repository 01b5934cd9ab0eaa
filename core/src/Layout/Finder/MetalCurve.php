<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Layout\Span;

/**
 * How much length of sheet a face takes, by where its module lines fall: the sum over its strips of the height of
 * what lies under each sheet, legs and laps included. Between the places where a sheet's edge passes a corner of the
 * face that sum is convex and made of straight pieces, so it is worked out once and then only read off. What an
 * opening saves is left out: it is the same wherever the seams fall, but for the odd cut.
 */
final class MetalCurve
{
    /** A sheet that only touches (in) a part of the face is not drawn out to it. */
    private const TOUCH = 1e-6;

    /** Share of a stretch by which one steps in from its ends to read the pieces that meet there. */
    private const STEP = 1e-4;

    /** Straight pieces of one stretch are parted no deeper than this. */
    private const DEEPEST = 12;

    /** @var list<array{float, float, float, float}> sides as low u, its v, high u, its v */
    private array $sides = [];

    /** @var list<float> u of the corners, from the left */
    private array $corners = [];

    /** @var list<array{float, float, float}> pieces: where each begins (0 to under one cover), its value there, its slope */
    private array $pieces = [];

    /**
     * @param  list<Region>  $blank  the face with its edges moved by offset and hem
     * @param  Span  $metal  where metal begins and ends: a strip outside it is no panel
     * @param  float  $before  metal left of the module line, inches; `$after` right of the next one
     */
    public function __construct(array $blank, private readonly Span $metal, private readonly float $cover, private readonly float $before, private readonly float $after)
    {
        foreach ($blank as $region) {
            foreach ($region->outline->corners as $i => $a) {
                $b = $region->outline->corner($i + 1);
                $this->corners[] = $a->u;
                $this->sides[] = $a->u <= $b->u ? [$a->u, $a->v, $b->u, $b->v] : [$b->u, $b->v, $a->u, $a->v];
            }
        }
        sort($this->corners);
        $this->trace();
    }

    /** Inches of sheet when a module line runs through u. */
    public function at(float $u): float
    {
        $phase = $this->phase($u);
        [$low, $high] = [0, count($this->pieces) - 1];
        if ($high < 0) {
            return 0.0;
        }
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->pieces[$middle][0] <= $phase) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }
        [$from, $value, $slope] = $this->pieces[$low];
        $here = $value + ($phase - $from) * $slope;
        // Right at a seam between two pieces the shorter of both counts.
        if ($low > 0 && $phase - $from < self::TOUCH) {
            [$from, $value, $slope] = $this->pieces[$low - 1];
            $here = min($here, $value + ($phase - $from) * $slope);
        }

        return $here;
    }

    /** The least it can be, wherever the module lines fall. */
    public function least(): float
    {
        $least = INF;
        foreach ($this->pieces as $i => [$from, $value, $slope]) {
            $to = $this->pieces[$i + 1][0] ?? $this->cover;
            $least = min($least, $value, $value + ($to - $from) * $slope);
        }

        return $least === INF ? 0.0 : $least;
    }

    private function phase(float $u): float
    {
        $phase = fmod($u, $this->cover);

        return $phase < 0.0 ? $phase + $this->cover : $phase;
    }

    private function trace(): void
    {
        $breaks = [0.0, $this->cover];
        foreach ($this->corners as $u) {
            $breaks[] = $this->phase($u + $this->before);
            $breaks[] = $this->phase($u - $this->after);
        }
        // The first and last sheets come and go where the module line itself passes the end of the metal.
        array_push($breaks, $this->phase($this->metal->left), $this->phase($this->metal->right));
        sort($breaks);
        for ($i = 0; $i + 1 < count($breaks); $i++) {
            if ($breaks[$i + 1] - $breaks[$i] > self::TOUCH) {
                $step = ($breaks[$i + 1] - $breaks[$i]) * self::STEP;
                $this->part($this->line($breaks[$i], $step), $this->line($breaks[$i + 1], -$step), $breaks[$i], $breaks[$i + 1], self::DEEPEST);
            }
        }
    }

    /**
     * The straight line the sum follows just inside a place.
     *
     * @return array{float, float} value at the place, slope
     */
    private function line(float $at, float $step): array
    {
        [$near, $far] = [$this->sum($at + $step), $this->sum($at + 2.0 * $step)];
        $slope = ($far - $near) / $step;

        return [$near - $slope * $step, $slope];
    }

    /**
     * Parts a stretch where the lines from its two ends meet, until they are one.
     *
     * @param  array{float, float}  $first  line at its beginning
     * @param  array{float, float}  $last  line at its end
     */
    private function part(array $first, array $last, float $from, float $to, int $deeper): void
    {
        $apart = $last[1] - $first[1];
        $meet = abs($apart) < 1e-9 ? $from : $from + ($last[0] - $first[0] - $last[1] * ($to - $from)) / -$apart;
        if ($meet <= $from + self::TOUCH || $meet >= $to - self::TOUCH) {
            $this->pieces[] = [$from, $first[0], $first[1]];

            return;
        }
        $value = $first[0] + ($meet - $from) * $first[1];
        if ($deeper === 0 || abs($this->sum($meet) - $value) < self::TOUCH * 10.0) {
            $this->pieces[] = [$from, $first[0], $first[1]];
            $this->pieces[] = [$meet, $value, $last[1]];

            return;
        }
        $step = min($meet - $from, $to - $meet) * self::STEP;
        $this->part($first, $this->line($meet, -$step), $from, $meet, $deeper - 1);
        $this->part($this->line($meet, $step), $last, $meet, $to, $deeper - 1);
    }

    /** The sum itself, strip by strip where a sheet covers a corner; in one go between corners, where heights grow evenly. */
    private function sum(float $module): float
    {
        $done = [];
        $sum = 0.0;
        $n = count($this->corners);
        for ($i = 0; $i < $n; $i++) {
            $u = $this->corners[$i];
            $first = (int) ceil(($u - $this->cover - $this->after - $module) / $this->cover);
            $last = (int) floor(($u + $this->before - $module) / $this->cover);
            for ($k = $first; $k <= $last; $k++) {
                if (! isset($done[$k])) {
                    $done[$k] = true;
                    $sum += $this->height($module + $k * $this->cover);
                }
            }
            $next = $this->corners[$i + 1] ?? $u;
            $first = (int) floor(($u + $this->before - $module) / $this->cover) + 1;
            $last = (int) ceil(($next - $this->cover - $this->after - $module) / $this->cover) - 1;
            if ($last >= $first) {
                $sum += ($last - $first + 1) * ($this->height($module + $first * $this->cover) + $this->height($module + $last * $this->cover)) / 2.0;
            }
        }

        return $sum;
    }

    /** Height of what lies under the sheet whose left module line is at u; 0 where its strip covers nothing. */
    private function height(float $u): float
    {
        if ($u + $this->cover <= $this->metal->left + self::TOUCH || $u >= $this->metal->right - self::TOUCH) {
            return 0.0;
        }
        $left = $u - $this->before + self::TOUCH;
        $right = $u + $this->cover + $this->after - self::TOUCH;
        [$top, $bottom] = [-INF, INF];
        foreach ($this->sides as [$u1, $v1, $u2, $v2]) {
            if ($u2 < $left || $u1 > $right) {
                continue;
            }
            $slope = $u2 - $u1 > self::TOUCH ? ($v2 - $v1) / ($u2 - $u1) : 0.0;
            $a = $u1 < $left ? $v1 + ($left - $u1) * $slope : $v1;
            $b = $u2 > $right ? $v2 - ($u2 - $right) * $slope : $v2;
            $top = $a > $top ? $a : $top;
            $top = $b > $top ? $b : $top;
            $bottom = $a < $bottom ? $a : $bottom;
            $bottom = $b < $bottom ? $b : $bottom;
        }

        return $top > $bottom ? $top - $bottom : 0.0;
    }
}
