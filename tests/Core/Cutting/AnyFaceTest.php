<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\RandomBlocks;

/** What holds for the panels of any face: notched, holed, running to points, cut by hip and valley at once. */
final class AnyFaceTest extends TestCase
{
    use TestTrait;

    public function test_panels_of_random_roofs(): void
    {
        $this->limitTo(60)->forAll(new ChooseGenerator(1, 4), RandomBlocks::drawn(), ElementsGenerator::fromArray([true, false]), ElementsGenerator::fromArray(['snap-lock-1.5-16', 'rib-9-36']))
            ->then(function (int $count, array $drawn, bool $level, string $profile): void {
                $plan = self::plan(RandomBlocks::of($count, $drawn, $level), $profile);
                $system = $plan->job->covering;
                foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                    $moved = MovedFace::metal($face, Builds::usual($system));
                    $panels = $plan->of(CuttingStage::class)->panelsOf($face->id);
                    $metal = array_sum(array_map(static fn (Panel $p): float => (new Region($p->metal, $p->holes))->area(), $panels));
                    $whole = array_sum(array_map(static fn (Region $r): float => $r->area(), $moved->regions));
                    self::assertEqualsWithDelta($whole, $metal, 0.01 + $whole * 1e-9, "$face->id: the panels are the face");
                    foreach ($panels as $panel) {
                        self::keepsToItsStrip($panel);
                    }
                }
                foreach (array_slice($plan->of(CuttingStage::class)->panels, 0, 12) as $panel) {
                    self::cardIsSound($plan, $panel);
                }
            });
    }

    private static function keepsToItsStrip(Panel $panel): void
    {
        $metal = $panel->metal->bounds();
        self::assertGreaterThan(0.0, $panel->metal->area(), $panel->id);
        self::assertGreaterThanOrEqual($panel->strip->moduleLeft - 1e-3, $metal->left, $panel->id);
        self::assertLessThanOrEqual($panel->strip->moduleRight() + 1e-3, $metal->right, $panel->id);
        self::assertGreaterThanOrEqual($panel->long - 1e-6, $panel->orderLength, $panel->id);
        self::assertGreaterThanOrEqual($panel->short - 1e-6, $panel->long, $panel->id);
        foreach ($panel->metal->corners as $corner) {
            self::assertTrue($panel->blank->contains($corner) || self::fromOutline($panel->blank, $corner) < 1e-3, "$panel->id: the blank contains the metal");
        }
    }

    /** Each corner of the sheet is its own end, a mark, or lies on the line two marks of a valley give. */
    private static function marksRebuildTheOutline(Panel $panel, CutCard $card): void
    {
        if ($panel->cutLeft || $panel->cutRight) {
            return;
        }
        $at = static fn (Mark $m): Point => new Point($m->x ?? ($m->line === MarkLine::Left ? 0.0 : $card->width), $card->fromHead ? $card->length - $m->distance : $m->distance);
        $cuts = array_values(array_filter($card->marks, static fn (Mark $m): bool => $m->kind === MarkKind::Cut && $m->distance >= 0.0));
        $valley = array_map($at, array_values(array_filter($cuts, static fn (Mark $m): bool => in_array($m->name, ['valley', 'corner'], true))));
        foreach ($card->outline->corners as $corner) {
            $atEnd = ($corner->v < 1e-3 || $corner->v > $card->length - 1e-3) && ($corner->u < 1e-3 || $corner->u > $card->width - 1e-3);
            $marked = array_filter($cuts, static fn (Mark $m): bool => $at($m)->distanceTo($corner) < 1e-3) !== [];
            self::assertTrue($atEnd || $marked || self::onALine($corner, $valley), "$panel->id at $corner->u, $corner->v");
        }
    }

    /** @param  list<Point>  $points */
    private static function onALine(Point $corner, array $points): bool
    {
        foreach ($points as $i => $a) {
            foreach (array_slice($points, $i + 1) as $b) {
                $off = ($b->u - $a->u) * ($corner->v - $a->v) - ($b->v - $a->v) * ($corner->u - $a->u);
                if (abs($off) < 1e-3 * max(1.0, $a->distanceTo($b))) {
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

    private static function cardIsSound(Plan $plan, Panel $panel): void
    {
        $card = CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->face($panel->face) ?? self::fail(), $panel);
        self::assertEqualsWithDelta($card, $card->flipped()->flipped(), 1e-9, $panel->id);
        self::marksRebuildTheOutline($panel, $card);
        foreach ($card->marks as $mark) {
            if ($mark->kind === MarkKind::Cut && $mark->line === MarkLine::Inner) {
                $y = $card->fromHead ? $card->length - $mark->distance : $mark->distance;
                self::assertLessThan(1e-6, self::nearestCorner($card->outline, (float) $mark->x, $y), "$panel->id $mark->name");
            }
        }
    }

    private static function nearestCorner(Polygon $outline, float $x, float $y): float
    {
        return min(array_map(static fn (Point $c): float => hypot($c->u - $x, $c->v - $y), $outline->corners));
    }

    /** @param  list<\Imbrex\Core\Roof\Block>  $blocks */
    private static function plan(array $blocks, string $profile): Plan
    {
        $catalogue = Catalogue::shipped();
        $covering = new Covering($catalogue->profile($profile), $catalogue->material('steel'), '24 ga', false, HouseRules::with([]));

        return Plan::for(Job::of('Test', UnitSystem::Imperial, $covering, new RoofInput($blocks)));
    }
}
