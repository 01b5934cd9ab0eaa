<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\WorkedExamples;

/** Marks of pieces that die into a hip or a valley. */
final class AngledCardTest extends TestCase
{
    public function test_a_hip_panel_is_longer_by_its_whole_width_out_to_out(): void
    {
        $example = WorkedExamples::named('hip panel')['hip panel, out-to-out 17.5 on 16 cover, 5:12'];
        $profile = Catalogue::shipped()->profile('snap-lock-1.5-16');
        $plan = self::plan([BlockMaker::block('hall', 0, 0, 700, 360, [5, 5, 5, 5], 14)]);
        $panel = self::panel($plan, 'hall.S', 5);
        $card = self::card($plan, $panel);
        $marks = self::marks($card, 'hip');

        // Checked by hand for 17.5 out to out; whatever the profile's legs are, the step is out-to-out / cos θ.
        self::assertEqualsWithDelta($example[1]['longMinusShort'], $example[0]['outToOut'] * Pitch::ofRise($example[0]['rise'])->slopeFactor(), 1e-9);
        self::assertEqualsWithDelta($profile->outToOut() * Pitch::ofRise(5)->slopeFactor(), abs($marks[0]->distance - $marks[1]->distance), 1e-6);
        self::assertFalse($card->fromHead, 'a hip panel is measured from the eave end');
        // On the left slope of the face the piece is longer on its right; on the back that is the left.
        self::assertGreaterThan($card->lengths?->right, $card->lengths?->left);
        self::assertEqualsWithDelta(max($marks[0]->distance, $marks[1]->distance), $panel->long, 1e-6);
    }

    public function test_a_valley_panel_is_measured_from_the_head_inside_to_outside(): void
    {
        $profile = Catalogue::shipped()->profile('snap-lock-1.5-16');
        $plan = self::boathouse();
        $panel = self::valleyPiece($plan);
        $card = self::card($plan, $panel);
        $cuts = self::marks($card, 'valley');
        $hems = self::marks($card, 'valley-hem');

        self::assertTrue($card->fromHead);
        self::assertEqualsWithDelta($profile->insideToOutside(), $card->lengths?->between, 1e-6);
        self::assertEqualsWithDelta(max($cuts[0]->distance, $cuts[1]->distance), $card->lengths?->long(), 1e-6);
        self::assertEqualsWithDelta($profile->insideToOutside() * Pitch::ofRise(6)->slopeFactor(), abs($cuts[0]->distance - $cuts[1]->distance), 1e-6);
        // A 1 in hem on a 6:12 valley takes 1-1/2 along the rib.
        foreach ([MarkLine::Left, MarkLine::Right] as $line) {
            $cut = self::on($cuts, $line);
            self::assertEqualsWithDelta(1.5, $cut->distance - self::on($hems, $line)->distance, 1e-6, 'towards the head');
        }
        self::assertSame(MarkKind::Bend, $hems[0]->kind);
    }

    public function test_the_hem_measured_square_is_the_rule(): void
    {
        $plan = self::boathouse();
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();
        $panel = self::valleyPiece($plan);
        $valley = array_values(array_filter(self::card($plan, $panel)->lines, static fn ($l): bool => abs($l->from->u - $l->to->u) > 1.0 && abs($l->from->v - $l->to->v) > 1.0));
        [$cut, $bend] = [$valley[0], $valley[1]];
        $length = $cut->from->distanceTo($cut->to);
        $square = abs(($cut->to->u - $cut->from->u) * ($bend->from->v - $cut->from->v) - ($cut->to->v - $cut->from->v) * ($bend->from->u - $cut->from->u)) / $length;

        self::assertEqualsWithDelta($plan->job->rules->number('edge.valley.concealed.hem'), $square, 1e-6);
        self::assertNotSame([], $face->edges);
    }

