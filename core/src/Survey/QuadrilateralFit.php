<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Rules\RuleSet;

/**
 * The four-sided plane that fits an over-determined set of readings best: least squares, each reading weighed by
 * its source's tolerance (Gauss-Newton with a small damping).
 */
final readonly class QuadrilateralFit
{
    private const STEPS = 25;

    private const DAMPING = 1e-6;

    /** Inches by which each unknown is moved to feel the slope, and below which a step no longer matters. */
    private const PROBE = 1e-5;

    private const SETTLED = 1e-9;

    /** A corner no diagonal reaches is taken as square; one that is measured is free to lean this much (in). */
    private const LEAN_UNMEASURED = 0.125;

    private const LEAN_MEASURED = 48.0;

    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  list<Reading>  $readings  lengths only
     * @param  Quadrilateral  $start  a rectangle near the truth
     */
    public function fit(array $readings, Quadrilateral $start): Quadrilateral
    {
        $weights = array_map(fn (Reading $r): float => 1.0 / max(1e-3, $r->source->tolerance($r->value, $this->rules)), $readings);
        $leans = [$this->lean($readings, Quantity::DiagonalRight), $this->lean($readings, Quantity::DiagonalLeft)];
        $p = [$start->eave, $start->right->u, $start->right->v, $start->left->u, $start->left->v];
        for ($step = 0; $step < self::STEPS; $step++) {
            $residuals = $this->residuals($p, $readings, $weights, $leans);
            $jacobian = [];
            foreach (array_keys($p) as $k) {
                $q = $p;
                $q[$k] += self::PROBE;
                $ahead = $this->residuals(array_values($q), $readings, $weights, $leans);
                $jacobian[$k] = array_map(static fn (float $a, float $b): float => ($a - $b) / self::PROBE, $ahead, $residuals);
            }
            $change = $this->solve($jacobian, $residuals);
            $p = array_map(static fn (float $value, float $delta): float => $value - $delta, $p, $change);
            if (max(0.0, ...array_map(abs(...), $change)) < self::SETTLED) {
                break;
            }
        }

        return $this->shape($p);
    }

    /**
     * The reading whose removal lets the others close best: the likeliest to be wrong.
     *
     * @param  list<Reading>  $readings
     */
    public function culprit(array $readings, Quadrilateral $start): ?Reading
    {
        $best = null;
        $least = INF;
        foreach ($readings as $i => $reading) {
            $others = $readings;
            unset($others[$i]);
            $others = array_values($others);
            $shape = $this->fit($others, $start);
            $sum = 0.0;
            foreach ($others as $other) {
                $sum += (($shape->length($other->quantity, $other->at) - $other->value) / $other->source->tolerance($other->value, $this->rules)) ** 2;
            }
            if ($sum < $least) {
                [$least, $best] = [$sum, $reading];
            }
        }

        return $best;
    }

    /** @param  list<float>  $p */
    private function shape(array $p): Quadrilateral
    {
        return new Quadrilateral($p[0], new Point($p[1], $p[2]), new Point($p[3], $p[4]));
    }

    /** @param  list<Reading>  $readings */
    private function lean(array $readings, Quantity $diagonal): float
    {
        foreach ($readings as $reading) {
            if ($reading->quantity === $diagonal) {
                return 1.0 / self::LEAN_MEASURED;
            }
        }

        return 1.0 / self::LEAN_UNMEASURED;
    }

    /**
     * @param  list<float>  $p
     * @param  list<Reading>  $readings
     * @param  list<float>  $weights
     * @param  array{float, float}  $leans
     * @return list<float>
     */
    private function residuals(array $p, array $readings, array $weights, array $leans): array
    {
        $shape = $this->shape($p);
        $residuals = [];
        foreach ($readings as $i => $reading) {
            $residuals[] = ($shape->length($reading->quantity, $reading->at) - $reading->value) * $weights[$i];
        }
        $residuals[] = ($shape->right->u - $shape->eave) * $leans[0];
        $residuals[] = $shape->left->u * $leans[1];

        return $residuals;
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
            for ($j = 0; $j < $n; $j++) {
                $rows[$i][$j] = $this->dot($jacobian[$i], $jacobian[$j]) + ($i === $j ? self::DAMPING : 0.0);
            }
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
        return array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }
}
