<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\RandomRoof;

/**
 * What holds for every piece of any roof, worked out from the roof's own lines and from the marks alone: no point of
 * the deck is left bare or covered twice, no piece is ordered short or for more than it is, each card rebuilds its sheet.
 */
final class EveryPieceTest extends TestCase
{
    /** How far (in) from every edge a point lies that metal must cover: over any reveal. */
    private const INSIDE = 12.0;

    public function test_pieces_of_random_roofs(): void
    {
        foreach (RandomRoof::several(160) as $random) {
            $plan = $random->plan();
            $maker = CutCardMaker::of($plan);
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $panels = $plan->of(CuttingStage::class)->panelsOf($face->id);
                self::coverTheDeck($random, $face, $panels, "roof $random->number");
                foreach ($panels as $panel) {
                    $what = "roof $random->number, $panel->id";
                    self::isSound($plan, $panel, $what);
                    self::isNoLongerThanItNeeds($plan, $panel, $what);
                    $card = $maker->card($face, $panel);
                    self::rebuilds($panel, $card->flipped(), $plan->job->covering->profile->leftMetal, $what);
                    self::lengthsAreOnTheSheet($plan, $panel, $card->flipped(), $what);
                }
            }
        }
        self::assertTrue(isset($plan), 'some roofs were tried');
    }

    /** @param  list<Panel>  $panels */
    private static function coverTheDeck(RandomRoof $random, Face $face, array $panels, string $what): void
    {
        $bounds = $face->outline->bounds();
        for ($i = 0; $i < 60; $i++) {
            $point = new Point($bounds->left + $bounds->width() * $random->between(0, 99_999) / 1e5, $bounds->bottom + $bounds->height() * $random->between(0, 99_999) / 1e5);
            $far = min(array_map(static fn (Polygon $loop): float => self::fromOutline($loop, $point), [...$face->region()->loops(), ...array_map(static fn ($o): Polygon => $o->outline, $face->openings)]));
            if ($far < self::INSIDE) {
                continue;
            }
            $covered = array_filter($panels, static fn (Panel $p): bool => self::covers($p, $point));
            $open = $face->region()->contains($point);
            foreach ($face->openings as $opening) {
                $open = $open && ! ($opening->kind->partsPanels() && $opening->outline->contains($point));
            }
            $onSeam = array_filter($panels, static fn (Panel $p): bool => min(abs($point->u - $p->strip->moduleLeft), abs($point->u - $p->strip->moduleRight())) < 1e-3) !== [];
            if (! $onSeam && ! self::atLap($panels, $point)) {
                self::assertCount($open ? 1 : 0, $covered, "$what: $face->id at $point->u, $point->v");
            }
        }
    }

    /** @param  list<Panel>  $panels */
    private static function atLap(array $panels, Point $point): bool
    {
        return array_filter($panels, static fn (Panel $p): bool => $p->lapsOver && abs($p->metal->bounds()->bottom - $point->v) < 1e-3) !== [];
    }

    private static function covers(Panel $panel, Point $point): bool
    {
        if (! $panel->metal->contains($point)) {
            return false;
        }
        foreach ($panel->holes as $hole) {
            if ($hole->contains($point)) {
                return false;
            }
        }

        return true;
    }

    private static function isSound(Plan $plan, Panel $panel, string $what): void
    {
        $profile = $plan->job->covering->profile;
        foreach (['metal' => $panel->metal, 'blank' => $panel->blank, 'sheet' => $panel->sheet] as $name => $outline) {
            self::assertNull($outline->crossing(), "$what: its $name crosses itself");
            self::assertGreaterThan(0.0, $outline->area(), "$what: $name");
        }
        foreach ($panel->metal->corners as $corner) {
            self::assertGreaterThanOrEqual($panel->strip->moduleLeft - 1e-6, $corner->u, $what);
            self::assertLessThanOrEqual($panel->strip->moduleRight() + 1e-6, $corner->u, $what);
            foreach ([$panel->blank, $panel->sheet] as $outline) {
                self::assertTrue($outline->contains($corner) || self::fromOutline($outline, $corner) < 2e-3, "$what: metal at $corner->u, $corner->v is cut from nothing");
            }
        }
        // A turn-up is as wide as it wants; nothing else reaches past the formed metal.
        $sheet = $panel->sheet->bounds();
        if (! $panel->cutLeft) {
            self::assertGreaterThanOrEqual($panel->strip->moduleLeft - $profile->leftMetal - 1e-6, $sheet->left, $what);
        }
        if (! $panel->cutRight) {
            self::assertLessThanOrEqual($panel->strip->moduleRight() + $profile->rightMetal + 1e-6, $sheet->right, $what);
        }
        self::assertEqualsWithDelta($sheet->height(), $panel->long, 1e-9, $what);
        self::assertGreaterThanOrEqual($panel->long - 1e-9, $panel->orderLength, $what);
    }

    /** Over its metal a sheet has no more than what is folded at its ends, and what its legs run on beside slanted ones. */
    private static function isNoLongerThanItNeeds(Plan $plan, Panel $panel, string $what): void
    {
        $profile = $plan->job->covering->profile;
        $most = 0.0;
        // A tip too small to hold is reported; its hem may run far along the other side of it.
        if (min($panel->metal->bounds()->width(), $panel->metal->bounds()->height()) < 4.0) {
            return;
        }
        foreach ($panel->metal->corners as $i => $from) {
            $to = $panel->metal->corner($i + 1);
            $run = abs($to->u - $from->u);
            if ($run > 1e-3 && $panel->metal->tag($i) >= 0) {
                $slope = abs($to->v - $from->v) / $run;
                // Nothing steeper than a valley of 12 in 12 ends a panel; a leaning rake turns up beside it.
                $most = max($most, $slope > 4.0 ? 2.0 : 1.5 * hypot(1.0, $slope) + max($profile->leftMetal, $profile->rightMetal) * $slope);
            }
        }
        $lap = $panel->metal->bounds()->height() + 12.0;
        $isLapped = array_filter($plan->of(CuttingStage::class)->panelsOf($panel->face), static fn (Panel $p): bool => $p->lapsOver && $p->strip->position === $panel->strip->position) !== [];
        self::assertLessThanOrEqual(($isLapped ? $lap : $panel->metal->bounds()->height()) + 2.0 * $most + 1.6, $panel->long, "$what is cut from more than it needs");
    }

    /** Each corner of the sheet is a corner of the metal as it came, a cut mark, or where two marked lines cross. */
    private static function rebuilds(Panel $panel, CutCard $card, float $leftMetal, string $what): void
    {
        self::assertEqualsWithDelta($card, $card->flipped()->flipped(), 1e-9, $what);
        $cuts = [];
        $rips = [];
        // Hooked at the kept leg; where both sides are cut, at the left edge of the uncut sheet.
        $edge = $card->hookedRight ? $card->width : $panel->strip->moduleLeft - $leftMetal - $panel->sheet->bounds()->left;
        foreach ($card->marks as $mark) {
            if ($mark->line !== MarkLine::AcrossFoot && $mark->line !== MarkLine::AcrossHead) {
                self::assertGreaterThanOrEqual(-1e-3, $mark->distance, "$what: $mark->name");
                self::assertLessThanOrEqual($card->length + 1e-3, $mark->distance, "$what: $mark->name");
            }
            if ($mark->kind === MarkKind::Cut) {
                if ($mark->line === MarkLine::AcrossFoot || $mark->line === MarkLine::AcrossHead) {
                    $rips[] = $card->hookedRight ? $edge - $mark->distance : $edge + $mark->distance;
                } else {
                    $cuts[] = self::at($card, $mark);
                }
            }
        }
        foreach ($card->outline->corners as $corner) {
            $ownEnd = $corner->v < 2e-3 || $corner->v > $card->length - 2e-3;
            $ownEdge = $corner->u < 2e-3 || $corner->u > $card->width - 2e-3;
            $ripped = array_filter($rips, static fn (float $x): bool => abs($x - $corner->u) < 2e-3) !== [];
            $marked = array_filter($cuts, static fn (Point $p): bool => $p->distanceTo($corner) < 2e-3) !== [];
            self::assertTrue(($ownEnd && ($ownEdge || $ripped)) || $marked || self::onALine($corner, $cuts), "$what: nothing marks the corner at $corner->u, $corner->v");
        }
        foreach ($card->holes as $hole) {
            foreach ($hole->corners as $corner) {
                self::assertTrue(array_filter($cuts, static fn (Point $p): bool => $p->distanceTo($corner) < 2e-3) !== [], "$what: opening at $corner->u, $corner->v");
            }
        }
        self::bendsAreThere($card, $what);
    }

    /** Each valley of a card with a hem has its bend, and no bend or mark is there twice. */
    private static function bendsAreThere(CutCard $card, string $what): void
    {
        $names = array_count_values(array_map(static fn (Mark $m): string => $m->name, $card->marks));
        $hems = array_filter($card->lines, static fn ($line): bool => $line->kind === MarkKind::Bend);
        self::assertSame($hems === [], ! array_filter($card->marks, static fn (Mark $m): bool => $m->kind === MarkKind::Bend), "$what: what is bent is marked");
        if (isset($names['valley']) && isset($names['valley-hem'])) {
            self::assertGreaterThanOrEqual(1, $names['valley-hem'], $what);
        }
        $all = array_map(static fn (Mark $m): string => sprintf('%s %s %.4f %.4f', $m->name, $m->line->value, $m->distance, $m->x ?? -1.0), $card->marks);
        self::assertSame(count($all), count(array_unique($all)), "$what: a mark twice: ".implode(', ', $all));
    }

    /** The two lengths are what a tape reads on the sheet itself, from the card's own end. */
    private static function lengthsAreOnTheSheet(Plan $plan, Panel $panel, CutCard $card, string $what): void
    {
        if ($card->lengths === null || $panel->cutLeft || $panel->cutRight) {
            return;
        }
        $profile = $plan->job->covering->profile;
        $inside = $profile->hand->runsLeftToRight() ? [$profile->leftMetal, $card->width] : [0.0, $card->width - $profile->rightMetal];
        foreach ([[$card->lengths->left, [0.0, $inside[0]]], [$card->lengths->right, [$card->width, $inside[1]]]] as $hand => [$length, $places]) {
            $nearest = INF;
            foreach ($places as $x) {
                $levels = self::levels($card->outline, max(2e-3, min($card->width - 2e-3, $x)));
                if ($levels !== []) {
                    $nearest = min($nearest, abs($length - ($card->fromHead ? $card->length - min($levels) : max($levels))));
                }
            }
            self::assertLessThan(0.01, $nearest, "$what: its length on the ".($hand === 0 ? 'left' : 'right'));
        }
        if ($card->outline->isConvex() && $panel->sheetHoles === []) {
            return;
        }
        // A piece that is not convex is made from two lengths only where nothing is cut out of its sides.
        foreach ([1e-3, $card->width - 1e-3] as $x) {
            self::assertLessThanOrEqual(2, count(self::levels($card->outline, $x)), "$what is notched and has no two lengths");
        }
    }

    /** @return list<float> where an upright line cuts the outline */
    private static function levels(Polygon $outline, float $x): array
    {
        $levels = [];
        foreach ($outline->corners as $i => $a) {
            $b = $outline->corner($i + 1);
            if (($a->u > $x) !== ($b->u > $x)) {
                $levels[] = $a->v + ($x - $a->u) / ($b->u - $a->u) * ($b->v - $a->v);
            }
        }

        return $levels;
    }

    private static function at(CutCard $card, Mark $mark): Point
    {
        return new Point($mark->x ?? ($mark->line === MarkLine::Left ? 0.0 : $card->width), $card->fromHead ? $card->length - $mark->distance : $mark->distance);
    }

    /** @param  list<Point>  $points */
    private static function onALine(Point $corner, array $points): bool
    {
        foreach ($points as $i => $a) {
            foreach (array_slice($points, $i + 1) as $b) {
                $length = $a->distanceTo($b);
                $off = ($b->u - $a->u) * ($corner->v - $a->v) - ($b->v - $a->v) * ($corner->u - $a->u);
                if ($length > 1.0 && abs($off) < 4e-3 * $length) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function fromOutline(Polygon $outline, Point $point): float
    {
        return min(array_map(static fn (int $i): float => $point->distanceToLine($outline->corner($i), $outline->corner($i + 1)), array_keys($outline->corners)));
    }
}
