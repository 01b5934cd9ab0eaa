<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Layout\Internal\Finder\KeepOut;
use Imbrex\Core\Layout\Internal\Finder\KeepOuts;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Layout\RunOut;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\Squareness;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

/** Faces out of square, the middle seam, and what stands in the way of seams. */
final class RunOutTest extends TestCase
{
    public function test_a_square_face_runs_out_nowhere(): void
    {
        self::assertNull(RunOut::of(self::face([[0, 0], [400, 0], [400, 200], [0, 200]]), null, HouseRules::with([])));
    }

    public function test_a_drawn_face_runs_out_as_it_is_drawn(): void
    {
        $run = RunOut::of(self::face([[0, 0], [400, 0], [403, 200], [1, 200]]), null, HouseRules::with([])) ?? self::fail();

        self::assertEqualsWithDelta([1.0, 3.0, 200.0], [$run->left, $run->right, $run->over], 1e-9);
        self::assertFalse($run->hidden, 'its panels are cut to the outline');
        self::assertSame(1.5, $run->limit);
    }

    public function test_a_surveyed_face_runs_out_as_it_was_taped_though_it_is_ordered_square(): void
    {
        $taped = new Squareness(skewDegrees: 0.2, runOut: 0.625, perFoot: 0.04, left: 0.625, right: 0.5, ridgeRise: 0.0, hidden: true);
        $run = RunOut::of(self::face([[0, 0], [400, 0], [400, 200], [0, 200]]), $taped, HouseRules::with([])) ?? self::fail();

        self::assertSame([0.625, 0.5, true], [$run->left, $run->right, $run->hidden]);
    }

    public function test_a_tapered_end_panel_is_marked_across_both_ends(): void
    {
        $plan = Plan::for(JobMaker::outline([[0, 0], [480, 0], [480, 200], [5, 200]]));
        $card = RoofJob::card($plan, $plan->of(CuttingStage::class)->panels[0]);
        $rips = array_values(array_filter($card->marks, static fn ($m): bool => $m->name === 'rip'));

        // A full panel less the lean: 5 in narrower at the head than at the foot, square to the eave.
        self::assertEqualsWithDelta(5.0 * ($plan->of(CuttingStage::class)->panels[0]->sheet->bounds()->height() / 200.0), abs($rips[0]->distance - $rips[1]->distance), 0.1);
    }

    public function test_marks_are_counted_from_the_middle_seam(): void
    {
        $layout = Plan::for(JobMaker::rectangle(500, 214, choice: new LayoutChoice(StartKind::OneEnd, true)))->of(LayoutStage::class)->layouts['P1'];
        $middle = $layout->fromTheMiddle();

        self::assertSame([0.0, 256.0], [$layout->control, $middle->control]);
        self::assertSame($layout->seams, $middle->seams);
        $narrow = Plan::for(JobMaker::rectangle(11, 214))->of(LayoutStage::class)->layouts['P1'];
        self::assertSame($narrow->control, $narrow->fromTheMiddle()->control, 'no seam to count from');
    }

    public function test_a_valley_point_and_tips_are_kept_clear(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();
        $outs = (new KeepOuts($plan->job->covering))->on($face, MovedFace::metal($face, Builds::usual($plan->job->covering)));
        $point = array_values(array_filter($outs, static fn (KeepOut $o): bool => $o->what === 'valley-point'));
        $tips = array_values(array_filter($outs, static fn (KeepOut $o): bool => $o->what === 'tip'));

        // The wing's ridge, 492 east, meets the hall at 506 from its corner.
        self::assertCount(1, $point);
        self::assertEqualsWithDelta([504.0, 508.0], [$point[0]->left, $point[0]->right], 1e-6);
        self::assertCount(2, $tips, 'where both hips reach the eave');
        self::assertEqualsWithDelta([4.0, 4.0], array_map(static fn (KeepOut $o): float => $o->right - $o->left, $tips), 1e-9);
        $without = (new KeepOuts(JobMaker::covering($plan->job->covering->profile, HouseRules::with(['layout.valleyPointClear' => 0.0]))))->on($face, MovedFace::metal($face, Builds::usual($plan->job->covering)));
        self::assertCount(count($outs) - 1, $without);
    }

    /** @param  list<array{float|int, float|int}>  $corners */
    private static function face(array $corners): Face
    {
        $outline = Polygon::of(array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners));

        return new Face('f', 'F', Pitch::ofRise(4), $outline, [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake]);
    }
}
