<?php

declare(strict_types=1);

namespace Tests\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\FlatPart;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Trims\Ends\EndLine;
use PHPUnit\Framework\TestCase;

/** Pieces round openings: on the flat, and folded up out of it. */
final class CurbPiecesTest extends TestCase
{
    /** A chimney 32 by 24 on 6 in 12, by hand: legs of 4 up the walls, 5 below, 3 beside, hems of 1/2, tabs of 1. */
    public function test_a_chimneys_pieces_by_hand(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Chimney, 32.0, 24.0);
        $front = $flashed->piece(PieceRole::Front);
        // 32 and 3 past both corners; 1/2 + 5 + 4.
        self::assertEqualsWithDelta([38.0, 9.5], $front?->sheet(), 1e-9);
        // The deck climbs 1/2 behind the corner for a tab of 1.
        self::assertEqualsWithDelta(new Point(2.0, 6.0), $front->flat[7], 1e-9);
        $side = $flashed->piece(PieceRole::SideLeft);
        // The usual order: 4 past the foot, under the back by 2; 1/2 + 3 + 4.
        self::assertEqualsWithDelta([30.0, 7.5], $side?->sheet(), 1e-9);
        // The wall's leg is cut plumb: 2 up-slope at the top of 4.
        $cuts = array_values(array_filter($side->lines, static fn (EndLine $line): bool => $line->kind === MarkKind::Cut && abs($line->to->v - $line->from->v) > 1.0));
        self::assertEqualsWithDelta([2.0, 2.0], array_map(static fn (EndLine $line): float => abs($line->to->u - $line->from->u), $cuts), 1e-9);
        $back = $flashed->piece(PieceRole::Back);
        // 4 up the wall, 4 clear, 6 under the panel, a hem; wings of 5.
        self::assertEqualsWithDelta([42.0, 14.5], $back?->sheet(), 1e-9);
        // The kerf runs 5 over the deck, so that a face of 3 comes down 2 over the leg; 1/2 + 3 + 5/8.
        $counter = $flashed->piece(PieceRole::CounterFront);
        self::assertEqualsWithDelta([32.0, 4.125], $counter?->sheet(), 1e-9);
        self::assertEqualsWithDelta(5.0, $counter->parts[0]->at(new Point(0.0, 3.5))->length(), 1e-9);
    }

    public function test_a_curb_stands_square_to_its_deck_and_has_no_counterflashing(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Curb, 32.0, 24.0);
        self::assertNull($flashed->piece(PieceRole::CounterFront));
        self::assertEqualsWithDelta(new Point(2.0, 5.5), $flashed->piece(PieceRole::Front)?->flat[7], 1e-9);
        foreach ($flashed->piece(PieceRole::SideRight)->lines ?? [] as $line) {
            self::assertTrue(abs($line->from->u - $line->to->u) < 1e-9 || abs($line->from->v - $line->to->v) < 1e-9);
        }
    }

    /** Trade practice, §9: 13 past the foot, 9 past the head. */
    public function test_a_skylights_sides_run_past_its_foot_and_head(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Skylight, 24.0, 46.0, readyMade: false);
        self::assertEqualsWithDelta(13.0 + 46.0 + 9.0, $flashed->piece(PieceRole::SideLeft)?->sheet()[0], 1e-9);
        self::assertSame([], $flashed->faults);
    }

    public function test_slots_and_screws_where_the_school_has_them(): void
    {
        $first = OpeningJob::flashed(OpeningKind::Chimney, 32.0, 24.0, order: WorkOrder::SidesFirst);
        $side = $first->piece(PieceRole::SideLeft);
        $notches = array_values(array_filter($side->lines ?? [], static fn (EndLine $line): bool => $line->kind === MarkKind::Notch));
        self::assertCount(1, $notches);
        self::assertEqualsWithDelta(2.0, $notches[0]->from->distanceTo($notches[0]->to), 1e-9);
        self::assertSame(4.0, $side?->fastener?->spacing);
        // Under the front they go on an inch past its edge: 6 + 24 + 2, a screw every 4 and one at the start.
        self::assertSame([32.0, 9], [$side->screwed, $side->fasteners()]);
        self::assertSame([], array_filter(OpeningJob::flashed(OpeningKind::Chimney, 32.0, 24.0)->piece(PieceRole::SideLeft)->lines ?? [], static fn (EndLine $line): bool => $line->kind === MarkKind::Notch));
    }

    /** What is bent meets itself where it is bent, nothing is stretched, and colour stays outside. */
    public function test_folded_up_every_piece_holds_together(): void
    {
        $folds = 0;
        foreach (self::all() as $name => $piece) {
            self::assertEqualsWithDelta($piece->area(), array_sum(array_map(static fn (FlatPart $part): float => Polygon::sound($part->corners)->area(), $piece->parts)), 1e-6, $name);
            foreach ($piece->parts as $i => $part) {
                foreach (array_slice($piece->parts, $i + 1) as $other) {
                    foreach (self::shared($part, $other) as $point) {
                        $folds++;
                        self::assertEqualsWithDelta(0.0, $part->at($point)->plus($other->at($point), -1.0)->length(), 1e-9, "$name parts at $point->u $point->v");
                    }
                }
                $square = $part->at(new Point(1.0, 0.0))->plus($part->at(new Point(0.0, 0.0)), -1.0)->cross($part->at(new Point(0.0, 1.0))->plus($part->at(new Point(0.0, 0.0)), -1.0));
                self::assertEqualsWithDelta(1.0, $square->length(), 1e-9, $name);
            }
            foreach ($piece->lines as $line) {
                self::assertTrue($line->from->u >= -1e-9 && $line->to->u >= -1e-9 && max($line->from->u, $line->to->u) <= $piece->sheet()[0] + 1e-9, "$name has a line off its flat");
            }
        }
        self::assertGreaterThan(300, $folds);
    }

    /** Legs stand on the walls: at the opening's sides, and plumb on masonry. */
    public function test_legs_stand_on_the_walls(): void
    {
        foreach (self::all() as $name => $piece) {
            foreach ($piece->role->isCounter() ? [] : $piece->parts as $part) {
                foreach ($part->stands() as $at) {
                    self::assertGreaterThan(-1e-9, $at->z, "$name goes into the deck");
                    // Upright parts lie in a wall's plane or round its corner, nothing hangs in the air.
                    if ($at->z > 0.1) {
                        $lean = str_contains($name, 'chimney') ? $at->z * 0.5 : 0.0;
                        $isAtWall = abs($at->x) < 1e-6 || abs($at->x - 32.0) < 1e-6 || abs($at->y - $lean) < 1e-6 || abs($at->y - 24.0 - $lean) < 1e-6;
                        self::assertTrue($isAtWall, "$name at $at->x $at->y $at->z");
                    }
                }
            }
        }
    }

    /** @return iterable<string, OpeningPiece> */
    private static function all(): iterable
    {
        foreach ([OpeningKind::Chimney, OpeningKind::Curb, OpeningKind::Skylight] as $kind) {
            foreach (WorkOrder::cases() as $order) {
                foreach (UphillSchool::cases() as $uphill) {
                    foreach (['snap-lock-1.5-16', 'rib-9-36'] as $profile) {
                        foreach (OpeningJob::flashed($kind, 32.0, 24.0, $uphill, $order, $profile, readyMade: false)->bent() as $piece) {
                            if ($piece->flat !== []) {
                                yield "$kind->value $order->value $uphill->value $profile {$piece->role->value}" => $piece;
                            }
                        }
                    }
                }
            }
        }
    }

    /** @return list<Point> ends of the stretch two parts share on the flat */
    private static function shared(FlatPart $one, FlatPart $other): array
    {
        $points = [];
        foreach ([[$one, $other], [$other, $one]] as [$a, $b]) {
            foreach ($a->corners as $corner) {
                foreach ($b->corners as $i => $from) {
                    $to = $b->corners[($i + 1) % count($b->corners)];
                    if (abs($corner->distanceTo($from) + $corner->distanceTo($to) - $from->distanceTo($to)) < 1e-9) {
                        $points[] = $corner;
                    }
                }
            }
        }

        // Parts that touch in a corner alone, beside a cut, need not meet.
        $apart = array_filter($points, static fn (Point $point): bool => $point->distanceTo($points[0]) > 1e-6);

        return $apart === [] || self::isCut($one, $other, $points) ? [] : $points;
    }

    /** @param  list<Point>  $points */
    private static function isCut(FlatPart $one, FlatPart $other, array $points): bool
    {
        // Wings lie beside the tabs they were cut from: one on the deck, one up the wall, along a cut.
        $ways = array_map(static fn (FlatPart $part): Vector => $part->at(new Point(1.0, 0.0))->plus($part->at(new Point(0.0, 0.0)), -1.0), [$one, $other]);

        return abs($ways[0]->dot($ways[1])) < 0.99 && abs($points[0]->v - $points[count($points) - 1]->v) < 1e-9;
    }
}
