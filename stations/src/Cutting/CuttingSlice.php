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

/**
 * What Cuts shows: every piece in the order of laying; and by itself, for the next one is asked for all day long, the card of one.
 *
 * @phpstan-import-type AstrayMarkShape from PieceLineWriter
 * @phpstan-import-type PieceLineShape from PieceLineWriter
 * @phpstan-import-type PlanChalkShape from ChalkWriter
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPairShape from PairingWriter
 * @phpstan-import-type PlanPairingShape from PairingWriter
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type SavingShape from PairingWriter
 *
 * @phpstan-type CardLineShape array{kind: 'cut'|'bend'|'notch', from: PlanPointShape, to: PlanPointShape}
 * @phpstan-type CardMarkShape array{
 *     name: string,
 *     kind: 'cut'|'bend'|'notch',
 *     line: 'left'|'right'|'across-foot'|'across-head'|'inner',
 *     distance: float,
 *     // From the left edge of this view, where the mark is not at an edge itself.
 *     x: float|null,
 *     // What its place across the sheet is taken from: an edge, or the inside of the leg it lies at; null at an edge.
 *     from: 'left'|'right'|'leg'|null,
 *     // Inches from that edge; null at an edge or a leg.
 *     across: float|null,
 * }
 * @phpstan-type TwoLengthsShape array{
 *     left: float,
 *     right: float,
 *     long: float,
 *     short: float,
 *     // Across the sheet from one to the other.
 *     between: float,
 *     // Whether there are two to be marked, and not one twice.
 *     differ: bool,
 *     // Whether the width between is that from the inside of one leg to the outside of the other; else it is out to out.
 *     insideToOutside: bool,
 * }
 * @phpstan-type CardViewShape array{
 *     panel: string,
 *     width: float,
 *     length: float,
 *     orderLength: float,
 *     outline: PlanOutlineShape,
 *     lines: list<CardLineShape>,
 *     ribs: list<float>,
 *     marks: list<CardMarkShape>,
 *     hookedRight: bool,
 *     // Marks along the sheet run from T.
 *     fromHead: bool,
 *     holes: list<PlanOutlineShape>,
 *     // What it is marked by along its left and its right in this view, where the tape lies; null where it is not made from two lengths.
 *     lengths: TwoLengthsShape|null,
 *     // What is measured along the left and the right of this view, from and to, up from B: the length it is marked by (inside: at the inside of its leg), or where it is not made from two lengths each stretch of metal.
 *     sides: array{
 *         left: list<array{from: float, to: float, inside: bool}>,
 *         right: list<array{from: float, to: float, inside: bool}>,
 *     },
 *     runs: list<MarkRunShape>,
 *     legs: array{
 *         // Null where it is cut away, or both legs are alike.
 *         left: 'female'|'male'|null,
 *         // Null where it is cut away, or both legs are alike.
 *         right: 'female'|'male'|null,
 *     },
 *     // Inches of each end that are drawn to scale.
 *     ends: array{foot: float, head: float, broken: bool},
 * }
 * @phpstan-type CutPanelShape array{
 *     id: string,
 *     face: string,
 *     position: int,
 *     laid: int,
 *     rip: float|null,
 *     // The longer of the two lengths it is marked by; the blank's length where it is not made from two.
 *     long: float,
 *     // The shorter of the two; null where they do not differ.
 *     short: float|null,
 *     orderLength: float,
 *     // Ids of the facts that say it is cut.
 *     told: list<string>,
 *     done: bool,
 *     corrected: bool,
 *     pairedWith: string|null,
 *     kind: 'rip'|'corrected'|'notched'|'angled'|'square',
 *     // What it is cut from, out to out.
 *     blank: array{long: float, short: float},
 *     // As it is called: by its block's name, its id where it lies on no block.
 *     name: string,
 *     pairedName: string|null,
 * }
 * @phpstan-type CutCorrectionShape array{
 *     id: string,
 *     face: string,
 *     edge: string,
 *     trial: string,
 *     side: 'long'|'short',
 *     uphill: float,
 *     trialName: string,
 * }
 * @phpstan-type CutsSliceShape array{
 *     faces: list<array{id: string, name: string}>,
 *     concealed: bool,
 *     blanksLieFlat: bool,
 *     panels: list<CutPanelShape>,
 *     findings: list<PlanFindingShape>,
 *     pairing: PlanPairingShape,
 *     corrections: list<CutCorrectionShape>,
 *     saving: SavingShape,
 *     // What was taped at no edge there is now.
 *     astray: list<AstrayMarkShape>,
 * }
 * @phpstan-type PieceCardShape array{
 *     back: CardViewShape,
 *     face: CardViewShape,
 *     pair: PlanPairShape|null,
 *     // What it is cut to at an angle.
 *     edges: list<PieceLineShape>,
 *     corrections: list<CutCorrectionShape>,
 *     chalk: list<PlanChalkShape>,
 *     how: 'square'|'rip'|'hip'|'valley'|'notched',
 *     // How its ends are folded, in words.
 *     notes: list<array{severity: 'note'|'settle', text: string}>,
 *     // The sheet it shares with another, and where the two are cut apart, in words.
 *     sheet: string|null,
 *     // Where notes of the crew that act on it are pinned.
 *     places: list<string>,
 * }
 * @phpstan-type PieceSliceShape array{card: PieceCardShape|null}
 * @phpstan-type MarkRunShape array{
 *     line: 'left'|'right'|'across-foot'|'across-head'|'inner',
 *     // Words under mark.line.<heading>.
 *     heading: string,
 *     marks: list<CardMarkShape>,
 * }
 */
