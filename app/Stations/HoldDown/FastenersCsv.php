<?php

declare(strict_types=1);

namespace App\Stations\HoldDown;

use App\Exports\Csv;
use App\Stations\Edition;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Roof\RoofStage;

/** Every clip and screw where it stands, a line each. */
final class FastenersCsv
{
    private const COLUMNS = ['face', 'kind', 'seam', 'across_in', 'up_in', 'zone', 'tributary_sqft', 'demand_lb', 'allowable_lb', 'ratio', 'plan'];

    public function write(Edition $edition): string
    {
        $plan = $edition->plan();
        $rows = [];
        foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
            $name = $plan->of(RoofStage::class)->roof->face($id)->name ?? $id;
            foreach ($hold->clips as $clip) {
                $rows[] = [$name, $hold->clip->key ?? 'slot', $clip->seam, round($clip->u, 3), round($clip->v, 3), $clip->zone->value, round($clip->squareFeet, 3), $clip->demand === null ? '' : round($clip->demand, 1), $clip->allowable, $clip->ratio() === null ? '' : round($clip->ratio(), 3), $edition->revision];
            }
            foreach ($hold->screws as $screw) {
                $rows[] = [$name, "screw {$screw->row->value}", '', round($screw->u, 3), round($screw->v, 3), '', '', '', '', '', $edition->revision];
            }
        }

        return Csv::write(self::COLUMNS, $rows);
    }
}
