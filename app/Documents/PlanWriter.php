<?php

declare(strict_types=1);

namespace App\Documents;

use App\Words\Words;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\Mark;
use Imbrex\Core\Cutting\MarkLine;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Plan;
use Imbrex\Core\Planner;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Units\Division;
use Imbrex\Core\Units\TapePrinter;

/** Puts a plan into the wire shape of contracts/plan.schema.json. Lengths are inches, unrounded. */
final readonly class PlanWriter
{
    public function __construct(private Words $words, private Planner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function whole(Plan $plan): array
    {
        $seams = [];
        foreach ($plan->layouts as $layout) {
            array_push($seams, ...array_map(static fn (float $u): array => ['face' => $layout->face, 'u' => $u], $layout->seams));
        }

        $cards = $this->planner->cardMaker($plan);

        return [
            'format' => 'imbrex-plan/1',
            'name' => $plan->job->name,
            'faces' => array_map($this->face(...), $plan->roof->faces),
            'edges' => array_map($this->edge(...), $plan->roof->edges),
            'layouts' => array_values(array_map($this->layout(...), $plan->layouts)),
            'panels' => array_map(fn (Panel $panel): array => [
                ...$this->panel($panel),
                'marks' => $this->marks($plan->face($panel->face) === null ? null : $cards->card($plan->face($panel->face), $panel)),
            ], $plan->panels),
            'seams' => $seams,
            'order' => $this->order($plan->order),
            'findings' => $this->findings($plan, $plan->findings),
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

    /** @return array<string, mixed> */
    public function layout(FaceLayout $layout): array
    {
        return [
            'face' => $layout->face,
            'school' => $layout->choice->school->value,
            'pinned' => $layout->choice->pinned,
            'nudge' => $layout->choice->nudge,
            'left' => $layout->span->left,
            'right' => $layout->span->right,
            'control' => $layout->control,
            'panels' => count($layout->strips),
            'fullPanels' => $layout->fullPanels(),
            'leftRip' => $layout->leftRip,
            'rightRip' => $layout->rightRip,
            'narrowestAllowed' => $layout->narrowestAllowed,
            'tooNarrow' => $layout->isTooNarrow(),
        ];
    }

    /** @return array<string, mixed> */
    public function panel(Panel $panel): array
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
