<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** Panels round chimneys, skylights and pipes. */
final class OpeningsTest extends TestCase
{
    use TestTrait;

    public function test_a_chimney_parts_the_panel_under_it_and_notches_those_beside(): void
    {
        // Seams at 64, 80, 96, 112: the chimney takes the pan between 80 and 96 whole and 4 of each neighbour.
        $plan = self::withOpening(Polygon::rectangle(76, 60, 100, 84), OpeningKind::Chimney);
        $pieces = array_values(array_filter($plan->of(CuttingStage::class)->panels, static fn (Panel $p): bool => $p->face === 'a.S' && $p->strip->moduleLeft >= 63.9 && $p->strip->moduleLeft <= 96.1));
        $ids = array_map(static fn (Panel $p): string => $p->id, $pieces);

        self::assertSame(['a.S-5', 'a.S-6', 'a.S-6b', 'a.S-7'], $ids);
        [$beside, $below, $above] = $pieces;
        // 1/2 clear below, 4 above, 1/2 beside by house rule; the blank begins 2 below the eave line.
        self::assertEqualsWithDelta(59.5, $below->metal->bounds()->top, 1e-9);
        self::assertEqualsWithDelta(88.0, $above->metal->bounds()->bottom, 1e-9);
        self::assertEqualsWithDelta(61.5, $below->long, 1e-9);
        self::assertEqualsWithDelta(28.5 * (80 - 75.5), 16 * ($beside->metal->bounds()->height()) - $beside->metal->area(), 1e-6, 'what the notch takes');
        self::assertSame(['a.S-6', 'a.S-6b'], $plan->of(CuttingStage::class)->strips()['a.S 6']);
        self::assertSame([true, false, false], [$beside->isNotched(), $below->isNotched(), $above->isNotched()]);
    }

    public function test_a_notched_panel_is_marked_at_its_edge_and_its_inner_corners(): void
    {
        $plan = self::withOpening(Polygon::rectangle(76, 60, 100, 84), OpeningKind::Chimney);
        $card = RoofJob::card($plan, $plan->of(CuttingStage::class)->panel('a.S-5') ?? self::fail());
        $at = static fn (array $marks): array => array_values(array_map(static fn (Mark $m): float => round($m->distance, 6), $marks));
        $edge = array_filter($card->marks, static fn (Mark $m): bool => $m->name === 'opening');
        $inner = array_values(array_filter($card->marks, static fn (Mark $m): bool => $m->line === MarkLine::Inner));

        // On the back the notch is at the left edge: 59.5 and 88 on the deck are 61.5 and 90 from the blank's foot.
        self::assertSame([61.5, 90.0], $at($edge));
        self::assertSame([MarkLine::Left, MarkLine::Left], array_values(array_map(static fn (Mark $m): MarkLine => $m->line, $edge)));
        self::assertSame([61.5, 90.0], $at($inner));
        // From the notch's side (75.5) to the panel's male edge (80.25).
        self::assertEqualsWithDelta(4.75, $inner[0]->x, 1e-6);
        self::assertEquals($card, $card->flipped()->flipped());
    }

    public function test_what_lies_within_a_pan_is_a_hole_in_it(): void
    {
        $plan = self::withOpening(Polygon::rectangle(84, 60, 92, 70), OpeningKind::Curb);
        $panel = $plan->of(CuttingStage::class)->panel('a.S-6') ?? self::fail();
        $card = RoofJob::card($plan, $panel);

        self::assertCount(1, $panel->holes);
        self::assertEqualsWithDelta((8 + 1) * (10 + 0.5 + 4), -$panel->holes[0]->area(), 1e-6);
        self::assertCount(1, $card->holes);
        self::assertCount(4, array_filter($card->marks, static fn (Mark $m): bool => $m->line === MarkLine::Inner));
    }

    public function test_an_opening_in_the_very_middle_leaves_the_face_round_it(): void
    {
        $bounds = self::plan([])->of(RoofStage::class)->roof->faces[0]->outline->bounds();
        [$u, $v] = [($bounds->left + $bounds->right) / 2, ($bounds->bottom + $bounds->top) / 2];
        $plan = self::withOpening(Polygon::rectangle($u - 12, $v - 20, $u + 12, $v + 20), OpeningKind::Skylight);

        self::assertCount(20, $plan->of(CuttingStage::class)->panelsOf('a.S'), 'two of them notched, none parted');
        self::assertSame([], RoofJob::findings($plan, 'layout.rip-narrow'));
        $region = new Region(Polygon::rectangle(0, 0, 10, 10), [Polygon::sound(array_reverse(Polygon::rectangle(1, 1, 9, 9)->corners))]);
        self::assertTrue($region->contains($region->insidePoint()));
    }

