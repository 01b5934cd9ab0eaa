<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Stations\Wire;

/**
 * A trim cut across for the brake, colour side up, as the screen draws it.
 *
 * @phpstan-import-type PlanPointShape from Wire
 *
 * A trim cut across as it comes from the brake, inches, y up, colour side up.
 *
 * @phpstan-type TrimSketchShape array{
 *     line: list<PlanPointShape>,
 *     hems: list<list<PlanPointShape>>,
 *     legs: list<array{at: PlanPointShape, length: float}>,
 *     bends: list<array{at: PlanPointShape, degrees: float}>,
 *     girth: float,
 *     // Bend lines of its flat, from the edge of the low hem, inches.
 *     lines: list<float>,
 * }
 */
final readonly class TrimSketchWriter
{
    /** @return TrimSketchShape */
    public function of(TrimRun $run, Plan $plan): array
    {
        $sketch = $run->sketch($plan->job->covering->profile->height);
        $at = static fn (Point $p): array => [$p->u, $p->v];
        $us = array_map(static fn (Point $p): float => $p->u, $sketch->corners);
        $off = 0.06 * max(2.0, max($us) - min($us));

        return [
            'line' => Wire::line($sketch->corners),
            'hems' => array_values(array_filter([Wire::line($sketch->low), Wire::line($sketch->high)])),
            'legs' => array_map(static fn (Point $p, float $length): array => ['at' => $at($p), 'length' => $length], $sketch->besideLegs($off), $sketch->lengths),
            'bends' => array_map(static fn (Point $p, float $degrees): array => ['at' => $at($p), 'degrees' => round($degrees, 1)], $sketch->besideBends(1.3 * $off), $sketch->degrees),
            'girth' => $run->girth,
            'lines' => $sketch->lines($run->shape),
        ];
    }
}
