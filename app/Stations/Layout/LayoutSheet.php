<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use App\Exports\Pdf;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\SeamRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\TapePrinter;

/** The layout as it goes up: each face drawn, and its running marks to either side of the control line. */
final readonly class LayoutSheet
{
    public function __construct(private Pdf $pdf, private Words $words, private MarksWriter $marks)
    {
    }

    public function pdf(Plan $plan, int $revision): string
    {
        return $this->pdf->print('print.layout', ['faces' => $this->faces($plan), 'plan' => $plan, 'revision' => $revision, 'words' => $this->words]);
    }

    /** @return list<array<string, mixed>> what the sheet shows of every face */
    public function faces(Plan $plan): array
    {
        $drawing = new FaceDrawing;
        $tape = Wire::tape($plan);

        return array_map(fn (Face $face): array => [
            'name' => $face->name,
            'drawing' => 'data:image/svg+xml;base64,'.base64_encode($drawing->svg($plan, $face)),
            'panels' => count($plan->of(LayoutStage::class)->layouts[$face->id]->strips),
            'control' => $tape->print($plan->of(LayoutStage::class)->layouts[$face->id]->control - $plan->of(LayoutStage::class)->layouts[$face->id]->span->left),
            'marks' => $this->rows($plan, $face, $tape),
        ], $plan->of(RoofStage::class)->roof->faces);
    }

    /** @return list<array{side: string, at: string, check: bool, eave: bool, ridge: bool, meets: string}> nearest to the control line first */
    private function rows(Plan $plan, Face $face, TapePrinter $tape): array
    {
        return array_map(fn (SeamRow $row): array => [
            'side' => $row->distance < 0.0 ? 'left' : 'right', 'at' => $tape->print(abs($row->distance)), 'check' => $row->check,
            'eave' => $row->eave, 'ridge' => $row->head !== null, 'meets' => $row->head === null ? '' : $this->meets($row->head, $plan, $tape),
        ], $this->marks->rows($plan, $face, $plan->of(LayoutStage::class)->layouts));
    }

    private function meets(RunningMark $mark, Plan $plan, TapePrinter $tape): string
    {
        return match (true) {
            $mark->across === null || $mark->theirs === null => '',
            $mark->meets() => ($plan->of(RoofStage::class)->roof->face($mark->across)->name ?? $mark->across).' '.$tape->print(abs($mark->theirs)),
            default => $this->words->say('marks.off').' '.$tape->print((float) $mark->miss),
        };
    }
}
