<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Trims\Viewpoints;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** What the edges of a gable of 40 by 20 ft, 6 in 12, take besides their trims, counted by hand: eaves and ridge of 480, rakes of 134.164. */
final class EdgeSuppliesTest extends TestCase
{
    public function test_tapes_beads_and_fasteners_of_a_standing_seam_roof(): void
    {
        $taken = self::taken('snap-lock-1.5-16');
        // A tape under each offset cleat, on both sides of the ridge and on each rake's angle; rolls of 40 ft.
        self::assertEqualsWithDelta(2 * 480.0 + 2 * 480.0 + 4 * 134.16407865, $taken['tape 0.1875 0.875']->amount, 1e-6);
        self::assertSame(6, $taken['tape 0.1875 0.875']->packs());
        // An inch in each of 30 seams at either eave.
        self::assertEqualsWithDelta(2 * 30.0, $taken['sealant butyl-gun']->amount, 1e-9);
        // Up, over and down 30 seams on both sides of the ridge, 4 long each; two beads in the laps: eaves 8.25 wide, 4 each; the cap of 6 and 1/4 and what the seams take at 6 in 12, 15.25, 4; rakes 7.5, 1 each.
        self::assertEqualsWithDelta(2 * 30 * 4.0 + 2 * (2 * 4 * 8.25 + 4 * 15.25 + 4 * 7.5), $taken['sealant polymer']->amount, 1e-9);
        // Screws of 12 from 1 in each end: 41 on 478, 13 on 132: cleat, trim and offset cleat at the eaves, receiver and cleat at the rakes; five in each of 60 zees.
        self::assertEqualsWithDelta(2 * 3 * 41 + 4 * 2 * 13 + 60 * 5, $taken['fastener pancake']->amount, 1e-9);
        // Angle and trim at the rakes; one in each zee's middle.
        self::assertEqualsWithDelta(4 * 2 * 13 + 60, $taken['fastener rivet']->amount, 1e-9);
    }

    public function test_foam_and_stitches_of_a_screwed_roof(): void
    {
        $taken = self::taken('rib-9-36');
        self::assertEqualsWithDelta(960.0, $taken['foam inside-closure']->amount, 1e-9);
        self::assertSame(27, $taken['foam outside-closure']->packs(), 'pieces of 36');
        // A stitch at each rib, 9 apart, on both sides of the cap; 7 on each rake.
        self::assertEqualsWithDelta(2 * 54 + 4 * 7, $taken['fastener stitch']->amount, 1e-9);
        self::assertArrayNotHasKey('fastener washered', $taken, 'panels are held with the field');
    }

    public function test_a_roof_is_seen_from_its_four_sides(): void
    {
        $sides = Viewpoints::of(BlockMaker::roof([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])]));
        self::assertSame(['south', 'east', 'north', 'west'], array_keys($sides));
        self::assertEqualsWithDelta([[240.0, -360.0], [840.0, 120.0]], [[$sides['south']->u, $sides['south']->v], [$sides['east']->u, $sides['east']->v]], 1e-9);
    }

    /** @return array<string, Supply> */
    private static function taken(string $profile): array
    {
        $taken = [];
        foreach (RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])], $profile)->of(TrimsStage::class)->supplies as $supply) {
            $taken["{$supply->item->kind->value} {$supply->item->key()}"] = $supply;
        }

        return $taken;
    }
}
