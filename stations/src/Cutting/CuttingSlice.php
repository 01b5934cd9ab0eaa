<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutKind;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\DrawnEnds;
use Imbrex\Core\Cutting\HowToTake;
use Imbrex\Core\Cutting\MarkRun;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\SideLength;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\RoofLog\PanelsCut;
use Imbrex\Stations\Wire;

/** What Cuts shows: every piece in the order of laying; and by itself, for the next one is asked for all day long, the card of one. */
final readonly class CuttingSlice
{
    public function __construct(private PairingWriter $pairing, private ChalkWriter $chalk, private CardNotes $notes, private PieceLineWriter $lines, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  a panel; the first where null or unknown
     * @return array<string, mixed>
     */
    public function piece(Plan $plan, ?string $pick): array
    {
        $panel = $plan->of(CuttingStage::class)->panel((string) $pick) ?? $plan->of(CuttingStage::class)->panels[0] ?? null;
        $face = $panel === null ? null : $plan->of(RoofStage::class)->roof->face($panel->face);

        return ['card' => $panel === null || $face === null ? null : $this->card($plan, $face, $panel)];
    }

    /** @return array<string, mixed> */
    public function list(Plan $plan): array
    {
        $profile = $plan->job->covering->profile;
        $maker = CutCardMaker::of($plan);

        return [
            'faces' => array_map(static fn (Face $f): array => ['id' => $f->id, 'name' => $f->name], $plan->of(RoofStage::class)->roof->faces),
            'concealed' => $profile->family->isConcealed(),
            'blanksLieFlat' => $profile->legReturns !== null,
            'panels' => array_map(fn (Panel $p): array => $this->line($plan, $maker, $p), $plan->of(CuttingStage::class)->inOrderOfLaying()),
            'pairing' => $this->pairing->pairing($plan),
            'saving' => $this->pairing->saving($plan),
            'corrections' => array_map(static fn (Correction $c): array => self::correction($plan, $c), $plan->job->part(CuttingInput::class)->corrections),
            'astray' => $this->lines->astray($plan),
            'findings' => $this->wire->findings($plan, [...$plan->findingsOf('cutting'), ...PanelsCut::findings($plan)]),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Plan $plan, CutCardMaker $maker, Panel $p): array
    {
        $face = $plan->of(RoofStage::class)->roof->face($p->face);
        $partner = $plan->of(CuttingStage::class)->pairing->of($p->id)?->partner($p->id);
        $lengths = $face === null ? null : $maker->lengths($face, $p);
        $cut = $plan->circumstances->part(PiecesCut::class)->panels;

        return [
            'id' => $p->id, 'name' => $plan->of(CuttingStage::class)->name($p->id), 'face' => $p->face, 'position' => $p->strip->position, 'laid' => $p->strip->laid,
            'rip' => $p->rip, 'long' => $lengths?->long() ?? $p->long, 'short' => $lengths?->differ() === true ? $lengths->short() : null,
            'blank' => ['long' => $p->long, 'short' => $p->short], 'orderLength' => $p->orderLength,
            'done' => isset($cut[$p->id]), 'told' => isset($cut[$p->id]) ? $cut[$p->id]->facts : [], 'corrected' => $plan->of(CuttingStage::class)->isCorrected($p), 'kind' => CutKind::of($p)->value,
            'pairedWith' => $partner,
            'pairedName' => $partner === null ? null : $plan->of(CuttingStage::class)->name($partner),
        ];
    }

    /** @return array<string, mixed> both views, and what goes with the piece */
    private function card(Plan $plan, Face $face, Panel $panel): array
    {
        $maker = CutCardMaker::of($plan);
        $card = $maker->card($face, $panel);
        $pair = $plan->of(CuttingStage::class)->pairing->of($panel->id);

        return [
            'how' => HowToTake::of($panel, $card)->value,
            'back' => self::cardView($card),
            'face' => self::cardView($card->flipped()),
            'pair' => $pair === null ? null : $this->pairing->pair($pair),
            'edges' => $this->lines->lines($plan, $face, $panel, $card->fromHead),
            'corrections' => array_map(static fn (Correction $c): array => self::correction($plan, $c), $panel->corrections),
            'chalk' => array_values(array_filter($this->chalk->chalk($plan, [$face]), fn (array $line): bool => in_array($line['edge'], CutCardMaker::angledEdges($plan, $face, $panel), true))),
            'notes' => $this->notes->ofEnds($plan, $face, $panel),
            'places' => $this->notes->places($plan, $face, $panel),
            'sheet' => $this->notes->ofSheet($plan, $panel),
        ];
    }

    /** @return array<string, mixed> */
    private static function mark(Mark $m, CutCard $card): array
    {
        return ['name' => $m->name, 'kind' => $m->kind->value, 'line' => $m->line->value, 'distance' => $m->distance, 'x' => $m->x, 'from' => $m->from?->value, 'across' => $m->across($card->width)];
    }

    /** @return array{from: float, to: float, inside: bool} */
    private static function side(SideLength $side): array
    {
        return (array) $side;
    }

    /** @return array<string, mixed> */
    private static function correction(Plan $plan, Correction $c): array
    {
        return ['id' => $c->id, 'face' => $c->face, 'edge' => $c->edge, 'trial' => $c->trial, 'trialName' => $plan->of(CuttingStage::class)->name($c->trial), 'side' => $c->longSide ? 'long' : 'short', 'uphill' => $c->uphill];
    }

    /** @return array<string, mixed> */
    public static function cardView(CutCard $card): array
    {
        return [
            'panel' => $card->panel,
            'width' => $card->width,
            'length' => $card->length,
            'orderLength' => $card->orderLength,
            'outline' => Wire::outline($card->outline),
            'holes' => array_map(Wire::outline(...), $card->holes),
            'lines' => array_map(static fn (Line $l): array => ['kind' => $l->kind->value, 'from' => [$l->from->u, $l->from->v], 'to' => [$l->to->u, $l->to->v]], $card->lines),
            'ribs' => $card->ribs,
            'marks' => array_map(static fn (Mark $mark): array => self::mark($mark, $card), $card->marks),
            'runs' => array_map(static fn (MarkRun $run): array => ['line' => $run->line->value, 'heading' => $run->heading, 'marks' => array_map(static fn (Mark $mark): array => self::mark($mark, $card), $run->marks)], MarkRun::of($card)),
            'legs' => ['left' => $card->legs->left?->value, 'right' => $card->legs->right?->value],
            'ends' => (array) DrawnEnds::of($card),
            'hookedRight' => $card->hookedRight,
            'fromHead' => $card->fromHead,
            'lengths' => $card->lengths === null ? null : [
                'left' => $card->lengths->left, 'right' => $card->lengths->right, 'long' => $card->lengths->long(), 'short' => $card->lengths->short(), 'between' => $card->lengths->between, 'differ' => $card->lengths->differ(), 'insideToOutside' => $card->lengths->isInsideToOutside(),
            ],
            'sides' => ['left' => array_map(self::side(...), $card->sides(true)), 'right' => array_map(self::side(...), $card->sides(false))],
        ];
    }
}
