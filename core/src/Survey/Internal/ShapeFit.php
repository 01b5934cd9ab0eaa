<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;

/**
 * The shape that fits an over-determined set of readings best: least squares, each reading weighed by its source's
 * tolerance (Gauss-Newton with a small damping). Where readings leave a shape free, what one sees in it is kept.
 */
final readonly class ShapeFit
{
    private const STEPS = 25;

    private const DAMPING = 1e-6;

    /** Inches by which each unknown is moved to feel the slope. */
    private const PROBE = 1e-5;

    /** A step this small (in) no longer matters; smaller ones are noise of the probe. */
    private const SETTLED = 1e-6;

    /** What is seen but not measured is held to this (in); what is measured is free to lean this much. */
    private const SEEN = 0.125;

    private const FREE = 48.0;

    /** Of more readings than a handful no more than so many are suspected. */
    private const HANDFUL = 16;

    private const SUSPECTS = 6;

    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  list<Reading>  $readings  lengths the shape has
     * @param  PlaneShape  $start  near the truth
     */
    public function fit(array $readings, PlaneShape $start): PlaneShape
    {
        $weights = array_map(fn (Reading $r): float => 1.0 / $this->tolerance($r), $readings);
        $leans = [$this->lean($readings, Quantity::DiagonalRight), $this->lean($readings, Quantity::DiagonalLeft)];
        $p = $this->unknowns($start);
        for ($step = 0; $step < self::STEPS; $step++) {
            $here = $this->residuals($this->shape($start->kind, $p), $readings, $weights, $leans);
            $jacobian = [];
            foreach (array_keys($p) as $k) {
                $q = $p;
                $q[$k] += self::PROBE;
                $ahead = $this->residuals($this->shape($start->kind, array_values($q)), $readings, $weights, $leans);
                $jacobian[$k] = array_map(static fn (float $a, float $b): float => ($a - $b) / self::PROBE, $ahead, $here);
            }
            $change = $this->solve($jacobian, $here);
            $p = array_map(static fn (float $value, float $delta): float => $value - $delta, $p, $change);
            if (max(0.0, ...array_map(abs(...), $change)) < self::SETTLED) {
                break;
            }
        }

        return $this->shape($start->kind, $p);
    }

    /**
     * The reading whose removal lets the others close best: the likeliest to be wrong.
     *
     * @param  list<Reading>  $readings
     */
    public function culprit(array $readings, PlaneShape $start): ?Reading
    {
        $best = null;
        $least = INF;
        foreach ($this->suspects($readings, $start) as $i => $reading) {
            $others = $readings;
            unset($others[$i]);
            $others = array_values($others);
            $shape = $this->fit($others, $start);
            $sum = 0.0;
            foreach ($others as $other) {
                $sum += (((float) $shape->length($other) - $other->value) / $this->tolerance($other)) ** 2;
            }
            if ($sum < $least) {
                [$least, $best] = [$sum, $reading];
            }
        }

        return $best;
    }

    /** How often a shape may be fitted to so many readings: once, and once without each that is suspected. */
    public static function fits(int $readings): int
    {
        return $readings <= self::HANDFUL ? 1 + $readings : 2 + self::SUSPECTS;
    }

    /**
     * Whom to try: all of a handful; of many those that miss the plane of all by most.
     *
     * @param  list<Reading>  $readings
     * @return array<int, Reading>
     */
    private function suspects(array $readings, PlaneShape $start): array
    {
        if (count($readings) <= self::HANDFUL) {
            return $readings;
        }
        $shape = $this->fit($readings, $start);
        $misses = array_map(fn (Reading $reading): float => abs((float) $shape->length($reading) - $reading->value) / $this->tolerance($reading), $readings);
        arsort($misses);

        return array_intersect_key($readings, array_slice($misses, 0, self::SUSPECTS, true));
    }

    private function tolerance(Reading $reading): float
    {
        return max(1e-3, $reading->tolerance($this->rules));
    }

    /** @return list<float> the eave, then u and v of every corner after it */
    private function unknowns(PlaneShape $shape): array
    {
        $p = [$shape->eave()];
        foreach (array_slice($shape->corners, 2) as $corner) {
            array_push($p, $corner->u, $corner->v);
        }

        return $p;
    }

    /** @param  list<float>  $p */
    private function shape(ShapeKind $kind, array $p): PlaneShape
    {
        $corners = [new Point(0.0, 0.0), new Point($p[0], 0.0)];
        for ($i = 1; $i + 1 < count($p); $i += 2) {
            $corners[] = new Point($p[$i], $p[$i + 1]);
        }

        return new PlaneShape($kind, $corners);
    }

    /** @param  list<Reading>  $readings */
    private function lean(array $readings, Quantity $diagonal): float
    {
        foreach ($readings as $reading) {
            if ($reading->quantity === $diagonal) {
                return 1.0 / self::FREE;
            }
        }

        return 1.0 / self::SEEN;
    }

    /**
     * @param  list<Reading>  $readings
     * @param  list<float>  $weights
     * @param  array{float, float}  $leans
     * @return list<float>
     */
    private function residuals(PlaneShape $shape, array $readings, array $weights, array $leans): array
    {
        $residuals = $this->seen($shape, $leans);
        foreach ($readings as $i => $reading) {
            $residuals[] = ((float) $shape->length($reading) - $reading->value) * $weights[$i];
        }

        return $residuals;
    }

    /**
     * How far a shape is from what one sees in it.
     *
     * @param  array{float, float}  $leans
     * @return list<float>
     */
    private function seen(PlaneShape $shape, array $leans): array
    {
        $c = $shape->corners;

        return match ($shape->kind) {
            // A corner no diagonal reaches is taken as square.
            ShapeKind::Rectangle => [($c[2]->u - $c[1]->u) * $leans[0], $c[3]->u * $leans[1]],
            ShapeKind::Trapezoid => [($c[2]->v - $c[3]->v) / self::SEEN, ($c[1]->u - $c[2]->u - $c[3]->u) / self::FREE],
            ShapeKind::Triangle => [($c[2]->u - $c[1]->u / 2.0) / self::FREE],
            ShapeKind::Parallelogram => [($c[2]->v - $c[3]->v) / self::SEEN, ($c[2]->u - $c[1]->u - $c[3]->u) / self::SEEN],
            ShapeKind::Ell => array_map(
                static fn (int $i): float => ($i % 2 === 0 ? $c[($i + 1) % 6]->v - $c[$i]->v : $c[($i + 1) % 6]->u - $c[$i]->u) / self::SEEN,
                range(1, 5),
            ),
            ShapeKind::Free => [],
        };
    }

    /**
     * The damped normal equations, by Gauss-Jordan.
     *
     * @param  array<int, list<float>>  $jacobian  a column for each unknown
     * @param  list<float>  $residuals
     * @return list<float>
     */
    private function solve(array $jacobian, array $residuals): array
    {
        $n = count($jacobian);
        $rows = [];
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $rows[$i][$j] = $rows[$j][$i] = $this->dot($jacobian[$i], $jacobian[$j]) + ($i === $j ? self::DAMPING : 0.0);
            }
        }
        for ($i = 0; $i < $n; $i++) {
            $rows[$i][$n] = $this->dot($jacobian[$i], $residuals);
        }
        // Symmetric and positive definite through the damping, so no pivot is needed.
        for ($i = 0; $i < $n; $i++) {
            for ($k = 0; $k < $n; $k++) {
                if ($k === $i) {
                    continue;
                }
                $factor = $rows[$k][$i] / $rows[$i][$i];
                for ($j = $i; $j <= $n; $j++) {
                    $rows[$k][$j] -= $factor * $rows[$i][$j];
                }
            }
        }

        return array_map(static fn (int $i): float => $rows[$i][$n] / $rows[$i][$i], range(0, $n - 1));
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $x) {
            // A reading hangs on few corners.
            $sum += $x === 0.0 ? 0.0 : $x * $b[$i];
        }

        return $sum;
    }
}
