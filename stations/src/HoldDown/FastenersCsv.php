<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FaceHolder;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\CsvUnits;

/** Every clip, screw and snow guard where it stands, a line each. */
final class FastenersCsv
{
    private const COLUMNS = ['face', 'kind', 'seam', 'across_in', 'up_in', 'zone', 'tributary_sqft', 'demand_lb', 'allowable_lb', 'ratio', 'plan'];

    public function write(Edition $edition): string
    {
        $plan = $edition->plan();
        $rows = [];
        $by = FaceHolder::on($plan)->fixedBy();
        foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
            $name = $plan->of(RoofStage::class)->roof->face($id)->name ?? $id;
            $load = static fn (Clip|Screw $one): array => [$one->zone->value, round($one->squareFeet, 3), $one->demand === null ? '' : round($one->demand, 1), $one->allowable, $one->ratio() === null ? '' : round($one->ratio(), 3)];
            foreach ($hold->clips as $clip) {
                $rows[] = [$name, $hold->clip->key ?? 'slot', $clip->seam, round($clip->u, 3), round($clip->v, 3), ...$load($clip), $edition->revision];
            }
            foreach ($hold->screws as $screw) {
                $rows[] = [$name, "screw {$screw->row->value}", '', round($screw->u, 3), round($screw->v, 3), ...$load($screw), $edition->revision];
            }
            foreach ($hold->fixed as $fixed) {
                foreach ($fixed->at as $point) {
                    $rows[] = [$name, "fixed {$by->value}", '', round($point->u, 3), round($point->v, 3), '', '', round($fixed->demand / count($fixed->at), 1), $fixed->allowable, round($fixed->ratio(), 3), $edition->revision];
                }
            }
            foreach ($hold->guards as $row) {
                foreach ($row->at as $point) {
                    $rows[] = [$name, 'snow guard', '', round($point->u, 3), round($point->v, 3), '', '', $row->load === null ? '' : round($row->load / count($row->at), 1), round($row->each, 1), $row->ratio() === null ? '' : round($row->ratio(), 3), $edition->revision];
                }
            }
        }

        return CsvUnits::write(self::COLUMNS, $rows, $plan->job->units);
    }
}
