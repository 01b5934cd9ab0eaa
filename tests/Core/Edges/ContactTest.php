<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\Contact\ContactFault;
use Imbrex\Core\Edges\Contact\Metals;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Edges\Internal\Contact\ContactCheck;
use Imbrex\Core\Edges\Internal\Contact\ContactTable;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

/** What eats what is found where pieces really touch, drain onto one another or are held. */
final class ContactTest extends TestCase
{
    public function test_of_one_metal_with_the_usual_fasteners_nothing_eats_anything(): void
    {
        foreach (array_keys(Catalogue::shipped()->materials) as $metal) {
            foreach (ShippedSections::keys() as [$name]) {
                self::assertSame([], self::said($name, $metal, new MetalsInput), "$name in $metal");
            }
        }
    }

    /** @return iterable<string, array{string, string, MetalsInput, list<string>}> by hand, from how each build lies */
    public static function cases(): iterable
    {
        $trims = new MetalsInput(trims: 'steel');
        // Membrane parts panel and flange, its hem sits on a cleat of steel, and what drips off it runs down the trim's face.
        yield 'copper on steel trims at an eave' => ['cleat-nose', 'copper', $trims, ['run-off panel eave-trim copper steel', 'touch panel offset-cleat copper steel']];
        yield 'copper into a steel gutter' => ['gutter-eave', 'copper', $trims, ['run-off panel gutter-flange copper steel', 'touch panel offset-cleat copper steel']];
        yield 'copper panels onto a steel valley pan' => ['hemmed-valley', 'copper', $trims, ['run-off panel hemmed-pan copper steel', 'run-off panel-far hemmed-pan copper steel', 'touch panel hemmed-pan copper steel', 'touch panel-far hemmed-pan copper steel']];
        // It stands on zees of its own metal, and these on tape.
        yield 'steel below copper trims' => ['headwall-zee', 'steel', new MetalsInput(trims: 'copper'), ['run-off headwall-flashing panel copper steel']];
        yield 'zinc under aluminium is no matter' => ['hidden-valley', 'zinc', new MetalsInput(trims: 'aluminium'), []];
        yield 'nails of steel in aluminium' => ['screwed-eave', 'aluminium', new MetalsInput(screws: 'steel'), ['nail drip-flashing  steel aluminium']];
        yield 'aluminium rivets in steel' => ['receiver', 'steel', new MetalsInput(rivets: 'aluminium'), ['rivet panel  aluminium steel', 'rivet rake-angle  aluminium steel', 'rivet rake-trim  aluminium steel', 'rivet receiver  aluminium steel']];
        yield 'copper rivets in zinc are noble enough' => ['receiver', 'zinc', new MetalsInput(rivets: 'copper'), []];
        yield 'treated fascia' => ['hooked-drip', 'aluminium', new MetalsInput(treatedFascia: true), ['timber drip-trim  aluminium ']];
        yield 'treated fascia under copper' => ['hooked-drip', 'copper', new MetalsInput(treatedFascia: true), []];
        yield 'fresh mortar behind membrane' => ['headwall-zee', 'aluminium', new MetalsInput(freshMortar: true), []];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('cases')]
    public function test_what_meets_is_judged(string $build, string $panels, MetalsInput $metals, array $expected): void
    {
        $said = self::said($build, $panels, $metals);
        sort($said);
        self::assertSame($expected, $said);
    }

    public function test_membrane_between_parts_them(): void
    {
        $layers = ShippedSections::build('hooked-drip')->layers;
        $bare = array_values(array_filter($layers, static fn (Layer $layer): bool => $layer->key !== 'membrane'));
        $touches = static fn (array $layers): bool => in_array('touch panel drip-trim copper steel', self::said('hooked-drip', 'copper', new MetalsInput(trims: 'steel'), $layers), true);
        self::assertTrue($touches($bare));
        $under = [$layers[0], new Layer('sheet', LayerRole::Membrane, -Layer::FIELD, 4.0), $layers[2]];
        self::assertFalse($touches($under));
    }

    public function test_one_layer_of_another_metal_is_enough(): void
    {
        $layers = ShippedSections::build('cleat-nose')->layers;
        $copper = new Layer('own-1', LayerRole::Trim, -2.0, 1.0, metal: 'copper', title: 'Drip edge');
        $said = self::said('cleat-nose', 'steel', new MetalsInput, [...array_slice($layers, 0, 5), $copper, ...array_slice($layers, 5)]);
        self::assertContains('touch own-1 offset-cleat copper steel', $said);
        self::assertContains('touch panel own-1 steel copper', $said);
    }

    public function test_it_is_told_once_for_all_edges_where_it_is_so(): void
    {
        $bare = RoofJob::plan(RoofJob::boathouse())->job;
        $covering = new Covering($bare->covering->profile, Catalogue::shipped()->materials['copper'], '16 oz', false, $bare->covering->rules);
        $job = Job::of('Copper', $bare->units, $covering, $bare->part(RoofInput::class), new BuildsInput, new MetalsInput(trims: 'steel'));
        $found = array_values(array_filter(Plan::for($job)->findings(), static fn (Finding $f): bool => $f->code === 'edges.contact-run-off'));
        $eaves = array_values(array_filter($found, static fn (Finding $f): bool => $f->parameters['other'] == new Term('layer.eave-trim')));
        self::assertCount(1, $eaves);
        self::assertSame(7, $eaves[0]->parameters['edges'], 'every eave of the boathouse');
        self::assertStringStartsWith('eave-', $eaves[0]->where);
    }

    public function test_the_table(): void
    {
        foreach (['zinc', 'aluminium', 'steel'] as $base) {
            self::assertFalse(ContactTable::mayDrain('copper', $base));
            self::assertTrue(ContactTable::mayDrain($base, 'copper'), 'upwards nothing drains');
            self::assertFalse(ContactTable::mayTouch($base, 'copper'));
        }
        self::assertTrue(ContactTable::mayTouch('copper', 'stainless'));
        self::assertFalse(ContactTable::mayHold(FastenerKind::Rivet, 'steel', 'steel'), 'stainless in steel');
        self::assertTrue(ContactTable::mayHold(FastenerKind::Rivet, 'aluminium', 'aluminium'));
        self::assertFalse(ContactTable::mayHold(FastenerKind::Rivet, 'aluminium', 'copper'));
        self::assertTrue(ContactTable::mayHold(FastenerKind::Nail, 'stainless', 'aluminium'));
        self::assertFalse(ContactTable::mayHold(FastenerKind::Pancake, 'steel', 'copper'));
        self::assertSame([false, false, true, true, true], array_map(ContactTable::bearsLimeAndSalts(...), ['steel', 'aluminium', 'copper', 'zinc', 'stainless']));
    }

    /**
     * @param  list<Layer>|null  $layers
     * @return list<string>
     */
    private static function said(string $build, string $panels, MetalsInput $metals, ?array $layers = null): array
    {
        $covering = new Covering(JobMaker::covering('snap-lock-1.5-16', HouseRules::with([]), false)->profile, Catalogue::shipped()->materials[$panels], '', false, HouseRules::with([]));

        return array_map(static fn (ContactFault $fault): string => $fault->name(), (new ContactCheck(ShippedSections::of($build, $layers), new Metals($covering, $metals)))->faults());
    }
}
