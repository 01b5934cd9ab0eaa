<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Builds\Adaptation;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Every edge gets a build, and the panels do what it asks. */
final class EdgesStageTest extends TestCase
{
    /** By build: how far the metal reaches past the line, and what is folded besides, inches: trade practice. */
    private const ASKS = [
        'cleat-nose' => [1.0, 1.0], 'hooked-drip' => [0.75, 1.0], 'vented-eave' => [1.0, 1.0], 'gutter-eave' => [1.0, 1.0], 'stiffened-eave' => [1.5, 0.0], 'screwed-eave' => [1.0, 0.0], 'screwed-gutter-eave' => [1.0, 0.0],
        'receiver' => [0.0, 1.5], 'zee-on-panel' => [-0.375, 0.0], 'closing-hem' => [0.0, 0.75], 'leg-refitted' => [-1.0, 0.0], 'screwed-rake' => [-0.25, 0.0],
        'ridge-zee' => [0.0, 0.0], 'ridge-zee-vented' => [-2.0, 0.0], 'ridge-strip-vented' => [-2.0, 0.0], 'ridge-heads' => [0.0, 0.0], 'screwed-ridge' => [-1.0, 0.0], 'screwed-ridge-vented' => [-2.0, 0.0],
        'hip-zee' => [-0.5, 0.0], 'hip-heads' => [-0.5, 0.0], 'screwed-hip' => [-1.0, 0.0], 'peak-nose' => [0.0, 1.0], 'screwed-peak' => [0.0, 0.0],
        'hidden-valley' => [-4.0, 1.0], 'hemmed-valley' => [-4.0, 1.0], 'closure-valley' => [-4.0, 0.0], 'screwed-valley' => [-4.0, 0.0],
        'headwall-zee' => [-1.0, 0.0], 'screwed-headwall' => [-0.5, 0.0], 'sidewall-turned' => [-0.5, 1.5], 'screwed-sidewall' => [-0.5, 0.0],
    ];

    public function test_on_random_roofs_every_edge_gets_a_build_that_sheds_and_the_panels_follow_it(): void
    {
        $seen = [];
        foreach (RandomRoof::several(300) as $random) {
            $bare = $random->plan(true, false);
            $wishes = [];
            foreach ($bare->of(RoofStage::class)->roof->edges as $edge) {
                $choices = $bare->of(BuildsStage::class)->choice->choices($edge->kind);
                self::assertNotSame([], $choices, $edge->kind->value);
                $wishes[$edge->id] = new EdgeWish(build: $choices[$random->between(0, count($choices) - 1)]->name());
            }
            foreach ([$bare, Plan::for($bare->job->with(new BuildsInput($wishes)))] as $plan) {
                $edges = $plan->of(EdgesStage::class)->edges;
                self::assertCount(count($plan->of(RoofStage::class)->roof->edges), $edges);
                foreach ($edges as $id => $built) {
                    self::assertSame([], $built->faults, "roof $random->number, $id, {$built->build->key}");
                }
            }
            foreach (self::sides($plan) as [$face, $edge, $from, $to]) {
                $key = (string) strstr((string) $wishes[$edge->id]->build, '@', true);
                if (isset(self::ASKS[$key]) && $this->follows($plan, $face, $edge, [$from, $to], self::ASKS[$key], "roof $random->number, $edge->id, $key")) {
                    $seen[$key] = ($seen[$key] ?? 0) + 1;
                }
            }
        }
        self::assertGreaterThan(15, count($seen), implode(', ', array_keys($seen)));
    }

