<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;

/** The running marks of every face, as they are called out to both sides of the control line. */
final readonly class AllMarksSlice
{
    public function __construct(private MarksWriter $marks)
    {
    }

    /**
     * @param  string|null  $from  `middle`: from the seam nearest the middle of each face instead
     * @return array<string, mixed>
     */
    public function of(Plan $plan, ?string $from): array
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
                ...$this->marks->marks($plan, $face, $layouts),
            ], $plan->of(RoofStage::class)->roof->faces),
        ];
    }
}
