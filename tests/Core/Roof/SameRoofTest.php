<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\WaterStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** A roof is one roof however it is moved, turned, named, or its blocks are put in order; seen in a mirror it costs and drains the same. */
final class SameRoofTest extends TestCase
{
    /** Features smaller than this (in) are one place to what meets there. */
    private const SMALL = 2.0;

    public function test_random_roofs_moved_turned_renamed_and_reordered(): void
    {
        $tried = 0;
        foreach (RandomRoof::several(300) as $random) {
            $job = $random->job(false, false);
            $blocks = $job->part(RoofInput::class)->blocks;
            $roof = $blocks === [] ? null : Plan::for($job)->of(RoofStage::class)->roof;
            if ($roof === null || array_filter($roof->edges, static fn (Edge $edge): bool => $edge->length() < self::SMALL) !== []) {
                continue;
            }
            $moved = array_map(static fn (Block $block, int $i): Block => self::named(self::turned($block, 37.0, 1000.3, -77.7), chr(ord('z') - $i)), $blocks, array_keys($blocks));
            $told = self::told($job);
            foreach (self::told($job->with(new RoofInput(array_reverse($moved)))) as $what => $others) {
                // A sliver of a cell may fall to either side of a line.
                self::assertEqualsWithDelta($told[$what], $others, $what === 'flows' ? 0.5 : 0.01, "roof $random->number: $what");
            }
            if ($tried++ % 3 === 0) {
                self::isMirrored($job, "roof $random->number in a mirror");
            }
        }
        self::assertGreaterThan(5, $tried);
    }

    /**
     * Two equal wings before a hall: the valley between them runs level into the hall's slope. By hand: each wing has 90 × 300 on the side of the
     * valley, less what the hall's slope takes; all of it leaves at the open south end, wherever the roof stands.
     */
    public function test_a_level_valley_drains_to_its_open_end(): void
    {
        $blocks = [
            BlockMaker::block('hall', 0, 0, 600, 240, [6, null, 6, null]),
            BlockMaker::block('west', 120, -240, 180, 360, [null, 6, null, 6]),
            BlockMaker::block('east', 300, -240, 180, 360, [null, 6, null, 6]),
        ];
        $seen = [];
        foreach ([0.0, 37.0, 90.0, 181.0] as $turn) {
            foreach ([$blocks, array_reverse($blocks), [$blocks[2], $blocks[0], $blocks[1]]] as $order) {
                $plan = RoofJob::plan(array_map(static fn (Block $block): Block => self::turned($block, $turn, 11.7, 3.0), $order));
                $level = array_values(array_filter($plan->of(RoofStage::class)->roof->edges, static fn (Edge $edge): bool => $edge->kind === EdgeKind::Valley && $edge->isLevel()));
                self::assertCount(1, $level);
                self::assertSame(['roof.level-valley'], array_map(static fn ($finding): string => $finding->code, RoofJob::findings($plan, 'roof.level-valley')), 'it wants a fall, and that is said');
                self::assertSame([], RoofJob::findings($plan, 'water.trapped'));
                $flow = array_values(array_filter($plan->of(WaterStage::class)->flows, static fn (Flow $one): bool => $one->id === $level[0]->id))[0];
                $seen[] = [round($flow->squareFeet, 3), self::told($plan->job)['panels'], self::told($plan->job)['runs']];
                self::assertGreaterThan(2 * 90.0 * 240.0 / 144.0, $flow->squareFeet);
            }
        }
        foreach ($seen as $one) {
            self::assertEqualsWithDelta($seen[0], $one, 0.01);
        }
    }

    /** @return array<string, list<float>> */
    private static function told(Job $job): array
    {
        $plan = Plan::for($job);
        $flows = array_values(array_filter($plan->of(WaterStage::class)->flows, static fn (Flow $flow): bool => $flow->of !== 'pan'));
        $told = [
            'panels' => array_map(static fn (Panel $panel): float => $panel->long, $plan->of(CuttingStage::class)->panels),
            'order' => array_map(static fn (Panel $panel): float => $panel->orderLength, $plan->of(CuttingStage::class)->panels),
            'saved' => [$plan->of(CuttingStage::class)->pairing->saved()],
            'fasteners' => array_values(array_map(static fn (FaceHold $hold): float => count($hold->clips) + count($hold->screws), $plan->of(HoldDownStage::class)->faces)),
            'runs' => array_values(array_map(static fn (TrimRun $run): float => $run->length, $plan->of(TrimsStage::class)->runs)),
            'flows' => array_map(static fn (Flow $flow): float => $flow->squareFeet, $flows),
        ];

        return array_map(static function (array $of): array {
            sort($of);

            return $of;
        }, $told);
    }

    private static function isMirrored(Job $job, string $what): void
    {
        $own = $job->covering;
        $profile = get_object_vars($own->profile);
        [$profile['leftMetal'], $profile['rightMetal']] = [$profile['rightMetal'], $profile['leftMetal']];
        $profile['hand'] = match ($own->profile->hand) {
            Hand::FemaleLeft => Hand::FemaleRight,
            Hand::FemaleRight => Hand::FemaleLeft,
            Hand::Either => Hand::Either,
        };
        $mirrored = Job::of($job->name, $job->units, new Covering(new Profile(...$profile), $own->material, $own->gauge, $own->ventedRidge, $own->rules), new RoofInput(array_map(self::mirrored(...), $job->part(RoofInput::class)->blocks)));
        [$one, $other] = [self::told($job), self::told($mirrored)];
        self::assertSame(count($one['panels']), count($other['panels']), $what);
        self::assertEqualsWithDelta($one['flows'], $other['flows'], 1.0, $what);
        self::assertEqualsWithDelta(self::cost($job), self::cost($mirrored), 0.01, $what);
    }

    private static function cost(Job $job): float
    {
        return array_sum(array_map(static fn (GroupLayout $group): float => $group->score->total(Weights::by($job->covering->rules)), Plan::for($job)->of(LayoutStage::class)->groups));
    }

    private static function turned(Block $block, float $degrees, float $east, float $north): Block
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return new Block(
            id: $block->id,
            name: $block->name,
            x: $east + $block->x * $cos - $block->y * $sin,
            y: $north + $block->x * $sin + $block->y * $cos,
            rotationDegrees: $block->rotationDegrees + $degrees,
            length: $block->length,
            width: $block->width,
            eaveHeight: $block->eaveHeight,
            sides: $block->sides,
            source: $block->source,
        );
    }

    private static function named(Block $block, string $id): Block
    {
        return new Block(
            id: $id,
            name: $id,
            x: $block->x,
            y: $block->y,
            rotationDegrees: $block->rotationDegrees,
            length: $block->length,
            width: $block->width,
            eaveHeight: $block->eaveHeight,
            sides: $block->sides,
            source: $block->source,
        );
    }

    private static function mirrored(Block $block): Block
    {
        $turn = deg2rad($block->rotationDegrees);
        $sides = [...$block->sides, 'east' => $block->sides['west'], 'west' => $block->sides['east']];

        return new Block(
            id: $block->id,
            name: $block->name,
            x: -($block->x + $block->length * cos($turn)),
            y: $block->y + $block->length * sin($turn),
            rotationDegrees: -$block->rotationDegrees,
            length: $block->length,
            width: $block->width,
            eaveHeight: $block->eaveHeight,
            sides: $sides,
            source: $block->source,
        );
    }
}
