<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Exports\PanelRange;
use App\Exports\Pdf;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutGroup;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Mark;
use Imbrex\Core\Cutting\MarkRun;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\Rounding;
use Imbrex\Core\Units\TapePrinter;

/** Mark-out cards, back view, two to a page; panels cut alike share one. */
final readonly class CardSheets
{
    /** Half a page has room for so many lines of this size; more are set closer, and closer still. */
    private const LINES = ['' => 8, 'dense' => 11, 'denser' => PHP_INT_MAX];

    public function __construct(private Pdf $pdf, private Words $words)
    {
    }

    public function pdf(Plan $plan, int $revision): string
    {
        $tape = Wire::tape($plan)->inInches();
        $drawing = new CardDrawing($this->words, $tape);
        $cards = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            foreach (CutGroup::gather($plan->of(CuttingStage::class)->panelsOf($face->id)) as $group) {
                $panel = $group->panels[0];
                $card = CutCardMaker::of($plan)->card($face, $panel);
                $runs = MarkRun::of($card);
                $cards[] = [
                    'title' => PanelRange::inWords(array_map(static fn (Panel $p): string => $p->id, $group->panels)),
                    'count' => count($group->panels),
                    'face' => $face->name,
                    'drawing' => 'data:image/svg+xml;base64,'.base64_encode($drawing->svg($card)),
                    'length' => $tape->print($card->length),
                    'order' => $tape->print($card->orderLength),
                    'corrected' => $panel->corrections !== [],
                    'notes' => $this->notes($plan, $face, $panel, $tape),
                    'rip' => $panel->rip === null ? null : $tape->print($panel->rip),
                    'runs' => array_map(fn (MarkRun $run): array => [
                        'heading' => $this->words->say("mark.line.$run->heading"),
                        'marks' => array_map(fn (Mark $m): array => [
                            'name' => $this->words->say("mark.$m->name", ['x' => $m->x === null ? '' : $tape->print($m->x)]),
                            'kind' => $m->kind->value,
                            'at' => $tape->print($m->distance),
                        ], $run->marks),
                    ], $runs),
                    'set' => $this->set(array_sum(array_map(static fn (MarkRun $run): int => count($run->marks) + 1, $runs))),
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

    private function set(int $lines): string
    {
        foreach (self::LINES as $how => $most) {
            if ($lines <= $most) {
                return $how;
            }
        }

        return '';
    }

    /** @return list<string> what goes with a card: its hem, the sheet it shares */
    private function notes(Plan $plan, Face $face, Panel $panel, TapePrinter $tape): array
    {
        $notes = [];
        foreach (CutCardMaker::of($plan)->hems($face, $panel) as $hem) {
            $notes[] = $this->words->say($hem['quick'] ? 'cuts.hem-quick' : 'cuts.hem-square', array_map($tape->print(...), ['wanted' => $hem['wanted'], 'hem' => $hem['hem'], 'along' => $hem['along']]));
        }
        $pair = $plan->of(CuttingStage::class)->pairing->of($panel->id);
        if ($pair !== null) {
            $notes[] = $this->words->say($pair->lower === $panel->id ? 'pair.lower' : 'pair.upper', [
                'other' => $pair->partner($panel->id), 'length' => $tape->print($pair->orderLength, Rounding::Up), 'at' => $tape->print($pair->upperAt), 'saved' => $tape->print($pair->saved), 'turned' => $pair->turned ? 'yes' : 'no',
            ]);
        }

        return $notes;
    }
}
