<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Print\DxfWriter;

/** The roof plan as a drawing: a closed polyline a face, edges as lines on layers by kind, names with pitches, what comes through as outlines and circles. */
final readonly class RoofDxf
{
    private const TEXT_HEIGHT = 8.0;

    private const SMALL_TEXT = 2.0;

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
            foreach ($face->openings as $opening) {
                if ($face->frame !== null) {
                    $this->opening($drawing, $opening, $face->frame);
                }
            }
        }
        foreach ($plan->of(RoofStage::class)->roof->edges as $edge) {
            $drawing->line(strtoupper($edge->kind->value), $edge->from, $edge->to);
        }

        return $drawing->text();
    }

    private function opening(DxfWriter $drawing, Opening $opening, FaceFrame $frame): void
    {
        $layer = strtoupper($opening->kind->value);
        $outline = $frame->inPlan($opening->outline);
        if ($opening->kind === OpeningKind::Pipe) {
            $bounds = $opening->outline->bounds();
            // A pipe stands upright: round as seen from above.
            $drawing->circle($layer, $frame->toPlan(new Point(($bounds->left + $bounds->right) / 2.0, ($bounds->bottom + $bounds->top) / 2.0)), ($bounds->right - $bounds->left) / 2.0);
        } else {
            $drawing->outline($layer, $outline->corners);
            $drawing->words($layer, $outline->insidePoint(), self::SMALL_TEXT, $opening->name);
        }
    }
}
