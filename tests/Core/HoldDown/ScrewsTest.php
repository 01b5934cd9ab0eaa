<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\Internal\RowLines;
use Imbrex\Core\HoldDown\PurlinLines;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Screws through sheets: what hangs on each, on which lines they stand, what runs along hips and beside openings. */
final class ScrewsTest extends TestCase
{
    private const PSF = ['field' => 20.0, 'edge' => 40.0, 'corner' => 60.0];

    /** A sheet of 192 inches, ribs 9 apart, rows 23.5 apart: 1.469 sq ft hang on a field screw, by hand. */
    public function test_what_hangs_on_a_screw_by_hand(): void
    {
        $hold = self::held(self::gable(), ['b.S' => new HoldWish]);
        $field = self::of($hold, ScrewRow::Field);
        foreach ($field as $screw) {
            if ($screw->panel === 'b.S-5' && $screw->v > 60.0 && $screw->v < 130.0) {
                self::assertEqualsWithDelta([9.0 * 23.5 / 144.0, 9.0 * 23.5 / 144.0 * 20.0], [$screw->squareFeet, $screw->demand], 1e-6);
            }
        }
        self::assertSame(110.0, $field[0]->allowable);
        // An engineer's own test report, and the sheet that tears over the head first.
        self::assertSame(95.0, self::held(self::gable(), [], ['screw' => 120.0, 'pullOver' => 95.0])->allowable);
    }

    /** @return array<string, array{string}> */
    public static function sheets(): array
    {
        return ['ribs 9' => ['rib-9-36'], 'ribs 12' => ['rib-12-36'], 'v-crimp' => ['v-crimp-24'], 'corrugated' => ['corrugated-7/8-32'], 'box rib' => ['box-rib-1000mm']];
    }

    #[DataProvider('sheets')]
    public function test_every_square_foot_hangs_on_one_screw(string $profile): void
    {
        foreach ([self::gable(), [BlockMaker::block('b', 0, 0, 480, 300, [6, 6, 6, 6])]] as $i => $blocks) {
            $plan = RoofJob::plan($blocks, $profile);
            $hold = $plan->of(HoldDownStage::class)->faces['b.S'];
            $metal = array_sum(array_map(static fn (Panel $panel): float => abs($panel->metal->area()) / 144.0, $plan->of(CuttingStage::class)->panelsOf('b.S')));
            $held = array_sum(array_map(static fn (Screw $screw): float => $screw->squareFeet, $hold->screws));
            // Square sheets to the inch; tips along a hip hang on what is beside them, and metal past the eave on nothing of its own.
            self::assertEqualsWithDelta(1.0, $held / $metal, $i === 0 ? 0.02 : 0.07, "$profile: $held of $metal");
        }
    }

    public function test_on_purlins_every_screw_but_a_laps_stands_on_one(): void
    {
        $lines = PurlinLines::spaced(3.0, 30.0);
        self::assertSame([3.0, 33.0, 63.0, 93.0], $lines->between(0.0, 120.0));
        self::assertSame([33.0, 63.0], $lines->between(3.0, 90.0));
        self::assertSame([33.0, null], [$lines->beside(20.0, true, 24.0), $lines->beside(20.0, true, 12.0)]);
        foreach ([$lines, PurlinLines::each([2.0, 40.0, 75.0, 120.0, 160.0, 189.0])] as $purlins) {
            $hold = self::held(self::gable(), ['b.S' => new HoldWish(purlins: $purlins)]);
            $there = array_map(static fn (float $v): string => sprintf('%.3f', $v), $purlins->between(-10.0, 250.0));
            $bearing = array_filter($hold->screws, static fn (Screw $screw): bool => $screw->row !== ScrewRow::Lap);
            self::assertNotSame([], $bearing);
            foreach ($bearing as $screw) {
                self::assertContains(sprintf('%.3f', $screw->v), $there);
            }
        }
    }

    /** One side steeper than the other: rows a foot apart from the ridge on both. */
    public function test_rows_meet_over_a_ridge(): void
    {
        $hold = RoofJob::plan([BlockMaker::block('b', 0, 0, 360, 300, [8, null, 5, null])], 'rib-9-36')->of(HoldDownStage::class)->faces;
        $from = static fn (FaceHold $one): array => array_map(static fn (float $row): float => round(max($one->rows) - $row, 4), array_reverse($one->rows));
        [$south, $north] = [$from($hold['b.S']), $from($hold['b.N'])];
        self::assertNotCount(count($south), $north);
        $shared = min(count($south), count($north)) - 1;
        self::assertSame(array_slice($south, 0, $shared), array_slice($north, 0, $shared));
        foreach ([$south, $north] as $rows) {
            foreach (array_slice($rows, 1) as $i => $row) {
                self::assertLessThanOrEqual(24.0 + 1e-6, $row - $rows[$i]);
            }
        }
        self::assertSame([2.0, 18.0, 38.0, 58.0], RowLines::fromHead(0.0, 60.0, 2.0, 20.0));
    }

