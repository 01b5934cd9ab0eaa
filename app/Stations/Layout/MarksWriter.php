<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;

/** Puts running marks into their wire shape. */
final class MarksWriter
{
    /**
     * @param  array<string, FaceLayout>  $layouts  by face
     * @return array<string, mixed>
     */
    public function marks(Plan $plan, Face $face, array $layouts): array
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
}