final readonly class CuttingSlice
{
    public function __construct(private PairingWriter $pairing, private ChalkWriter $chalk, private CardNotes $notes, private PieceLineWriter $lines, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  a panel; the first where null or unknown
     * @return PieceSliceShape
     */
    public function piece(Plan $plan, ?string $pick): array
    {
        $panel = $plan->of(CuttingStage::class)->panel((string) $pick) ?? $plan->of(CuttingStage::class)->panels[0] ?? null;
        $face = $panel === null ? null : $plan->of(RoofStage::class)->roof->face($panel->face);

        return ['card' => $panel === null || $face === null ? null : $this->card($plan, $face, $panel)];
    }

    /** @return CutsSliceShape */
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

    /** @return CutPanelShape */
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

    /** @return PieceCardShape both views, and what goes with the piece */
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
            'chalk' => array_values(array_filter($this->chalk->chalk($plan, [$face]), fn (array $line): bool => in_array($line['edge'], CutCardMaker::of($plan)->angledEdges($plan->of(RoofStage::class)->roof, $face, $panel), true))),
            'notes' => $this->notes->ofEnds($plan, $face, $panel),
            'places' => $this->notes->places($plan, $face, $panel),
            'sheet' => $this->notes->ofSheet($plan, $panel),
        ];
    }

    /** @return CardMarkShape */
    private static function mark(Mark $m, CutCard $card): array
    {
        return ['name' => $m->name, 'kind' => $m->kind->value, 'line' => $m->line->value, 'distance' => $m->distance, 'x' => $m->x, 'from' => $m->from?->value, 'across' => $m->across($card->width)];
    }

    /** @return array{from: float, to: float, inside: bool} */
    private static function side(SideLength $side): array
    {
        return (array) $side;
    }

    /** @return CutCorrectionShape */
    private static function correction(Plan $plan, Correction $c): array
    {
        return ['id' => $c->id, 'face' => $c->face, 'edge' => $c->edge, 'trial' => $c->trial, 'trialName' => $plan->of(CuttingStage::class)->name($c->trial), 'side' => $c->longSide ? 'long' : 'short', 'uphill' => $c->uphill];
    }

    /** @return CardViewShape */
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
