<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Internal\HeadFold;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\AcrossFrom;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

/** A side of a piece has one number, wherever it stands; and what is folded at its ends is said. */
final class OneNumberTest extends TestCase
{
    public function test_a_side_is_drawn_as_long_as_it_is_marked(): void
    {
        $inside = 0;
        foreach (self::boathouse() as $card) {
            $lengths = $card->lengths;
            if ($lengths === null) {
                continue;
            }
            foreach ([[true, $lengths->left, MarkLine::Left], [false, $lengths->right, MarkLine::Right]] as [$left, $length, $line]) {
                $side = $card->sides($left)[0];
                self::assertEqualsWithDelta($length, $side->to - $side->from, 1e-9, $card->panel);
                self::assertSame($card->fromHead ? $card->length : 0.0, $card->fromHead ? $side->to : $side->from, $card->panel);
                foreach ($card->marks as $mark) {
                    if ($mark->line === $line && $mark->name === 'valley' && $card->fromHead) {
                        self::assertEqualsWithDelta($length, $mark->distance, 1e-6, $card->panel);
                        self::assertSame($side->inside, $mark->from === AcrossFrom::Leg, $card->panel);
                        $inside += $side->inside ? 1 : 0;
                    }
                }
            }
            self::assertEqualsWithDelta($lengths->isInsideToOutside() ? $card->width - 0.375 : $card->width, $lengths->between, 1e-6, $card->panel);
        }
        self::assertGreaterThan(10, $inside);
    }

    public function test_the_flat_before_an_angle_is_measured_from_the_leg_it_lies_at(): void
    {
        $flats = ['left' => 0, 'right' => 0];
        foreach (self::boathouse() as $card) {
            foreach ($card->marks as $mark) {
                $flat = $mark->name === 'corner' && $mark->line === MarkLine::Inner ? self::flat($card, $mark) : null;
                if ($flat !== null) {
                    [$from, $length] = $flat;
                    self::assertSame($from, $mark->from, $card->panel);
                    self::assertEqualsWithDelta($length, $mark->across($card->width), 1e-6, $card->panel);
                    $flats[$from->value]++;
                }
            }
        }
        self::assertGreaterThan(0, $flats['left']);
        self::assertGreaterThan(0, $flats['right']);
    }

    public function test_without_a_hem_nothing_is_notched(): void
    {
        foreach ([[1.0, 2], [0.0, 0]] as [$hem, $notches]) {
            $plan = Plan::for(JobMaker::rectangle(480, 200, rules: ['edge.eave.concealed.hem' => $hem]));
            $card = RoofJob::card($plan, $plan->of(CuttingStage::class)->panels[4]);
            self::assertCount($notches, array_filter($card->lines, static fn (Line $l): bool => $l->kind === MarkKind::Notch));
            self::assertSame($notches > 0, array_filter($card->marks, static fn (Mark $m): bool => $m->kind === MarkKind::Notch) !== []);
        }
    }

    public function test_a_pan_is_turned_up_square_on_a_flat_roof_and_by_half_of_that_on_a_steep_one(): void
    {
        foreach ([[2.0, 90.0], [3.0, 90.0], [3.1, 45.0], [8.0, 45.0]] as [$rise, $degrees]) {
            $fold = self::fold(Plan::for(JobMaker::rectangle(480, 200, rise: $rise)));
            self::assertSame([1.0, $degrees, false], [$fold->turnUp, $fold->degrees, $fold->closedAfterLaying]);
        }
        $own = self::fold(Plan::for(JobMaker::rectangle(480, 200, rules: ['cut.squareTurnUp' => 4.0], rise: 4.0)));
        self::assertSame(90.0, $own->degrees);
    }

    public function test_hemmed_at_both_ends_it_is_closed_after_laying_and_its_ribs_come_off_at_the_head(): void
    {
        $plan = Plan::for(JobMaker::outline([[0, 0], [480, 0], [480, 200], [0, 200]], [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak, EdgeKind::Rake]));
        $fold = self::fold($plan);
        self::assertTrue($fold->closedAfterLaying);
        self::assertNull($fold->turnUp);

        $card = RoofJob::card($plan, $plan->of(CuttingStage::class)->panels[4]);
        $off = array_values(array_filter($card->lines, static fn (Line $l): bool => $l->kind === MarkKind::Notch && max($l->from->v, $l->to->v) > 100.0));
        self::assertCount(2, $off);
        foreach ($off as $line) {
            self::assertEqualsWithDelta([$card->length - 1.0, $card->length], [min($line->from->v, $line->to->v), max($line->from->v, $line->to->v)], 1e-9);
        }
    }

    /** @return iterable<CutCard> */
    private static function boathouse(): iterable
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            yield RoofJob::card($plan, $panel);
            yield RoofJob::card($plan, $panel)->flipped();
        }
    }

    /** @return array{AcrossFrom, float}|null the edge a square end runs to from a corner, and how far */
    private static function flat(CutCard $card, Mark $mark): ?array
    {
        $height = $card->fromHead ? $card->length - $mark->distance : $mark->distance;
        foreach ($card->outline->corners as $i => $from) {
            $to = $card->outline->corner($i + 1);
            foreach ([[$from, $to], [$to, $from]] as [$corner, $other]) {
                if (abs($from->v - $to->v) < 1e-6 && abs($corner->v - $height) < 1e-6 && abs($corner->u - (float) $mark->x) < 1e-6) {
                    return match (true) {
                        $other->u < 1e-6 => [AcrossFrom::Left, (float) $mark->x],
                        $other->u > $card->width - 1e-6 => [AcrossFrom::Right, $card->width - (float) $mark->x],
                        default => null,
                    };
                }
            }
        }

        return null;
    }

    private static function fold(Plan $plan): HeadFold
    {
        $face = $plan->of(RoofStage::class)->roof->faces[0];

        return CutCardMaker::of($plan)->headFold($face, $plan->of(CuttingStage::class)->panelsOf($face->id)[4]);
    }
}
