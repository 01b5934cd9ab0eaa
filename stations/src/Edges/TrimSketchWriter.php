<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Stations\Wire;

/** A trim cut across for the brake, colour side up, as the screen draws it. */
final readonly class TrimSketchWriter
{
    /** @return array<string, mixed> */
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
