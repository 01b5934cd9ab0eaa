<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\PlanWriter;
use App\Words\Words;
use Imbrex\Core\Cutting\CutGroup;
use Imbrex\Core\Cutting\Mark;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Plan;
use Imbrex\Core\Planner;

/** Mark-out cards, back view, two to a page; panels cut alike share one. */
final readonly class CardSheets
{
    public function __construct(private Pdf $pdf, private Planner $planner, private Words $words)
    {
    }

    public function pdf(Plan $plan, int $revision): string
    {
        $tape = PlanWriter::tape($plan)->inInches();
        $drawing = new CardDrawing($this->words, $tape);
        $cards = [];
        foreach ($plan->roof->faces as $face) {
            foreach (CutGroup::gather($plan->panelsOf($face->id)) as $group) {
                $panel = $group->panels[0];
                $card = $this->planner->card($plan, $face, $panel);
                $cards[] = [
                    'title' => PanelRange::inWords(array_map(static fn (Panel $p): string => $p->id, $group->panels)),
                    'count' => count($group->panels),
                    'face' => $face->name,
                    'drawing' => 'data:image/svg+xml;base64,'.base64_encode($drawing->svg($card)),
                    'length' => $tape->print($card->length),
                    'order' => $tape->print($card->orderLength),
                    'rip' => $panel->rip === null ? null : $tape->print($panel->rip),
                    'marks' => array_map(fn (Mark $m): array => [
                        'line' => $this->words->say('mark.line.'.$m->line->value.($card->fromHead && ! str_starts_with($m->line->value, 'across') ? '-from-top' : '')),
                        'name' => $this->words->say("mark.$m->name", ['x' => $m->x === null ? '' : $tape->print($m->x)]),
                        'kind' => $m->kind->value,
                        'at' => $tape->print($m->distance),
                    ], CardDrawing::listed($card)),
                ];
            }
        }

        return $this->pdf->print('print.cut-cards', [
            'pages' => array_chunk($cards, 2),
            'plan' => $plan,
            'revision' => $revision,
            'words' => $this->words,
        ]);
    }
}
