<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Roof\EdgeTyper;
use Imbrex\Core\Roof\FaceFrame;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From plan to deck and back, and what an edge is called by how water runs at it. */
final class FrameAndTypeTest extends TestCase
{
    use TestTrait;

    public function test_there_and_back_is_the_identity_and_lengths_are_true(): void
    {
        $this->limitTo(80)->forAll(new ChooseGenerator(1, 24), new ChooseGenerator(0, 3599), new ChooseGenerator(-500, 500), new ChooseGenerator(-500, 500))
            ->then(function (int $rise, int $turn, int $x, int $y): void {
                $slope = $rise / 12;
                $plane = new SlopePlane(100.0, $slope * cos(deg2rad($turn / 10)), $slope * sin(deg2rad($turn / 10)));
                $frame = FaceFrame::round($plane, Polygon::rectangle(-500, -500, 500, 500));
                $point = new Point((float) $x, (float) $y);
                $deck = $frame->toDeck($point);

                self::assertEqualsWithDelta(0.0, $point->distanceTo($frame->toPlan($deck)), 1e-8);
                self::assertGreaterThanOrEqual(-1e-6, min($deck->u, $deck->v), 'the origin lies low and left');
                $other = new Point(17.0, -29.0);
                $true = hypot($point->distanceTo($other), $plane->at($point) - $plane->at($other));
                self::assertEqualsWithDelta($true, $deck->distanceTo($frame->toDeck($other)), 1e-8);
                self::assertEqualsWithDelta(Pitch::ofRise($rise)->slopeFactor(), $plane->slopeFactor(), 1e-12);
            });
    }

    /** @return iterable<string, array{SlopePlane, SlopePlane, EdgeKind}> planes to the north and to the south of a line that runs west to east, or climbs */
    public static function meetings(): iterable
    {
        $plane = static fn (float $east, float $north): SlopePlane => new SlopePlane(0.0, $east, $north);
        yield 'both fall away' => [$plane(0, -0.5), $plane(0, 0.5), EdgeKind::Ridge];
        yield 'both fall away, climbing east' => [$plane(0.5, -0.5), $plane(0.5, 0.5), EdgeKind::Hip];
        yield 'both fall towards it, climbing east' => [$plane(0.5, 0.5), $plane(0.5, -0.5), EdgeKind::Valley];
        yield 'both fall towards it, level' => [$plane(0, 0.5), $plane(0, -0.5), EdgeKind::Valley];
        yield 'steep above shallow' => [$plane(0, 0.75), $plane(0, 0.25), EdgeKind::Transition];
        yield 'shallow above steep' => [$plane(0, 0.25), $plane(0, 0.75), EdgeKind::Transition];
        yield 'one runs beside it, the other towards it' => [$plane(0.5, 0), $plane(0.5, -0.5), EdgeKind::Valley];
        yield 'one runs beside it, the other away' => [$plane(0.5, 0), $plane(0.5, 0.5), EdgeKind::Hip];
    }

    #[DataProvider('meetings')]
    public function test_where_two_roofs_meet(SlopePlane $north, SlopePlane $south, EdgeKind $kind): void
    {
        $typer = new EdgeTyper;

        self::assertSame($kind, $typer->between($north, $south, new Point(0, 0), new Point(100, 0)));
        self::assertSame($kind, $typer->between($south, $north, new Point(100, 0), new Point(0, 0)), 'the same from the other side');
    }

    public function test_where_a_roof_ends(): void
    {
        $typer = new EdgeTyper;
        $plane = new SlopePlane(0.0, 0.0, 0.5);
        [$sw, $se, $ne, $nw] = Polygon::rectangle(0, 0, 100, 60)->corners;

        self::assertSame([EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak, EdgeKind::Rake], [$typer->open($plane, $sw, $se), $typer->open($plane, $se, $ne), $typer->open($plane, $ne, $nw), $typer->open($plane, $nw, $sw)]);
        self::assertSame([EdgeKind::Sidewall, EdgeKind::Headwall], [$typer->wall($plane, $se, $ne), $typer->wall($plane, $ne, $nw)]);
        self::assertTrue($typer->drainsTo($plane, $sw, $se));
        self::assertFalse($typer->drainsTo($plane, $ne, $nw));
    }

    public function test_angles_at_a_wall(): void
    {
        $typer = new EdgeTyper;
        $plane = new SlopePlane(0.0, 0.0, 4 / 12);
        $pitch = Pitch::ofRise(4)->degrees();

        self::assertEqualsWithDelta(90 + $pitch, $typer->degreesToWall($plane, new Point(100, 60), new Point(0, 60)), 1e-9, 'a headwall opens by the pitch');
        self::assertEqualsWithDelta(90.0, $typer->degreesToWall($plane, new Point(100, 0), new Point(100, 60)), 1e-9, 'a sidewall is square');
        self::assertEqualsWithDelta(90 - $pitch, $typer->degreesToWall($plane, new Point(0, 0), new Point(100, 0)), 1e-9, 'a roof that falls to a wall closes by it');
    }

    public function test_planes_alongside_each_other_have_a_room_between_them(): void
    {
        $plan = Polygon::rectangle(0, 0, 100, 100);
        $low = new SlopePlane(10.0, 0.0, 0.5);

        self::assertEqualsWithDelta(2.0, (new SlopePlane(12.0, 0.0, 0.5))->parallelRoom($low, $plan), 1e-9);
        self::assertNull((new SlopePlane(12.0, 0.1, 0.5))->parallelRoom($low, $plan));
        self::assertTrue((new SlopePlane(10.0 + 1e-6, 0.0, 0.5))->sameOver($low, $plan));
        self::assertEqualsWithDelta(180.0, $low->dihedralDegrees($low), 1e-5);
    }
}
