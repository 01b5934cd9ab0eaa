<?php

declare(strict_types=1);

namespace Tests\Core\Builds;

use Imbrex\Core\Builds\Adaptation;
use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\BuildDifference;
use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Seal;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** A crew changes a build's layers, keeps them as its own, and sees what it changed. */
final class AdaptationTest extends TestCase
{
    private const EAVE = ['trim-cleat', 'eave-trim', 'membrane', 'tape', 'offset-cleat', 'panel', 'seam-bead'];

    public function test_own_layers_go_on_after_what_they_lie_on(): void
    {
        $layers = self::nose()->layers;
        $felt = self::felt();
        self::assertSame(self::EAVE, self::keys((new Adaptation)->of($layers)));
        self::assertSame(['trim-cleat', 'eave-trim', 'felt', 'membrane', 'tape', 'offset-cleat', 'panel', 'seam-bead'], self::keys((new Adaptation(layers: ['felt' => $felt], on: ['felt' => 'eave-trim']))->of($layers)));
        // On another one of one's own, told in whatever order.
        $patch = new Layer('patch', LayerRole::Tape, -4.5, -3.0, title: 'Patch');
        self::assertSame(['eave-trim', 'felt', 'patch'], array_slice(self::keys((new Adaptation(layers: ['patch' => $patch, 'felt' => $felt], on: ['patch' => 'felt', 'felt' => 'eave-trim']))->of($layers)), 1, 3));
        // An order that is said is kept to; what it leaves out does not go on.
        self::assertSame(['felt', 'panel'], self::keys((new Adaptation(['felt', 'panel'], layers: ['felt' => $felt], on: ['felt' => 'eave-trim']))->of($layers)));
        self::assertSame(9.0, (new Adaptation(spacing: ['trim-cleat' => 9.0]))->of($layers)[0]->fastener?->spacing);
    }

    public function test_differences_are_as_few_as_tell_it(): void
    {
        $layers = self::nose()->layers;
        $said = static fn (Adaptation $a): array => array_map(static fn (BuildDifference $one): string => trim("$one->how {$one->layer->key} ".($one->how === 'spaced' ? "$one->was" : $one->after?->key)), BuildDifference::between($layers, $a->of($layers)));

        self::assertSame([], $said(new Adaptation));
        self::assertSame(['added felt eave-trim'], $said(new Adaptation(layers: ['felt' => self::felt()], on: ['felt' => 'eave-trim'])));
        self::assertSame(['moved eave-trim membrane'], $said(new Adaptation(['trim-cleat', 'membrane', 'eave-trim', 'tape', 'offset-cleat', 'panel', 'seam-bead'])), 'one was moved, not one each way');
        self::assertSame(['moved panel', 'spaced offset-cleat 12', 'dropped trim-cleat', 'dropped seam-bead'], $said(new Adaptation(['panel', 'eave-trim', 'membrane', 'tape', 'offset-cleat'], ['offset-cleat' => 8.0])));
        self::assertSame(['moved trim-cleat panel'], $said(new Adaptation(['eave-trim', 'membrane', 'tape', 'offset-cleat', 'panel', 'trim-cleat', 'seam-bead'])));
    }

    /** As few as there can be: however layers are shuffled, those left alone keep their turn, and none more could. */
    public function test_in_any_order_those_said_to_be_moved_are_enough(): void
    {
        mt_srand(3);
        $layers = self::nose()->layers;
        for ($try = 0; $try < 60; $try++) {
            $order = self::EAVE;
            shuffle($order);
            $moved = array_map(static fn (BuildDifference $one): string => $one->layer->key, BuildDifference::between($layers, (new Adaptation($order))->of($layers)));
            $still = array_values(array_diff($order, $moved));
            self::assertSame(array_values(array_intersect(self::EAVE, $still)), $still, implode(' ', $order));
            // By brute force: the longest that kept their turn.
            $best = 0;
            for ($some = 0; $some < 1 << count($order); $some++) {
                $picked = array_values(array_filter($order, static fn (string $key, int $i): bool => ($some >> $i & 1) === 1, ARRAY_FILTER_USE_BOTH));
                $best = $picked === array_values(array_intersect(self::EAVE, $picked)) ? max($best, count($picked)) : $best;
            }
            self::assertCount($best, $still);
        }
    }

