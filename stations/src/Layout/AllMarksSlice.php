<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\SeamRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;

/**
 * The running marks of every face, as they are called out to both sides of the control line.
 *
 * @phpstan-import-type RunningMarkShape from MarksWriter
 *
 * @phpstan-type MarksSliceShape array{
 *     bothWays: bool,
 *     runsRight: bool,
 *     checkEvery: int,
 *     faces: list<array{
 *         id: string,
 *         name: string,
 *         // From the left limit of the metal.
 *         control: float,
 *         panels: int,
 *         left: list<SeamRowShape>,
 *         right: list<SeamRowShape>,
 *     }>,
 * }
 * @phpstan-type SeamRowShape array{distance: float, eave: bool, check: bool, head: RunningMarkShape|null}
 */
final readonly class AllMarksSlice
{
    public function __construct(private MarksWriter $marks)
    {
    }

    /**
     * @param  string|null  $from  `middle`: from the seam nearest the middle of each face instead
     * @return MarksSliceShape
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
                ...$this->rows($plan, $this->marks->rows($plan, $face, $layouts)),
            ], $plan->of(RoofStage::class)->roof->faces),
        ];
    }

    /**
     * @param  list<SeamRow>  $rows
     * @return array{left: list<SeamRowShape>, right: list<SeamRowShape>} to either side of the line, the nearest first
     */
    private function rows(Plan $plan, array $rows): array
    {
        $wire = fn (SeamRow $row): array => [
            'distance' => abs($row->distance), 'eave' => $row->eave, 'check' => $row->check, 'head' => $row->head === null ? null : $this->marks->mark($plan, $row->head),
        ];

        return [
            'left' => array_values(array_map($wire, array_filter($rows, static fn (SeamRow $row): bool => $row->distance < 0.0))),
            'right' => array_values(array_map($wire, array_filter($rows, static fn (SeamRow $row): bool => $row->distance > 0.0))),
        ];
    }
}
