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
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\Rounding;
use Imbrex\Core\Units\TapePrinter;

/** Mark-out cards, back view, two to a page; panels cut alike share one. */
final readonly class CardSheets
{
    /** Half a page has room for so many lines of this size; more are set closer, and closer still. */
    private const LINES = ['' => 8, 'dense' => 11, 'denser' => PHP_INT_MAX];

    public function __construct(private Pdf $pdf, private Words $words, private CardNotes $notes)
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
                    'sheet' => $this->sheet($plan, $panel, $tape),
                    'corrected' => $panel->corrections !== [],
                    'notes' => array_values(array_filter([...array_column($this->notes->ofEnds($plan, $face, $panel), 'text'), $this->notes->ofSheet($plan, $panel)])),
                    'rip' => $panel->rip === null ? null : $tape->print($panel->rip),
                    'runs' => array_map(fn (MarkRun $run): array => [
                        'heading' => $this->words->say("mark.line.$run->heading"),
                        'marks' => array_map(fn (Mark $m): array => [
                            'name' => $this->name($m, $card->width, $tape),
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

    /** What a piece is cut from: a sheet of its own, or one it shares. */
    private function sheet(Plan $plan, Panel $panel, TapePrinter $tape): string
    {
        $pair = $plan->of(CuttingStage::class)->pairing->of($panel->id);

        return $pair === null
            ? $this->words->say('card.ordered', ['length' => $tape->print($panel->orderLength, Rounding::Up)])
            : $this->words->say('card.shared', ['other' => $pair->partner($panel->id)]);
    }

    private function name(Mark $mark, float $width, TapePrinter $tape): string
    {
        $name = $this->words->say("mark.$mark->name");
        $across = $mark->across($width);

        return $mark->from === null ? $name : $this->words->say("mark.from.{$mark->from->value}", ['mark' => $name, 'x' => $across === null ? '' : $tape->print($across)]);
    }
}