    public function test_a_build_of_the_crew_asks_of_the_panels_what_it_was_made_from_asks(): void
    {
        $drip = BuildBook::shipped()->build('hooked-drip') ?? self::fail();
        $own = $drip->adapted('crew-drip', 3, 'Drip on felt', new Adaptation(layers: ['felt' => new Layer('felt', LayerRole::Membrane, -20.0, -1.0, title: 'Felt')], on: ['felt' => 'drip-trim']));
        $plan = static fn (BuildsInput $input): Plan => Plan::for(RoofJob::plan(RoofJob::gable(400.0))->job->with($input));
        $with = $plan(new BuildsInput(builds: ['eave' => 'crew-drip@3'], own: [$own]));
        $without = $plan(new BuildsInput(builds: ['eave' => 'hooked-drip@1']));
        self::assertEquals($without->of(CuttingStage::class)->panelsOf('shed.S'), $with->of(CuttingStage::class)->panelsOf('shed.S'));
        $eave = self::eave($with);
        self::assertSame(['drip-trim', 'felt', 'membrane', 'panel', 'seam-bead'], array_map(static fn ($placed): string => $placed->layer->key, $eave->section->layers));
        self::assertTrue($eave->sheds());
        self::assertFalse($eave->own->isAdapted(), 'it is what its build says');
        self::assertSame(['added'], array_map(static fn (BuildDifference $one): string => $one->how, BuildDifference::between($eave->own->shipped()->layers ?? [], $eave->own->layers())));
        self::assertEquals($eave, unserialize(serialize($eave)), 'kept and read again');
        self::assertSame('cleat-nose', self::eave($plan(new BuildsInput(own: [$own])))->build->key, 'none is usual because somebody made it');
    }

    public function test_what_is_changed_again_is_kept_whole(): void
    {
        $own = self::nose()->adapted('crew-nose', 1, 'Nose on felt', new Adaptation(spacing: ['trim-cleat' => 8.0], layers: ['felt' => self::felt()], on: ['felt' => 'eave-trim']));
        $bare = RoofJob::plan(RoofJob::gable(400.0));
        $id = self::eave($bare)->edge->id;
        $bead = new Layer('bead', LayerRole::Sealant, -0.5, -0.25, new Fastener(FastenerKind::Nail, 12.0, [-0.4]), seal: new Seal(SealKind::Polymer, beads: 2), title: 'Bead');
        $plan = Plan::for($bare->job->with(new BuildsInput([$id => new EdgeWish(build: 'crew-nose@1', adaptation: new Adaptation(layers: ['bead' => $bead], on: ['bead' => 'felt']))], own: [$own])));
        $changed = self::eave($plan)->own->changed();
        self::assertSame(['trim-cleat', 'eave-trim', 'felt', 'bead', 'membrane', 'tape', 'offset-cleat', 'panel', 'seam-bead'], $changed->order);
        self::assertSame(['trim-cleat' => 8.0], $changed->spacing);
        self::assertSame(['bead' => 'felt', 'felt' => 'eave-trim'], $changed->on);
        self::assertEquals(self::eave($plan)->own->layers(), $changed->of(self::nose()->layers), 'laid anew on what ships it is the same');
    }

    public function test_a_job_keeps_its_version_and_says_so(): void
    {
        $at = static fn (int $version): Build => self::nose()->adapted('crew-nose', $version, 'Our nose', new Adaptation(spacing: ['trim-cleat' => (float) $version]));
        $bare = RoofJob::plan(RoofJob::gable(400.0));
        $id = self::eave($bare)->edge->id;
        foreach ([new BuildsInput(builds: ['eave' => 'crew-nose@1'], own: [$at(1), $at(2)]), new BuildsInput([$id => new EdgeWish(build: 'crew-nose@1')], own: [$at(2), $at(1)])] as $input) {
            $plan = Plan::for($bare->job->with($input));
            self::assertSame(1.0, self::eave($plan)->own->layers()[0]->fastener?->spacing);
            $said = array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->code === 'builds.older'));
            self::assertSame([['build' => 'Our nose', 'version' => 1, 'newest' => 2]], array_map(static fn (Finding $f): array => $f->parameters, $said));
        }
        $newest = Plan::for($bare->job->with(new BuildsInput(builds: ['eave' => 'crew-nose@2'], own: [$at(1), $at(2)])));
        self::assertSame([], array_filter($newest->findings(), static fn (Finding $f): bool => $f->code === 'builds.older'));
        self::assertNotContains($at(1)->name(), array_map(static fn (Build $build): string => $build->name(), BuildBook::shipped()->with([$at(1), $at(2)])->choices(EdgeKind::Eave, $at(1)->fixings[0])), 'what is offered is the newest');
    }

    private static function eave(Plan $plan): BuiltEdge
    {
        $id = array_values(array_filter($plan->of(RoofStage::class)->roof->edges, static fn ($edge): bool => $edge->kind === EdgeKind::Eave))[0]->id;

        return $plan->of(EdgesStage::class)->edges[$id];
    }

    private static function nose(): Build
    {
        return BuildBook::shipped()->build('cleat-nose') ?? self::fail();
    }

    private static function felt(): Layer
    {
        return new Layer('felt', LayerRole::Membrane, -20.0, -1.0, title: 'Felt');
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    private static function keys(array $layers): array
    {
        return array_map(static fn (Layer $layer): string => $layer->key, $layers);
    }
}
