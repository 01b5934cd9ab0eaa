<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\EaveEnd;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** What is said beside a card's marks, on the screen and on paper. */
final readonly class CardNotes
{
    public function __construct(private Words $words)
    {
    }

    /** @return list<array{severity: 'note'|'settle', text: string}> how its ends are folded */
    public function ofEnds(Plan $plan, Face $face, Panel $panel): array
    {
        $cards = CutCardMaker::of($plan);
        $tape = Wire::tape($plan)->inInches();
        $notes = [];
        foreach ($cards->hems($face, $panel) as $hem) {
            $notes[] = $this->note($hem['quick'] ? 'settle' : 'note', $hem['quick'] ? 'cuts.hem-quick' : 'cuts.hem-square', array_map($tape->print(...), ['wanted' => $hem['wanted'], 'hem' => $hem['hem'], 'along' => $hem['along']]));
        }
        $end = EaveEnd::of($plan->job->covering);
        if ($end !== EaveEnd::Tab && $cards->seamEnds($face, $panel) > 0) {
            $notes[] = $this->note('note', "cuts.eave-end.$end->value", ['radius' => $tape->print($plan->job->covering->profile->height), 'past' => $tape->print($plan->job->rules->number('cut.capPast'))]);
        }
        $jaw = $cards->jaw($face, $panel);
        if ($jaw !== null) {
            $notes[] = $this->note('note', 'cuts.jaw', ['jaw' => $tape->print($jaw)]);
        }
        $head = $cards->headFold($face, $panel);
        if ($head->turnUp !== null) {
            $notes[] = $this->note('note', 'cuts.pan-up', ['height' => $tape->print($head->turnUp), 'degrees' => $head->degrees]);
        }
        if ($head->closedAfterLaying) {
            $notes[] = $this->note('settle', 'cuts.close-after', []);
        }

        return $notes;
    }

    /** @return list<string> where notes of the crew that act on a piece are pinned */
    public function places(Plan $plan, Face $face, Panel $panel): array
    {
        return ['step:cuts', 'profile:'.$plan->job->covering->profile->key, ...array_map(static fn (EdgeKind $kind): string => "edge:$kind->value", CutCardMaker::of($plan)->edgeKinds($face, $panel))];
    }

    /** The sheet a piece shares with another: which, how long, and where the two are cut apart; null where it shares none. */
    public function ofSheet(Plan $plan, Panel $panel): ?string
    {
        $cutting = $plan->of(CuttingStage::class);
        $pair = $cutting->pairing->of($panel->id);
        $lower = $pair === null ? null : $cutting->panel($pair->lower);
        $face = $lower === null ? null : $plan->of(RoofStage::class)->roof->face($lower->face);
        if ($pair === null || $lower === null || $face === null) {
            return null;
        }
        $tape = Wire::tape($plan)->inInches();
        $card = CutCardMaker::of($plan)->card($face, $lower);

        return $this->words->say($pair->lower === $panel->id ? 'pair.lower' : 'pair.upper', [
            'other' => $cutting->name($pair->partner($panel->id)), 'length' => $tape->print($pair->orderLength, Rounding::Up), 'at' => $tape->print($pair->upperAt), 'saved' => $tape->print($pair->saved),
            'left' => $tape->print($card->headAt(true)), 'right' => $tape->print($card->headAt(false)), 'turned' => $pair->turned ? 'yes' : 'no',
        ]);
    }

    /**
     * @param  'note'|'settle'  $severity
     * @param  array<string, string|float>  $parameters
     * @return array{severity: 'note'|'settle', text: string}
     */
    private function note(string $severity, string $code, array $parameters): array
    {
        return ['severity' => $severity, 'text' => $this->words->say($code, $parameters)];
    }
}