    public function test_a_pipe_parts_nothing(): void
    {
        $bare = self::plan([]);
        $piped = self::plan([Opening::pipe('p', 'a.S', 'Vent', new Point(88, 60), 3)]);

        self::assertSame(count($bare->of(CuttingStage::class)->panels), count($piped->of(CuttingStage::class)->panels));
        self::assertEqualsWithDelta(3.0, $piped->of(RoofStage::class)->roof->faces[0]->openings[0]->width(), 1e-9);
    }

    public function test_own_clearances_go_before_house_rules(): void
    {
        $outline = Polygon::rectangle(0, 0, 20, 30);
        $own = Opening::outlined('o', 'f', OpeningKind::Skylight, 'S', $outline, 2.0, 3.5, 0.25, 0.75);
        $by = Opening::outlined('o', 'f', OpeningKind::Skylight, 'S', $outline);
        $rules = HouseRules::with([]);
        $of = static fn (Opening $o, Family $f): array => array_map(static fn (int $side): float => $o->clearance($side, $f, $rules), [0, 1, 2, 3]);

        self::assertSame([2.0, 0.75, 3.5, 0.25], $of($own, Family::SnapLock));
        self::assertSame([3.0, 0.375, 4.0, 0.375], $of($by, Family::SnapLock));
        self::assertSame([3.0, 6.0, 4.0, 6.0], $of($by, Family::Corrugated));
    }

    public function test_openings_that_stand_nowhere_are_said(): void
    {
        $plan = self::plan([
            Opening::outlined('o', 'a.S', OpeningKind::Curb, 'Unit', Polygon::rectangle(1000, 10, 1020, 30)),
            Opening::pipe('p', 'gone.S', 'Vent', new Point(5, 5), 3),
        ]);

        self::assertCount(1, RoofJob::findings($plan, 'roof.opening-off'));
        self::assertCount(1, RoofJob::findings($plan, 'roof.opening-homeless'));
        self::assertSame([], $plan->of(RoofStage::class)->roof->faces[0]->openings);
    }

    public function test_pieces_round_random_openings_add_up_to_the_face(): void
    {
        $this->limitTo(40)->forAll(new ChooseGenerator(-20, 300), new ChooseGenerator(-20, 150), new ChooseGenerator(6, 90), new ChooseGenerator(6, 90), ElementsGenerator::fromArray(['snap-lock-1.5-16', 'rib-9-36']))
            ->then(static function (int $u, int $v, int $width, int $height, string $profile): void {
                $plan = self::plan([
                    Opening::outlined('o', 'a.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle($u + 0.3, $v + 0.2, $u + $width, $v + $height)),
                    Opening::outlined('q', 'a.S', OpeningKind::Skylight, 'Skylight', Polygon::rectangle(300 - $u, 70, 330 - $u, 110)),
                ], $profile);
                $face = $plan->of(RoofStage::class)->roof->faces[0];
                $moved = MovedFace::metal($face, Builds::usual($plan->job->covering));
                $metal = array_sum(array_map(static fn (Panel $p): float => (new Region($p->metal, $p->holes))->area(), $plan->of(CuttingStage::class)->panelsOf('a.S')));
                self::assertEqualsWithDelta(array_sum(array_map(static fn (Region $r): float => $r->area(), $moved->regions)), $metal, 0.01);
                foreach ($plan->of(CuttingStage::class)->panelsOf('a.S') as $panel) {
                    $inside = $panel->metal->insidePoint();
                    self::assertTrue($panel->sheet->contains($inside) && $panel->blank->contains($inside), $panel->id);
                    foreach ($face->openings as $opening) {
                        self::assertFalse($opening->outline->contains($inside) && $panel->holes === [], "$panel->id lies in $opening->name");
                    }
                }
            });
    }

    private static function withOpening(Polygon $outline, OpeningKind $kind): Plan
    {
        return self::plan([Opening::outlined('o', 'a.S', $kind, 'It', $outline)]);
    }

    /** @param  list<Opening>  $openings */
    private static function plan(array $openings, string $profile = 'snap-lock-1.5-16'): Plan
    {
        return RoofJob::plan([BlockMaker::block('a', 0, 0, 320, 320, [6, null, 6, null])], $profile, ['a.S' => new LayoutChoice(StartKind::OneEnd, true)], openings: $openings);
    }
}
