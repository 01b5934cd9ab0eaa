<?php

declare(strict_types=1);

namespace App\Documents;

use App\Words\Words;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CleatLine;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Mark;
use Imbrex\Core\Cutting\MarkLine;
use Imbrex\Core\Cutting\Pair;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Units\Division;
use Imbrex\Core\Units\TapePrinter;

/** Puts a plan into the wire shape of contracts/plan.schema.json. Lengths are inches, unrounded. */
final readonly class PlanWriter
{
    public function __construct(private Words $words, public LayoutWriter $layouts)
    {
    }

    /** @return array<string, mixed> */
    public function whole(Plan $plan): array
    {
        $seams = [];
        foreach ($plan->of(LayoutStage::class)->layouts as $layout) {
            array_push($seams, ...array_map(static fn (float $u): array => ['face' => $layout->face, 'u' => $u], $layout->seams));
        }

        $cards = CutCardMaker::of($plan);
        $strips = $plan->of(CuttingStage::class)->strips();

        return [
            'format' => 'imbrex-plan/1',
            'name' => $plan->job->name,
            'faces' => array_map($this->face(...), $plan->of(RoofStage::class)->roof->faces),
            'edges' => array_map($this->edge(...), $plan->of(RoofStage::class)->roof->edges),
            'layouts' => array_values(array_map(fn (FaceLayout $layout): array => [...$this->layouts->layout($layout), ...$this->layouts->found($plan, $layout->face)], $plan->of(LayoutStage::class)->layouts)),
            'groups' => array_map(fn (GroupLayout $group): array => $this->layouts->group($plan, $group), $plan->of(LayoutStage::class)->groups),
            'chalk' => $this->chalk($plan, $plan->of(RoofStage::class)->roof->faces),
            'pairing' => $this->pairing($plan),
            'panels' => array_map(fn (Panel $panel): array => [
                ...$this->panel($plan, $panel),
                'pieces' => $strips["$panel->face {$panel->strip->position}"],
                'marks' => $this->marks($plan->of(RoofStage::class)->roof->face($panel->face) === null ? null : $cards->card($plan->of(RoofStage::class)->roof->face($panel->face), $panel)),
            ], $plan->of(CuttingStage::class)->panels),
            'seams' => $seams,
            'order' => $this->order($plan->of(LoadOutStage::class)->order),
            'findings' => $this->findings($plan, $this->inOrder($plan)),
        ];
    }

    /** @return list<Finding> in the order of work; what layout and cutting found on a face stands together */
    private function inOrder(Plan $plan): array
    {
        $faces = array_flip(array_map(static fn (Face $face): string => $face->id, $plan->of(RoofStage::class)->roof->faces));
        $onFace = static fn (Finding $f): bool => $f->stage === 'layout' || $f->stage === 'cutting';
        $findings = $plan->findings();
        $together = array_values(array_filter($findings, $onFace));
        usort($together, static fn (Finding $a, Finding $b): int => $faces[$a->where] <=> $faces[$b->where]);
        $others = array_values(array_filter($findings, static fn (Finding $f): bool => ! $onFace($f)));

        return [
            ...array_filter($others, static fn (Finding $f): bool => $f->stage !== 'load-out'),
            ...$together,
            ...array_filter($others, static fn (Finding $f): bool => $f->stage === 'load-out'),
        ];
    }

    /** @return array<string, mixed> */
    public function face(Face $face): array
    {
        $plan = $face->plan();

        return [
            'id' => $face->id,
            'name' => $face->name,
            'riseIn12' => $face->pitch->riseIn12,
            'outline' => self::outline($face->outline),
            'edges' => array_map(static fn ($kind): string => $kind->value, $face->edges),
            'areaSquareFeet' => $face->areaSquareFeet(),
            'block' => $face->block,
            'slopeFactor' => $face->pitch->slopeFactor(),
            'holes' => array_map(self::outline(...), $face->holes),
            'holeEdges' => array_map(static fn (array $edges): array => array_map(static fn ($kind): string => $kind->value, $edges), $face->holeEdges),
            'planOutline' => self::outline($plan->outline ?? $face->outline),
            'planHoles' => array_map(self::outline(...), $plan->holes ?? []),
            'openings' => array_map(static fn (Opening $opening): array => [
                'id' => $opening->id, 'name' => $opening->name, 'kind' => $opening->kind->value, 'outline' => self::outline($opening->outline),
            ], $face->openings),
        ];
    }

    /** @return array<string, mixed> */
    public function edge(Edge $edge): array
    {
        return [
            'id' => $edge->id,
            'kind' => $edge->kind->value,
            'faces' => $edge->faces,
            'length' => $edge->length(),
            'plan' => [[$edge->from->u, $edge->from->v], [$edge->to->u, $edge->to->v]],
            'planAngleDegrees' => $edge->planAngleDegrees(),
            'heights' => [$edge->fromHeight, $edge->toHeight],
            'angleToRibDegrees' => (object) $edge->angleToRibDegrees,
            'dihedralDegrees' => $edge->dihedralDegrees,
            'wall' => $edge->wall,
        ];
    }

    /**
     * @param  list<Face>  $faces
     * @return list<array<string, mixed>> what is snapped for the cleats of their valleys
     */
    public function chalk(Plan $plan, array $faces): array
    {
        $lines = new CleatLines($plan->of(BuildsStage::class), new SideFinder($plan->of(RoofStage::class)->roof));

        return array_merge(...array_map(static fn (Face $face): array => array_map(static fn (CleatLine $line): array => [
            'face' => $line->face,
            'edge' => $line->edge,
            'reveal' => $line->reveal,
            'offset' => $line->offset,
            'from' => [$line->from->u, $line->from->v],
            'to' => [$line->to->u, $line->to->v],
        ], $lines->on($face)), $faces));
    }

    /** @return array<string, mixed> */
    public function pairing(Plan $plan): array
    {
        $saved = $plan->of(CuttingStage::class)->pairing->saved();

        return [
            'pairs' => array_map($this->pair(...), $plan->of(CuttingStage::class)->pairing->pairs),
            'savedInches' => $saved,
            'boundInches' => $plan->of(CuttingStage::class)->pairing->bound,
            'savedMoney' => $saved * $plan->job->rules->number('order.metalPerInch'),
        ];
    }

    /** @return array<string, mixed> */
    public function pair(Pair $pair): array
    {
        return (array) $pair;
    }

    /** @return array<string, mixed> */
    public function panel(Plan $plan, Panel $panel): array
    {
        return [
            'id' => $panel->id,
            'face' => $panel->face,
            'position' => $panel->strip->position,
            'laid' => $panel->strip->laid,
            'left' => $panel->strip->left,
            'right' => $panel->strip->right,
            'metal' => self::outline($panel->metal),
            'holes' => array_map(self::outline(...), $panel->holes),
            'blank' => self::outline($panel->blank),
            'long' => $panel->long,
            'short' => $panel->short,
            'orderLength' => $panel->orderLength,
            'rip' => $panel->rip,
            'pairedWith' => $plan->of(CuttingStage::class)->pairing->of($panel->id)?->partner($panel->id),
            'corrected' => $panel->corrections !== [],
        ];
    }

    /** @return array<string, mixed>|null pencil marks on the back, running distances from one end */
    private function marks(?CutCard $card): ?array
    {
        return $card === null ? null : [
            'view' => $card->back ? 'back' : 'face',
            'from' => $card->fromHead ? 'T' : 'B',
            'points' => array_map(static fn (Mark $mark): array => [
                'edge' => $mark->line->value,
                'x' => $mark->x ?? match ($mark->line) {
                    MarkLine::Left => 0.0,
                    MarkLine::Right => $card->width,
                    default => null,
                },
                'distance' => $mark->distance,
                'kind' => $mark->kind->value,
                'name' => $mark->name,
            ], $card->marks),
        ];
    }

    /** @return array<string, mixed> */
    public function order(\Imbrex\Core\LoadOut\Order $order): array
    {
        return [
            'lines' => array_map(static fn ($line): array => [
                'profile' => $line->profile,
                'hand' => $line->hand,
                'length' => $line->length,
                'quantity' => $line->quantity,
                'ripped' => $line->ripped,
                'panels' => $line->panels,
                'squareFeet' => $line->squareFeet,
                'pounds' => $line->pounds,
                'poundsEach' => $line->poundsEach,
                'hands' => $line->hands,
            ], $order->lines),
            'pieces' => $order->pieces,
            'coilFeet' => $order->coilFeet,
            'coilWidth' => $order->coilWidth,
            'squareFeet' => $order->squareFeet,
            'wasteSquareFeet' => $order->wasteSquareFeet,
            'pounds' => $order->pounds,
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array<string, mixed>>
     */
    public function findings(Plan $plan, array $findings): array
    {
        $tape = self::tape($plan);

        return array_map(fn (Finding $finding): array => [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'where' => $finding->where,
            'parameters' => (object) Words::parameters($finding, $tape),
            'message' => $this->words->finding($finding, $tape),
        ], $findings);
    }

    public static function tape(Plan $plan): TapePrinter
    {
        return new TapePrinter(Division::from($plan->job->rules->choice('tape.division')));
    }

    /** @return list<array{float, float}> */
    public static function outline(Polygon $polygon): array
    {
        return array_map(static fn (Point $p): array => [$p->u, $p->v], $polygon->corners);
    }
}
