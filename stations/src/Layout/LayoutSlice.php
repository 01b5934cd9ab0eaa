<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\ComparedStart;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunOut;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Survey\Squareness;
use Imbrex\Core\Survey\SurveyStage;
use Imbrex\Stations\Cutting\ChalkWriter;
use Imbrex\Stations\Roof\FaceWriter;
use Imbrex\Stations\Wire;

/**
 * What Layout shows: one face with its group, the ways to start compared; and the marks of every face for the crews.
 *
 * @phpstan-import-type ScorePart from Score
 * @phpstan-import-type CheckedLineShape from LineCheckWriter
 * @phpstan-import-type FaceLayoutShape from LayoutWriter
 * @phpstan-import-type LineTriangleShape from LineCheckWriter
 * @phpstan-import-type PlanChalkShape from ChalkWriter
 * @phpstan-import-type PlanFaceShape from FaceWriter
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanGroupShape from LayoutWriter
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanReasonShape from LayoutWriter
 * @phpstan-import-type RunningMarkShape from MarksWriter
 *
 * @phpstan-type LayoutStripShape array{id: string, left: float, right: float, rip: float|null, metal: PlanOutlineShape}
 * @phpstan-type LayoutSliceShape array{
 *     faces: list<PlanFaceShape>,
 *     profile: array{key: string, cover: float, height: float, family: string, hand: string},
 *     face: LaidFaceShape|null,
 *     system: ChosenSystemShape,
 * }
 * @phpstan-type LayoutAlternativeShape array{
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
 *     from: 'left'|'right'|null,
 *     chosen: bool,
 *     seams: list<float>,
 *     squareFeet: float,
 *     pieces: int,
 *     findings: list<PlanFindingShape>,
 *     at: float|null,
 *     as: 'seam'|'pan',
 *     place: string|null,
 *     best: bool,
 *     reasons: list<PlanReasonShape>,
 *     // All of them where it is the least, else how many more.
 *     points: int,
 *     least: bool,
 *     parts: list<ScorePartShape>,
 *     // What all faces of the group are set to, where this is one way for them all, with which as many seams meet as can; else empty.
 *     together: list<array{
 *         face: string,
 *         start: 'balanced'|'one-end'|'centre-seam'|'centre-pan'|'control-point'|'found',
 *         from: 'left'|'right'|null,
 *         at: float|null,
 *         as: 'seam'|'pan',
 *     }>,
 * }
 * @phpstan-type LaidFaceShape array{
 *     id: string,
 *     layout: FaceLayoutShape,
 *     strips: list<LayoutStripShape>,
 *     seams: list<float>,
 *     eaveMarks: list<RunningMarkShape>,
 *     headMarks: list<RunningMarkShape>,
 *     alternatives: list<LayoutAlternativeShape>,
 *     findings: list<PlanFindingShape>,
 *     group: PlanGroupShape|null,
 *     // u of a module line.
 *     module: float,
 *     choice: 'found'|'chosen'|'pinned',
 *     offset: float,
 *     score: float,
 *     reasons: list<PlanReasonShape>,
 *     chalk: list<PlanChalkShape>,
 *     runOut: array{left: float|null, right: float|null, over: float, hidden: bool, limit: float}|null,
 *     pinsCost: array{points: int, parts: list<ScorePartShape>}|null,
 *     check: CheckedLineShape|null,
 *     // The face's own eave and control line, and the largest 3-4-5 within.
 *     triangles: list<LineTriangleShape>,
 *     rakes: list<array{edge: string, side: 'left'|'right', starter: bool}>,
 *     // Of the first panel's clips from a starter.
 *     standOff: float,
 * }
 * @phpstan-type ChosenSystemShape array{
 *     profile: string,
 *     material: string,
 *     gauge: string,
 *     ridge: 'unvented'|'vented',
 *     colour: 'bare'|'white'|'sand'|'light-grey'|'grey'|'charcoal'|'black'|'red'|'brown'|'green'|'blue'|null,
 * }
 * @phpstan-type ScorePartShape array{part: 'narrow'|'keepOuts'|'unmatched'|'panels'|'metal'|'cuts'|'uneven'|'odd', points: int}
 */
