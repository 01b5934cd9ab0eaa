<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;

/** What must hold for the card of every piece, whatever the profile and the start. */
final class CutCardTest extends TestCase
{
    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (Catalogue::shipped()->profiles as $key => $profile) {
            foreach ([StartKind::Balanced, StartKind::OneEnd, StartKind::CentrePan] as $start) {
                yield "$key $start->value" => [Plan::for(JobMaker::rectangle(500, 214.375, $key, new LayoutChoice($start)))];
            }
        }
        yield 'tapered' => [Plan::for(JobMaker::outline([[0, 0], [480, 0], [484, 216], [4, 216]]))];
        yield 'ridge that rises' => [Plan::for(JobMaker::outline([[0, 0], [480, 0], [480, 221], [0, 216]]))];
    }

    #[DataProvider('plans')]
    public function test_marks_lie_on_the_sheet_and_run_upwards(Plan $plan): void
    {
        foreach (self::cards($plan) as $card) {
            foreach (MarkLine::cases() as $line) {
                $most = in_array($line, [MarkLine::Left, MarkLine::Right], true) ? $card->length : $card->width;
                $distances = self::distances($card, $line);
                $sorted = $distances;
                sort($sorted);
                self::assertSame($sorted, $distances, "$card->panel {$line->value}");
                foreach ($distances as $distance) {
                    self::assertGreaterThan(0.0, $distance);
                    self::assertLessThanOrEqual($most + 1e-6, $distance);
                }
            }
            self::assertGreaterThanOrEqual($card->length, $card->orderLength);
        }
    }

    #[DataProvider('plans')]
    public function test_the_marks_rebuild_the_outline(Plan $plan): void
    {
        foreach (self::cards($plan) as $card) {
            $lengths = array_map(static fn (MarkLine $line): float => self::named($card, $line, 'length'), [MarkLine::Left, MarkLine::Right]);
            $foot = self::named($card, MarkLine::AcrossFoot, 'rip', $card->width);
            $head = self::named($card, MarkLine::AcrossHead, 'rip', $card->width);
            // Both lie on one side of the kept edge, so the sheet is a trapezoid of these four numbers.
            $taper = abs($foot - $head) > 1e-6;
            $area = $taper ? $card->length * ($foot + $head) / 2 : $foot * array_sum($lengths) / 2;
            self::assertEqualsWithDelta($card->outline->area(), $area, 1e-4, $card->panel);
        }
    }

    #[DataProvider('plans')]
    public function test_hems_are_square_to_their_bend(Plan $plan): void
    {
        $concealed = $plan->job->covering->profile->family->isConcealed();
        foreach (self::cards($plan) as $card) {
            $bends = array_filter($card->lines, static fn (Line $l): bool => $l->kind === MarkKind::Bend);
            self::assertSame($concealed, $bends !== []);
            foreach ($bends as $bend) {
                self::assertContains(round(self::nearestEdge($card, $bend), 6), [1.0, 1.5], $card->panel);
            }
        }
    }

    #[DataProvider('plans')]
    public function test_every_leg_that_stays_is_notched_at_the_eave(Plan $plan): void
    {
        $concealed = $plan->job->covering->profile->family->isConcealed();
        foreach (self::cards($plan) as $card) {
            $notches = array_values(array_filter($card->lines, static fn (Line $l): bool => $l->kind === MarkKind::Notch));
            self::assertCount($concealed ? count($card->ribs) : 0, $notches);
            foreach ($notches as $i => $notch) {
                self::assertEqualsWithDelta(1.0, $notch->to->v - $notch->from->v, 1e-9);
                self::assertContains(round($notch->from->u, 6), array_map(static fn (float $x): float => round($x, 6), $card->ribs), "$card->panel $i");
            }
        }
    }

    #[DataProvider('plans')]
    public function test_the_face_view_is_the_back_turned_round(Plan $plan): void
    {
        foreach (self::cards($plan) as $card) {
            $face = $card->flipped();
            self::assertEqualsWithDelta(self::distances($card, MarkLine::Left), self::distances($face, MarkLine::Right), 1e-9);
            self::assertEqualsWithDelta(self::distances($card, MarkLine::AcrossFoot), self::distances($face, MarkLine::AcrossFoot), 1e-9);
            self::assertEqualsWithDelta($card->outline->area(), $face->outline->area(), 1e-9);
            foreach ($card->ribs as $i => $rib) {
                self::assertEqualsWithDelta($card->width - $rib, $face->ribs[count($face->ribs) - 1 - $i], 1e-9);
            }
        }
    }

    public function test_a_full_sheet_at_the_rake_is_trimmed_of_its_lap(): void
    {
        $plan = Plan::for(JobMaker::rectangle(500, 214.375, 'rib-9-36', new LayoutChoice(StartKind::OneEnd)));
        $card = CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->faces[0], $plan->of(CuttingStage::class)->panels[0]);

        // 36 of cover and the far lap of 1; the near lap would stand 1 past the line the edge is held to.
        self::assertEqualsWithDelta(37.0, $card->width, 1e-9);
        self::assertEqualsWithDelta(37.0, self::named($card, MarkLine::AcrossFoot, 'rip'), 1e-9);
        self::assertNull($plan->of(CuttingStage::class)->panels[0]->rip);
    }

    public function test_a_panel_ripped_on_both_sides_is_measured_from_the_uncut_sheet(): void
    {
        $plan = Plan::for(JobMaker::rectangle(10, 100, 'snap-lock-1.5-16', new LayoutChoice(StartKind::CentrePan)));
        $card = CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->faces[0], $plan->of(CuttingStage::class)->panels[0])->flipped();

        self::assertCount(1, $plan->of(CuttingStage::class)->panels);
        // A 16 pan centred on 10 of width: 3 off each side, with 1-1/2 left to turn up; the sheet reaches 3/8 further left.
        self::assertEqualsWithDelta([3.375 - 1.5, 3.375, 13.375, 13.375 + 1.5], self::sorted(self::distances($card, MarkLine::AcrossFoot)), 1e-9);
    }

    /** @return list<CutCard> of the first, second and last pieces */
    private static function cards(Plan $plan): array
    {
        $last = count($plan->of(CuttingStage::class)->panels) - 1;

        return array_map(static fn (int $i): CutCard => CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->faces[0], $plan->of(CuttingStage::class)->panels[$i]), [0, 1, $last - 1, $last]);
    }

    /** @return list<float> */
    private static function distances(CutCard $card, MarkLine $line): array
    {
        return array_values(array_map(static fn (Mark $m): float => $m->distance, array_filter($card->marks, static fn (Mark $m): bool => $m->line === $line)));
    }

    private static function named(CutCard $card, MarkLine $line, string $name, ?float $otherwise = null): float
    {
        foreach ($card->marks as $mark) {
            if ($mark->line === $line && $mark->name === $name) {
                return $mark->distance;
            }
        }

        return $otherwise ?? self::fail("$card->panel has no $name {$line->value}");
    }

    /** How far the bend lies from the side of the outline it runs along, square to it. */
    private static function nearestEdge(CutCard $card, Line $bend): float
    {
        $least = INF;
        foreach ($card->outline->corners as $i => $a) {
            $b = $card->outline->corner($i + 1);
            $length = $a->distanceTo($b);
            $cross = static fn ($p): float => abs(($b->u - $a->u) * ($p->v - $a->v) - ($b->v - $a->v) * ($p->u - $a->u)) / $length;
            [$from, $to] = [$cross($bend->from), $cross($bend->to)];
            if (abs($from - $to) < 1e-6) {
                $least = min($least, $from);
            }
        }

        return $least;
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }
}
