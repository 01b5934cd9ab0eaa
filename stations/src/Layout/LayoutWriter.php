<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\Reason;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;
use LogicException;
use stdClass;

/**
 * Puts layouts, and what the search says of them, into their wire shape.
 *
 * @phpstan-type PlanLayoutShape array{
 *     face: string,
 *     school: 'balanced'|'one-end'|'centre-seam'|'centre-pan'|'control-point'|'found',
 *     pinned: bool,
 *     nudge: float,
 *     left: float,
 *     right: float,
 *     control: float,
 *     panels: int,
 *     fullPanels: int,
 *     leftRip: float|null,
 *     rightRip: float|null,
 *     narrowestAllowed: float,
 *     tooNarrow: bool,
 *     // Named after its first face.
 *     group?: string,
 *     choice?: 'found'|'chosen'|'pinned',
 *     // From the metal's left limit to a module line, 0 to under one cover.
 *     offset?: float,
 *     score?: float,
 *     reasons?: list<PlanReasonShape>,
 * }
 * @phpstan-type FaceLayoutShape array{
 *     face: string,
 *     start: 'balanced'|'one-end'|'centre-seam'|'centre-pan'|'control-point'|'found',
 *     pinned: bool,
 *     nudge: float,
 *     left: float,
 *     right: float,
 *     control: float,
 *     panels: int,
 *     fullPanels: int,
 *     leftRip: float|null,
 *     rightRip: float|null,
 *     narrowestAllowed: float,
 *     tooNarrow: bool,
 * }
 *
 * What speaks for or against a layout.
 * @phpstan-type PlanReasonShape array{code: string, speaksFor: bool, parameters: array<string, mixed>|stdClass, message: string}
 *
 * Points by part.
 * @phpstan-type ScorePartsShape array{
 *     narrow: float,
 *     keepOuts: float,
 *     unmatched: float,
 *     panels: float,
 *     metal: float,
 *     cuts: float,
 *     uneven: float,
 *     odd: float,
 * }
 * @phpstan-type ScoreCountsShape array{
 *     narrow: float,
 *     keepOuts: float,
 *     unmatched: float,
 *     panels: float,
 *     squareFeet: float,
 *     cuts: float,
 *     uneven: float,
 *     odd: float,
 * }
 *
 * Of a whole group of tied faces.
 * @phpstan-type PlanScoreShape array{total: float, points: ScorePartsShape, counts: ScoreCountsShape}
 *
 * Faces whose seams hang together through ridges, hips and pitch changes.
 * @phpstan-type PlanGroupShape array{
 *     id: string,
 *     faces: list<string>,
 *     ties: list<array{edge: string, faces: list<string>, seams: int, miss: float, meets: bool}>,
 *     score: PlanScoreShape,
 *     // Nothing better can be; false where the search stopped early.
 *     proven: bool,
 *     pinsCost: PlanScoreShape|null,
 *     reasons: list<PlanReasonShape>,
 * }
 */
final readonly class LayoutWriter
{
    public function __construct(private Words $words)
    {
    }

    /** @return FaceLayoutShape */
    public function layout(FaceLayout $layout): array
    {
        return [
            'face' => $layout->face,
            'start' => $layout->choice->start->value,
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

    /** @return array{group: string, choice: 'found'|'chosen'|'pinned', offset: float, score: float, reasons: list<PlanReasonShape>} how the search and the person came to a face's layout; the score is its whole group's */
    public function found(Plan $plan, string $face): array
    {
        $group = $plan->of(LayoutStage::class)->groupOf($face);
        $number = $group?->group->numberOf($face);
        $layout = $plan->of(LayoutStage::class)->layouts[$face];
        $cover = $plan->job->covering->profile->cover;
        if ($group === null || $number === null) {
            throw new LogicException("$face is laid out in no group");
        }
        $into = fmod($group->modules[$number] - $layout->span->left, $cover);

        return [
            'group' => $group->group->id(),
            'choice' => $group->decided[$number],
            'offset' => $into < 0.0 ? $into + $cover : $into,
            'score' => $group->score->total(Weights::by($plan->job->rules)),
            'reasons' => $this->reasons($plan, $group->reasons),
        ];
    }

    /** @return PlanGroupShape */
    public function group(Plan $plan, GroupLayout $group): array
    {
        $weights = Weights::by($plan->job->rules);
        $cover = $plan->job->covering->profile->cover;
        $number = static fn (string $face): int => (int) $group->group->numberOf($face);

        return [
            'id' => $group->group->id(),
            'faces' => array_map(static fn (Face $face): string => $face->id, $group->group->faces),
            'ties' => array_map(static fn (Tie $tie): array => [
                'edge' => $tie->edge,
                'faces' => [$tie->one, $tie->other],
                'seams' => $tie->seams,
                'miss' => $tie->miss($group->modules[$number($tie->one)], $group->modules[$number($tie->other)], $cover),
                'meets' => $tie->meets($group->modules[$number($tie->one)], $group->modules[$number($tie->other)], $cover),
            ], $group->group->ties),
            'score' => $this->score($group->score, $weights),
            'proven' => $group->proven,
            'pinsCost' => $group->unpinned === null ? null : $this->score($group->score->less($group->unpinned), $weights),
            'reasons' => $this->reasons($plan, $group->reasons),
        ];
    }

    /** @return PlanScoreShape */
    public function score(Score $score, Weights $weights): array
    {
        return ['total' => $score->total($weights), 'points' => $score->points($weights), 'counts' => (array) $score];
    }

    /**
     * @param  list<Reason>  $reasons
     * @return list<PlanReasonShape>
     */
    public function reasons(Plan $plan, array $reasons): array
    {
        $tape = Wire::tape($plan);

        return array_map(fn (Reason $reason): array => [
            'code' => $reason->code,
            'speaksFor' => $reason->speaksFor,
            'parameters' => (object) $this->words->printed($reason->parameters, $tape),
            'message' => $this->words->say("reason.$reason->code", $this->words->printed($reason->parameters, $tape)),
        ], $reasons);
    }
}