    /** @return iterable<array{Face, Edge, Point, Point}> long sides of faces, and the edge each lies at */
    private static function sides(Plan $plan): iterable
    {
        $finder = new SideFinder($plan->of(RoofStage::class)->roof);
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            foreach (array_keys($face->outline->corners) as $side) {
                $edge = $finder->edge($face, 0, $side);
                if ($edge !== null && $face->outline->sideLength($side) > 48.0) {
                    yield [$face, $edge, $face->outline->corner($side), $face->outline->corner($side + 1)];
                }
            }
        }
    }

    /**
     * Whether metal was seen at a side; it must end square to it as far off as the build asks, apart and with its hem.
     *
     * @param  array{Point, Point}  $side
     * @param  array{float, float}  $asks
     */
    private function follows(Plan $plan, Face $face, Edge $edge, array $side, array $asks, string $what): bool
    {
        $seen = false;
        // Metal lies to the left of a side: one that runs down is the left one. A whole panel's leg stands there as it was
        // formed; only one that is cut is turned up.
        $isLeft = $side[1]->v < $side[0]->v;
        $panels = array_filter($plan->of(CuttingStage::class)->panelsOf($face->id), static fn (Panel $panel): bool => ! $edge->kind->runsUpSlope() || ($isLeft ? $panel->cutLeft : $panel->cutRight));
        foreach ([[$asks[0], static fn (Panel $panel): Polygon => $panel->metal], [$asks[0] + $asks[1], static fn (Panel $panel): Polygon => $edge->kind->runsUpSlope() ? $panel->sheet : $panel->blank]] as [$wanted, $of]) {
            $offs = self::offs($side, array_values(array_map($of, $panels)), $wanted);
            if ($offs !== []) {
                self::assertEqualsWithDelta($wanted, $offs[0], 1e-6, "$what on $face->id");
                $seen = true;
            }
        }

        return $seen;
    }

    /**
     * How far sides of metal that run along a side of the face lie from it, square to it and outwards, those nearest to what is wanted first.
     *
     * @param  array{Point, Point}  $side
     * @param  list<Polygon>  $metal
     * @return list<float>
     */
    private static function offs(array $side, array $metal, float $wanted): array
    {
        [$a, $b] = $side;
        $length = $a->distanceTo($b);
        $off = static fn (Point $p): float => -(($b->u - $a->u) * ($p->v - $a->v) - ($b->v - $a->v) * ($p->u - $a->u)) / $length;
        $along = static fn (Point $p): float => (($p->u - $a->u) * ($b->u - $a->u) + ($p->v - $a->v) * ($b->v - $a->v)) / $length;
        $offs = [];
        foreach ($metal as $polygon) {
            foreach (array_keys($polygon->corners) as $i) {
                [$from, $to] = [$polygon->corner($i), $polygon->corner($i + 1)];
                $middle = ($along($from) + $along($to)) / 2.0;
                if ($from->distanceTo($to) > 1.0 && abs($off($from) - $off($to)) < 1e-6 && abs($off($from)) < 9.0 && $middle > 12.0 && $middle < $length - 12.0) {
                    $offs[] = $off($from);
                }
            }
        }
        usort($offs, static fn (float $one, float $other): int => abs($one - $wanted) <=> abs($other - $wanted));

        return $offs;
    }

    public function test_a_job_with_nothing_said_is_what_one_with_the_usual_builds_is(): void
    {
        foreach (['snap-lock-1.5-16', 'rib-9-36', 'double-lock-2-16'] as $profile) {
            $nothing = RoofJob::plan(RoofJob::boathouse(), $profile);
            $wishes = array_map(static fn ($built): EdgeWish => new EdgeWish(build: $built->build->name()), $nothing->of(EdgesStage::class)->edges);
            $said = RoofJob::plan(RoofJob::boathouse(), $profile, wishes: $wishes);
            self::assertEquals($nothing->of(CuttingStage::class)->panels, $said->of(CuttingStage::class)->panels);
            self::assertEquals($nothing->of(LoadOutStage::class)->order, $said->of(LoadOutStage::class)->order);
        }
    }

    public function test_one_rake_closed_by_a_hem_and_the_other_in_a_receiver(): void
    {
        $bare = RoofJob::plan(RoofJob::gable(390.0));
        $rakes = array_values(array_filter($bare->of(RoofStage::class)->roof->edges, static fn (Edge $edge): bool => $edge->kind->value === 'rake' && $edge->faces === ['shed.S']));
        $plan = RoofJob::plan(RoofJob::gable(390.0), wishes: [$rakes[0]->id => new EdgeWish(build: 'closing-hem')]);
        $seen = 0;
        foreach (self::sides($plan) as [$face, $edge, $from, $to]) {
            if ($face->id === 'shed.S' && $edge->kind->value === 'rake') {
                self::assertTrue($this->follows($plan, $face, $edge, [$from, $to], [0.0, $edge->id === $rakes[0]->id ? 0.75 : 1.5], $edge->id));
                $seen++;
            }
        }
        self::assertSame(2, $seen);
    }

    public function test_a_section_folds_what_its_panels_fold(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), rules: ['edge.eave.concealed.hem' => 0.75, 'edge.valley.concealed.hem' => 1.25]);
        foreach ($plan->of(EdgesStage::class)->edges as $built) {
            foreach ($built->section->layers as $layer) {
                $hem = ['cleat-nose' => 0.75, 'hidden-valley' => 1.25][$built->build->key] ?? 0.0;
                if (str_starts_with($layer->layer->key, 'panel')) {
                    self::assertSame($hem, $layer->hem, $built->edge->id);
                }
            }
        }
    }

    public function test_a_valley_cleat_ends_where_its_line_is_chalked(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), rules: ['cut.cleatFlange' => 2.0]);
        $valley = $plan->of(EdgesStage::class)->edges['valley-hall.S-wing.E'];
        $ends = array_column(array_map(static fn ($layer): array => [$layer->layer->key, [$layer->from, $layer->to]], $valley->section->layers), 1, 0);
        self::assertSame([[-7.0, -4.0], [4.0, 7.0]], [$ends['offset-cleat'], $ends['offset-cleat-far']]);
        self::assertTrue($valley->sheds());
    }

    public function test_a_starter_along_a_rake_is_the_build_that_begins_at_one(): void
    {
        $bare = RoofJob::plan(RoofJob::gable(390.0));
        $rake = array_values(array_filter($bare->of(RoofStage::class)->roof->edges, static fn (Edge $edge): bool => $edge->kind->value === 'rake'))[0];
        $edges = RoofJob::plan(RoofJob::gable(390.0), wishes: [$rake->id => new EdgeWish(starter: true)])->of(EdgesStage::class)->edges;
        self::assertSame(['zee-on-panel', true], [$edges[$rake->id]->build->key, $edges[$rake->id]->sheds()]);
    }

    public function test_a_hooked_drip_shortens_its_panels_by_a_quarter(): void
    {
        $long = static fn (array $builds): float => Plan::for(RoofJob::plan(RoofJob::gable(400.0))->job->with(new BuildsInput(builds: $builds)))->of(CuttingStage::class)->panelsOf('shed.S')[5]->long;
        self::assertEqualsWithDelta($long([]) - 0.25, $long(['eave' => 'hooked-drip']), 1e-9);
        self::assertEqualsWithDelta($long([]), $long(['eave' => 'screwed-eave']), 1e-9, 'no build of another family');
    }

    public function test_a_cap_seam_is_stiffened_where_it_is_flat_and_folded_where_it_is_steep(): void
    {
        $keys = static fn (float $rise): array => array_values(array_unique(array_map(static fn ($built): string => $built->build->key, RoofJob::plan(RoofJob::gable(400.0, 240.0, $rise), 'cap-seam-1.375-16')->of(EdgesStage::class)->edges)));
        self::assertEqualsCanonicalizing(['stiffened-eave', 'leg-refitted', 'ridge-heads'], $keys(2.0));
        self::assertEqualsCanonicalizing(['cleat-nose', 'receiver', 'ridge-zee'], $keys(6.0));
    }

    public function test_layers_in_a_wrong_order_are_said_where_they_are(): void
    {
        $bare = RoofJob::plan(RoofJob::gable(400.0));
        $eave = array_values(array_filter($bare->of(RoofStage::class)->roof->edges, static fn (Edge $edge): bool => $edge->kind->value === 'eave'))[0];
        $order = ['trim-cleat', 'membrane', 'eave-trim', 'tape', 'offset-cleat', 'panel'];
        $plan = RoofJob::plan(RoofJob::gable(400.0), wishes: [$eave->id => new EdgeWish(build: 'cleat-nose@1', adaptation: new Adaptation($order, ['eave-trim' => 8.0]))]);
        $found = array_values(array_filter($plan->findings(), static fn (Finding $f): bool => str_starts_with($f->code, 'edges.')));
        self::assertSame([['edges.reversed', $eave->id]], array_map(static fn (Finding $f): array => [$f->code, $f->where], $found));
        $built = $plan->of(EdgesStage::class)->edges[$eave->id];
        self::assertFalse($built->sheds());
        self::assertTrue($built->own->isAdapted());
        self::assertSame(8.0, $built->section->layers[2]->layer->fastener?->spacing);
        self::assertEquals($built->section, unserialize(serialize($built))->section, 'kept and read again');
    }

    public function test_fasteners_run_from_one_end_and_zees_have_theirs_in_each_pan(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('shed', 0, 0, 98, 240, [6, null, 6, null])]);
        $profile = $plan->job->covering->profile;
        foreach ($plan->of(EdgesStage::class)->edges as $built) {
            $lines = [];
            foreach ($built->section->layers as $layer) {
                $lines[$layer->layer->key] = $built->fasteners($layer, $profile);
            }
            if ($built->build->key === 'cleat-nose') {
                // 98 long: 96 between the ends, eight spaces of 12.
                self::assertEqualsWithDelta([1.0, 13.0, 25.0, 37.0, 49.0, 61.0, 73.0, 85.0, 97.0], $lines['offset-cleat']->at, 1e-9);
            } elseif ($built->build->key === 'ridge-zee') {
                // 16 of cover less 3/8 and 1/4 of legs: 15-3/8 clear; screws 1 from its ends, at most 4 apart and evenly: 13-3/8 in four.
                self::assertEqualsWithDelta([1.0, 4.34375, 7.6875, 11.03125, 14.375], $lines['zee']->at, 1e-9);
                self::assertSame([7, 35], [$lines['zee']->pieces, $lines['zee']->count(1)], '98 are six pans and a piece');
            }
        }
    }

    public function test_every_shipped_build_has_a_home(): void
    {
        foreach (BuildBook::shipped()->all() as $build) {
            foreach (Fixing::cases() as $fixing) {
                self::assertSame($build->holds($fixing), in_array($build, BuildBook::shipped()->choices($build->edge, $fixing), true), $build->key);
            }
            self::assertSame($build, BuildBook::shipped()->build($build->key));
            self::assertNull(BuildBook::shipped()->build("$build->key@99"));
        }
    }
}
