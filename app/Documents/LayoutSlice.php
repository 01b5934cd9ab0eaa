<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Cutting\WayToStart;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Layout\RunOut;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\Squareness;
use Imbrex\Core\Survey\SurveyStage;

/** What Layout shows: one face with its group, the ways to start compared; and the marks of every face for the crews. */
final readonly class LayoutSlice
{
    /** What the survey says about squareness and closure decides how the end panels are cut. */
    private const FEEDS_LAYOUT = ['survey.out-of-square', 'survey.hidden-under-rake', 'survey.culprit'];

    public function __construct(private PlanWriter $writer)
    {
    }

    /**
     * @param  string|null  $pick  a face; the first where null or unknown
     * @return array<string, mixed>
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $face = $plan->of(RoofStage::class)->roof->face((string) $pick) ?? $plan->of(RoofStage::class)->roof->faces[0] ?? null;
        $profile = $plan->job->covering->profile;

        return [
            'faces' => array_map($this->writer->face(...), $plan->of(RoofStage::class)->roof->faces),
            'profile' => ['key' => $profile->key, 'cover' => $profile->cover, 'height' => $profile->height, 'family' => $profile->family->value, 'hand' => $profile->hand->value],
            'system' => ['profile' => $profile->key, 'material' => $plan->job->covering->material->key, 'gauge' => $plan->job->covering->gauge, 'ridge' => $plan->job->covering->ventedRidge ? 'vented' : 'unvented'],
            'face' => $face === null ? null : $this->laidFace($plan, $face),
        ];
    }

    /**
     * The running marks of every face, as two crews call them out from the control line.
     *
     * @param  string|null  $from  `middle`: from the seam nearest the middle of each face instead
     * @return array<string, mixed>
     */
    public function crew(Plan $plan, ?string $from): array
    {
        $profile = $plan->job->covering->profile;
        $layouts = $from === 'middle' ? array_map(static fn (FaceLayout $l): FaceLayout => $l->fromTheMiddle(), $plan->of(LayoutStage::class)->layouts) : $plan->of(LayoutStage::class)->layouts;

        return [
            'bothWays' => $profile->family->hasEqualLegs() || ! $profile->family->isConcealed(),
            'runsRight' => $profile->hand->runsLeftToRight(),
            'checkEvery' => (int) $plan->job->rules->number('layout.checkMarkEvery'),
            'faces' => array_map(fn (Face $face): array => [
                'id' => $face->id,
                'name' => $face->name,
                'control' => $layouts[$face->id]->control - $layouts[$face->id]->span->left,
                'panels' => count($layouts[$face->id]->strips),
                ...$this->marks($plan, $face, $layouts),
            ], $plan->of(RoofStage::class)->roof->faces),
        ];
    }

    /** @return array<string, mixed> */
    private function laidFace(Plan $plan, Face $face): array
    {
        $layout = $plan->of(LayoutStage::class)->layouts[$face->id];
        $group = $plan->of(LayoutStage::class)->groupOf($face->id);
        $runOut = RunOut::of($face, $this->squareness($plan, $face->id), $plan->job->rules);

        return [
            'id' => $face->id,
            'layout' => $this->writer->layouts->layout($layout),
            ...$this->writer->layouts->found($plan, $face->id),
            'group' => $group === null ? null : $this->writer->layouts->group($plan, $group),
            'module' => $group === null ? $layout->control : $group->modules[(int) $group->group->numberOf($face->id)],
            'strips' => array_map(static fn (Panel $p): array => ['id' => $p->id, 'left' => $p->strip->left, 'right' => $p->strip->right, 'rip' => $p->rip, 'metal' => PlanWriter::outline($p->metal)], $plan->of(CuttingStage::class)->panelsOf($face->id)),
            'seams' => $layout->seams,
            ...$this->marks($plan, $face, $plan->of(LayoutStage::class)->layouts),
            'alternatives' => array_map(fn (WayToStart $a): array => $this->alternative($plan, $a), WayToStart::compare($plan, $face)),
            'chalk' => $this->writer->chalk($plan, [$face]),
            'runOut' => $runOut,
            'findings' => $this->writer->findings($plan, array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->where === $face->id && ($f->stage !== 'survey' || in_array($f->code, self::FEEDS_LAYOUT, true))))),
        ];
    }

    /** @return array<string, mixed> */
    private function alternative(Plan $plan, WayToStart $one): array
    {
        $choice = $one->layout->choice;

        return [
            ...$this->writer->layouts->layout($one->layout),
            'start' => $choice->fromLeft === null ? null : ($choice->fromLeft ? 'left' : 'right'),
            'at' => $choice->at,
            'as' => $choice->asSeam ? 'seam' : 'pan',
            'place' => $one->option->place,
            'chosen' => $one->option->chosen,
            'best' => $one->option->best,
            'seams' => $one->layout->seams,
            'squareFeet' => $one->sheets->squareFeet,
            'wasteSquareFeet' => $one->sheets->wasteSquareFeet,
            'pieces' => count($one->sheets->sheets),
            'total' => array_sum($one->points),
            'points' => $one->points,
            'counts' => (array) $one->option->score,
            'reasons' => $this->writer->layouts->reasons($plan, $one->option->reasons),
            'findings' => $this->writer->findings($plan, $one->layout->findings),
        ];
    }

    /**
     * @param  array<string, FaceLayout>  $layouts  by face
     * @return array<string, mixed>
     */
    private function marks(Plan $plan, Face $face, array $layouts): array
    {
        $layout = $layouts[$face->id];
        $marks = new RunningMarks($plan->job->rules);
        $names = array_column($plan->of(RoofStage::class)->roof->faces, 'name', 'id');
        $wire = static fn (RunningMark $m): array => [
            'distance' => $m->distance, 'kind' => $m->kind->value, 'check' => $m->check,
            'across' => $m->across === null ? null : $names[$m->across], 'theirs' => $m->theirs, 'miss' => $m->miss, 'meets' => $m->meets(),
        ];

        return [
            'eaveMarks' => array_map($wire, $marks->alongEave($face, $layout)),
            'headMarks' => array_map($wire, $marks->alongHead($face, $layout, $plan->of(LayoutStage::class)->groupOf($face->id)?->group->tiesOf($face->id) ?? [], $layouts)),
        ];
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