    public function test_where_a_flat_part_ends_its_corner_is_marked(): void
    {
        $plan = self::boathouse();
        $seen = 0;
        foreach ($plan->of(CuttingStage::class)->panelsOf('hall.S') as $panel) {
            $card = self::card($plan, $panel);
            foreach ($card->marks as $mark) {
                if ($mark->line === MarkLine::Inner) {
                    $seen++;
                    $y = $card->fromHead ? $card->length - $mark->distance : $mark->distance;
                    self::assertNotEmpty(array_filter($card->outline->corners, static fn ($p): bool => hypot($p->u - (float) $mark->x, $p->v - $y) < 1e-6), $panel->id);
                }
            }
        }
        self::assertGreaterThan(3, $seen, 'where ridge meets hips, and eave meets valleys');
    }

    public function test_every_cut_mark_lies_on_the_outline_and_flipping_twice_is_the_identity(): void
    {
        $plan = self::boathouse();
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            $card = self::card($plan, $panel);
            self::assertEquals($card, $card->flipped()->flipped(), $panel->id);
            foreach ($card->marks as $mark) {
                if ($mark->kind === MarkKind::Cut && in_array($mark->line, [MarkLine::Left, MarkLine::Right], true)) {
                    $x = $mark->x ?? ($mark->line === MarkLine::Left ? 0.0 : $card->width);
                    $y = $card->fromHead ? $card->length - $mark->distance : $mark->distance;
                    self::assertLessThan(1e-6, self::fromOutline($card, $x, $y), "$panel->id $mark->name");
                }
            }
        }
    }

    private static function fromOutline(CutCard $card, float $x, float $y): float
    {
        $least = INF;
        foreach ($card->outline->corners as $i => $a) {
            $b = $card->outline->corner($i + 1);
            $length = max(1e-12, $a->distanceTo($b));
            $share = max(0.0, min(1.0, (($x - $a->u) * ($b->u - $a->u) + ($y - $a->v) * ($b->v - $a->v)) / $length ** 2));
            $least = min($least, hypot($a->u + $share * ($b->u - $a->u) - $x, $a->v + $share * ($b->v - $a->v) - $y));
        }

        return $least;
    }

    private static function boathouse(): Plan
    {
        return self::plan([
            BlockMaker::block('hall', 0, 0, 672, 360, [6, 6, 6, 6], 14),
            BlockMaker::block('wing', 384, -192, 216, 372, [null, 6, null, 6], [9, 14, 9, 14]),
        ]);
    }

    /** A piece with a square head whose foot is cut to the valley over its whole width. */
    private static function valleyPiece(Plan $plan): Panel
    {
        foreach ($plan->of(CuttingStage::class)->panelsOf('wing.W') as $panel) {
            $card = self::card($plan, $panel);
            if (count(self::marks($card, 'valley-hem')) === 2 && count(self::marks($card, 'length')) === 2) {
                return $panel;
            }
        }
        self::fail('no valley piece');
    }

    /** @return list<Mark> */
    private static function marks(CutCard $card, string $name): array
    {
        return array_values(array_filter($card->marks, static fn (Mark $m): bool => $m->name === $name));
    }

    /** @param  list<Mark>  $marks */
    private static function on(array $marks, MarkLine $line): Mark
    {
        foreach ($marks as $mark) {
            if ($mark->line === $line) {
                return $mark;
            }
        }
        self::fail("none at the $line->value edge");
    }

    private static function panel(Plan $plan, string $face, int $position): Panel
    {
        return $plan->of(CuttingStage::class)->panelsOf($face)[$position - 1] ?? self::fail("no panel $position");
    }

    private static function card(Plan $plan, Panel $panel): CutCard
    {
        return CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->face($panel->face) ?? self::fail(), $panel);
    }

    /** @param  list<Block>  $blocks */
    private static function plan(array $blocks): Plan
    {
        $catalogue = Catalogue::shipped();
        $covering = new Covering($catalogue->profile('snap-lock-1.5-16'), $catalogue->material('steel'), '24 ga', false, HouseRules::with([]));

        return Plan::for(Job::of('Test', UnitSystem::Imperial, $covering, new RoofInput($blocks)));
    }
}
