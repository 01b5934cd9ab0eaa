<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Ground\Catalogue\Colour;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * @phpstan-import-type FaceLayoutShape from LayoutWriter
 * @phpstan-import-type PlanGroupShape from LayoutWriter
 * @phpstan-import-type PlanLayoutShape from LayoutWriter
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type LayoutTileShape array{state: StateShape, open: int, faces: int}
 * @phpstan-type WholeLayoutShape array{
 *     layouts: list<PlanLayoutShape>,
 *     groups: list<PlanGroupShape>,
 *     seams: list<array{face: string, u: float}>,
 * }
 */
final class LayoutStation extends Station
{
    public function __construct(
        private readonly LayoutWriter $writer,
        private readonly LayoutSlice $slice,
        private readonly AllMarksSlice $marks,
        private readonly SpaceSlice $space,
        private readonly LayoutChanges $changes,
        private readonly LayoutSheet $sheet,
    ) {
    }

    public function key(): string
    {
        return 'layout';
    }

    public function stage(): string
    {
        return 'layout';
    }

    public function read(Reading $reading): LayoutInput
    {
        return (new LayoutReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return $this->changes->between($before, $after);
    }

    public function families(): array
    {
        $starts = array_column(StartKind::cases(), 'value');

        return [
            'start.' => [...$starts, ...array_map(static fn (string $start): string => "$start.why", $starts), 'one-end.left', 'one-end.right', 'valley-point.pan', 'valley-point.seam'],
            'start.valley-point.' => ['pan', 'seam'],
            'score.' => array_map(static fn (string $part): string => $part === 'squareFeet' ? 'metal' : $part, array_keys(get_class_vars(Score::class))),
            'system.family.' => ['concealed', 'exposed'],
            'colour.' => ['none', ...array_column(Colour::cases(), 'value')],
            'hand.' => array_column(Hand::cases(), 'value'),
            'family.' => array_column(Family::cases(), 'value'),
            'layout.starter.' => ['left', 'right'],
            'marks.' => ['left', 'right'],
        ];
    }

    /** @return LayoutTileShape */
    public function tile(Plan $plan): array
    {
        $faces = count($plan->of(RoofStage::class)->roof->faces);

        return [...Wire::state($plan, $this->stage(), $faces > 0), 'faces' => $faces];
    }

    public function slices(): array
    {
        return ['layout' => $this->slice->of(...), 'marks' => $this->marks->of(...), 'space' => fn (Plan $plan, ?string $pick): array => $this->space->of($plan)];
    }

    public function dearSlices(): array
    {
        // It compares the ways to start.
        return ['layout'];
    }

    public function has(Plan $plan, string $pick): bool
    {
        return $plan->of(RoofStage::class)->roof->face($pick) !== null;
    }

    /** @return WholeLayoutShape */
    public function whole(Plan $plan): array
    {
        $layout = $plan->of(LayoutStage::class);
        $seams = array_map(static fn (FaceLayout $face): array => array_map(static fn (float $u): array => ['face' => $face->face, 'u' => $u], $face->seams), array_values($layout->layouts));

        return [
            'layouts' => array_values(array_map(fn (FaceLayout $face): array => [...$this->asPublished($this->writer->layout($face)), ...$this->writer->found($plan, $face->face)], $layout->layouts)),
            'groups' => array_map(fn (GroupLayout $group): array => $this->writer->group($plan, $group), $layout->groups),
            'seams' => array_merge(...$seams),
        ];
    }

    /**
     * The first format of plans calls the way to start `school`; whoever reads plans goes by that.
     *
     * @param  FaceLayoutShape  $layout
     * @return array{face: string, school: FaceLayoutShape['start'], pinned: bool, nudge: float, left: float, right: float, control: float, panels: int, fullPanels: int, leftRip: float|null, rightRip: float|null, narrowestAllowed: float, tooNarrow: bool}
     */
    private function asPublished(array $layout): array
    {
        ['face' => $face, 'start' => $school] = $layout;
        unset($layout['face'], $layout['start']);

        return ['face' => $face, 'school' => $school, ...$layout];
    }

    public function files(): array
    {
        return [new StationFile('layout.pdf', 'application/pdf', $this->sheet->pdf(...), isDear: true)];
    }
}