final readonly class LayoutSlice
{
    /** What the survey says about squareness and closure decides how the end panels are cut. */
    private const FEEDS_LAYOUT = ['survey.out-of-square', 'survey.hidden-under-rake', 'survey.culprit'];

    public function __construct(private FaceWriter $faces, private LayoutWriter $layouts, private MarksWriter $marks, private ChalkWriter $chalk, private LineCheckWriter $lines, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  a face; the first where null or unknown
     * @return LayoutSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $face = $plan->of(RoofStage::class)->roof->face((string) $pick) ?? $plan->of(RoofStage::class)->roof->faces[0] ?? null;
        $profile = $plan->job->covering->profile;

        return [
            'faces' => array_map($this->faces->face(...), $plan->of(RoofStage::class)->roof->faces),
            'profile' => ['key' => $profile->key, 'cover' => $profile->cover, 'height' => $profile->height, 'family' => $profile->family->value, 'hand' => $profile->hand->value],
            'system' => ['profile' => $profile->key, 'material' => $plan->job->covering->material->key, 'gauge' => $plan->job->covering->gauge, 'ridge' => $plan->job->covering->ventedRidge ? 'vented' : 'unvented', 'colour' => $plan->job->covering->colour?->value],
            'face' => $face === null ? null : $this->laidFace($plan, $face),
        ];
    }

    /** @return list<array{edge: string, side: 'left'|'right', starter: bool}> */
    private function rakes(Plan $plan, Face $face): array
    {
        $finder = new SideFinder($plan->of(RoofStage::class)->roof);
        $rakes = [];
        foreach ($face->edges as $side => $kind) {
            $edge = $kind === EdgeKind::Rake ? $finder->edge($face, 0, $side) : null;
            if ($edge !== null) {
                // Counter-clockwise: a side that runs down is the left one.
                $isLeft = $face->outline->corner($side + 1)->v < $face->outline->corner($side)->v;
                $rakes[] = ['edge' => $edge->id, 'side' => $isLeft ? 'left' : 'right', 'starter' => $plan->of(BuildsStage::class)->at($face, 0, $side)->hasStarter()];
            }
        }

        usort($rakes, static fn (array $one, array $other): int => $one['side'] <=> $other['side']);

        return $rakes;
    }

    /** @return LaidFaceShape */
    private function laidFace(Plan $plan, Face $face): array
    {
        $layout = $plan->of(LayoutStage::class)->layouts[$face->id];
        $group = $plan->of(LayoutStage::class)->groupOf($face->id);
        $runOut = RunOut::of($face, $this->squareness($plan, $face->id), $plan->job->rules);

        return [
            'id' => $face->id,
            'layout' => $this->layouts->layout($layout),
            ...$this->layouts->found($plan, $face->id),
            'group' => $group === null ? null : $this->layouts->group($plan, $group),
            'module' => $group === null ? $layout->control : $group->modules[(int) $group->group->numberOf($face->id)],
            'strips' => array_map(static fn (Panel $p): array => ['id' => $p->id, 'left' => $p->strip->left, 'right' => $p->strip->right, 'rip' => $p->rip, 'metal' => Wire::outline($p->metal)], $plan->of(CuttingStage::class)->panelsOf($face->id)),
            'seams' => $layout->seams,
            ...$this->marks->marks($plan, $face),
            'pinsCost' => $group?->unpinned === null ? null : $this->pinsCost($plan, $group),
            // Panels laid sideways have one way: from the opening up.
            'alternatives' => $face->isAcross() ? [] : $this->alternatives($plan, ComparedStart::compare($plan, $face)),
            'chalk' => $this->chalk->chalk($plan, [$face]),
            'runOut' => $runOut === null ? null : ['left' => $runOut->left, 'right' => $runOut->right, 'over' => $runOut->over, 'hidden' => $runOut->hidden, 'limit' => $runOut->limit],
            'rakes' => $this->rakes($plan, $face),
            'standOff' => $plan->job->rules->number('edge.rake.standOff'),
            ...$this->lines->lines($plan, $face),
            'findings' => $this->wire->findings($plan, array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->where === $face->id && ($f->stage !== 'survey' || in_array($f->code, self::FEEDS_LAYOUT, true))))),
        ];
    }

    /** @return LaidFaceShape['pinsCost'] int, parts: list<array{part: string, points: int}>}|null what the pins of a group cost against leaving all to the search */
    private function pinsCost(Plan $plan, GroupLayout $group): ?array
    {
        $cost = $group->unpinned === null ? null : $group->score->less($group->unpinned);
        $weights = Weights::by($plan->job->rules);
        $points = $cost === null ? 0 : (int) round($cost->total($weights));

        return $cost === null || $points === 0 ? null : ['points' => $points, 'parts' => $this->parts(ComparedStart::whole($cost->points($weights)))];
    }

    /**
     * @param  array<ScorePart, int>  $points
     * @return list<ScorePartShape> string, points: int}>
     */
    private function parts(array $points): array
    {
        return array_map(static fn (string $part, int $p): array => ['part' => $part, 'points' => $p], array_keys($points), $points);
    }

    /**
     * @param  list<ComparedStart>  $ways
     * @return list<LayoutAlternativeShape>
     */
    private function alternatives(Plan $plan, array $ways): array
    {
        $best = $ways;
        usort($best, static fn (ComparedStart $a, ComparedStart $b): int => $a->total() <=> $b->total());

        return array_map(fn (ComparedStart $way): array => $this->alternative($plan, $way, $best[0]), $ways);
    }

    /** @return LayoutAlternativeShape */
    private function alternative(Plan $plan, ComparedStart $way, ComparedStart $best): array
    {
        $choice = $way->layout->choice;

        return [
            ...$this->layouts->layout($way->layout),
            ...self::start($choice),
            'together' => array_map(static fn (string $face, LayoutChoice $its): array => ['face' => $face, 'start' => $its->start->value, ...self::start($its)], array_keys($way->option->together), $way->option->together),
            'place' => $way->option->place,
            'chosen' => $way->option->chosen,
            'best' => $way->option->best,
            'seams' => $way->layout->seams,
            'squareFeet' => $way->sheets->squareFeet,
            'pieces' => count($way->sheets->sheets),
            'points' => (int) round($way->total() - $best->total()) === 0 ? (int) round($way->total()) : (int) round($way->total() - $best->total()),
            'least' => (int) round($way->total() - $best->total()) === 0,
            'parts' => $this->parts($way->tells($best)),
            'reasons' => $this->layouts->reasons($plan, $way->option->reasons),
            'findings' => $this->wire->findings($plan, $way->layout->findings),
        ];
    }

    /** @return array{from: 'left'|'right'|null, at: float|null, as: 'seam'|'pan'} string|null, at: float|null, as: string} */
    private static function start(LayoutChoice $choice): array
    {
        return ['from' => $choice->fromLeft === null ? null : ($choice->fromLeft ? 'left' : 'right'), 'at' => $choice->at, 'as' => $choice->asSeam ? 'seam' : 'pan'];
    }

    private function squareness(Plan $plan, string $face): ?Squareness
    {
        foreach ($plan->of(SurveyStage::class)->surveys as $survey) {
            if ($survey->plane->id === $face) {
                return $survey->squareness;
            }
        }

        return null;
    }
}
