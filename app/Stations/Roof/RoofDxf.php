<?php

declare(strict_types=1);

namespace App\Stations\Roof;

use App\Exports\DxfWriter;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;

/** The roof plan as a drawing: a closed polyline a face, edges as lines on layers by kind, names with pitches. */
final readonly class RoofDxf
{
    private const TEXT_HEIGHT = 8.0;

    public function write(Plan $plan): string
    {
        $drawing = new DxfWriter;
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $region = $face->plan();
            foreach ($region?->loops() ?? [] as $number => $loop) {
                $drawing->outline($number === 0 ? 'FACE' : 'HOLE', $loop->corners);
            }
            if ($region !== null) {
                $pitch = rtrim(rtrim(sprintf('%.4f', $face->pitch->riseIn12), '0'), '.');
                $drawing->words('NAME', $region->outline->insidePoint(), self::TEXT_HEIGHT, "$face->name $pitch:12");
            }
        }
        foreach ($plan->of(RoofStage::class)->roof->edges as $edge) {
            $drawing->line(strtoupper($edge->kind->value), $edge->from, $edge->to);
        }

        return $drawing->text();
    }
}
