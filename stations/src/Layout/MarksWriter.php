<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Layout\SeamRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;

/**
 * Puts running marks into their wire shape.
 *
 * @phpstan-type RunningMarkShape array{
 *     distance: float,
 *     kind: 'seam'|'rake'|'control',
 *     check: bool,
 *     // Name of the face over the ridge.
 *     across: string|null,
 *     theirs: float|null,
 *     miss: float|null,
 *     meets: bool,
 * }
 */
final class MarksWriter
{
    /** @return array{eaveMarks: list<RunningMarkShape>, headMarks: list<RunningMarkShape>} edge by edge, from left to right */
    public function marks(Plan $plan, Face $face): array
    {
        [$eave, $head] = $this->along($plan, $face, $plan->of(LayoutStage::class)->layouts);

        return ['eaveMarks' => array_map(fn (RunningMark $m): array => $this->mark($plan, $m), $eave), 'headMarks' => array_map(fn (RunningMark $m): array => $this->mark($plan, $m), $head)];
    }

    /**
     * @param  array<string, FaceLayout>  $layouts  by face
     * @return list<SeamRow>
     */
    public function rows(Plan $plan, Face $face, array $layouts): array
    {
        return SeamRow::of(...$this->along($plan, $face, $layouts));
    }

    /** @return RunningMarkShape */
    public function mark(Plan $plan, RunningMark $mark): array
    {
        return [
            'distance' => $mark->distance, 'kind' => $mark->kind->value, 'check' => $mark->check,
            'across' => $mark->across === null ? null : ($plan->of(RoofStage::class)->roof->face($mark->across)->name ?? $mark->across),
            'theirs' => $mark->theirs, 'miss' => $mark->miss, 'meets' => $mark->meets(),
        ];
    }

    /**
     * @param  array<string, FaceLayout>  $layouts
     * @return array{list<RunningMark>, list<RunningMark>} along the eave, along the high edge
     */
    private function along(Plan $plan, Face $face, array $layouts): array
    {
        $marks = new RunningMarks($plan->job->rules);
        $ties = $plan->of(LayoutStage::class)->groupOf($face->id)?->group->tiesOf($face->id) ?? [];

        return [$marks->alongEave($face, $layouts[$face->id]), $marks->alongHead($face, $layouts[$face->id], $ties, $layouts)];
    }
}