    public function test_rows_follow_hips_and_stand_beside_openings(): void
    {
        $hip = RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 300, [6, 6, 6, 6])], 'rib-9-36')->of(HoldDownStage::class)->faces['b.S'];
        self::assertNotSame([], self::of($hip, ScrewRow::Extra), 'along the hips');
        $hole = Polygon::rectangle(150.0, 60.0, 198.0, 120.0);
        $open = RoofJob::plan(self::gable(), 'rib-9-36', openings: [Opening::outlined('o', 'b.S', OpeningKind::Curb, 'Curb', $hole)])->of(HoldDownStage::class)->faces['b.S'];
        $extra = self::of($open, ScrewRow::Extra);
        $beside = array_filter($extra, static fn (Screw $screw): bool => $screw->v > 62.0 && $screw->v < 118.0);
        self::assertNotSame([], array_filter($beside, static fn (Screw $screw): bool => $screw->u < 150.0));
        self::assertNotSame([], array_filter($beside, static fn (Screw $screw): bool => $screw->u > 198.0));
        self::assertNotSame([], array_filter($extra, static fn (Screw $screw): bool => $screw->v < 60.0), 'below it, too');
        foreach ($open->screws as $screw) {
            self::assertFalse($screw->u > 150.0 && $screw->u < 198.0 && $screw->v > 60.0 && $screw->v < 120.0, 'nothing in it');
        }
    }

    /** Round an opening on purlins nothing stands between them. */
    public function test_beside_an_opening_on_purlins_screws_stand_on_purlins(): void
    {
        $hole = Polygon::rectangle(150.0, 60.0, 198.0, 120.0);
        $plan = RoofJob::plan(self::gable(), 'rib-9-36', openings: [Opening::outlined('o', 'b.S', OpeningKind::Curb, 'Curb', $hole)]);
        $hold = Plan::for($plan->job->with(new HoldDownInput(faces: ['b.S' => new HoldWish(purlins: PurlinLines::spaced(3.0, 30.0))])))->of(HoldDownStage::class)->faces['b.S'];
        foreach (self::of($hold, ScrewRow::Extra) as $screw) {
            $isOnLine = abs(fmod($screw->v - 3.0 + 300.0, 30.0)) < 1e-6 || abs(fmod($screw->v - 3.0 + 300.0, 30.0) - 30.0) < 1e-6;
            // Where no purlin is in reach of an end, its row stands 2 in from it, on what frames the opening.
            self::assertTrue($isOnLine || min(abs($screw->v - $hole->bounds()->bottom), abs($screw->v - $hole->bounds()->top)) < 12.0, "$screw->u $screw->v");
        }
    }

    public function test_no_sheet_has_two_screws_in_one_place_and_counts_are_what_is_ordered(): void
    {
        foreach (RandomRoof::several(16) as $random) {
            $plan = $random->plan();
            if ($plan->job->covering->profile->family->isConcealed()) {
                continue;
            }
            $result = $plan->of(HoldDownStage::class);
            $all = array_merge(...array_values(array_map(static fn (FaceHold $hold): array => $hold->screws, $result->faces)));
            $places = array_map(static fn (Screw $screw): string => sprintf('%s %.2f %.2f', $screw->face, $screw->u, $screw->v), $all);
            self::assertCount(count($all), array_unique($places));
            self::assertSame(count($all), (int) array_sum(array_map(static fn (Supply $one): float => in_array($one->item->name, ['washered', 'stitch'], true) ? $one->amount : 0.0, $result->supplies)));
        }
    }

    /** @return list<\Imbrex\Core\Roof\Block> faces of 192 up the slope, 360 wide */
    private static function gable(): array
    {
        return [BlockMaker::block('b', 0, 0, 360, 2 * 192 / sqrt(1.25), [6, null, 6, null])];
    }

    /**
     * @param  list<\Imbrex\Core\Roof\Block>  $blocks
     * @param  array<string, HoldWish>  $faces
     * @param  array<string, float>  $allowables
     */
    private static function held(array $blocks, array $faces, array $allowables = []): FaceHold
    {
        $plan = RoofJob::plan($blocks, 'rib-9-36');

        return Plan::for($plan->job->with(new HoldDownInput(pressures: self::PSF, faces: $faces, allowables: $allowables)))->of(HoldDownStage::class)->faces['b.S'];
    }

    /** @return list<Screw> */
    private static function of(FaceHold $hold, ScrewRow $row): array
    {
        return array_values(array_filter($hold->screws, static fn (Screw $screw): bool => $screw->row === $row));
    }
}
