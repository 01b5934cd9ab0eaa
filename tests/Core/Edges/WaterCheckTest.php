<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\Internal\WaterCheck;
use Imbrex\Core\Edges\Internal\WaterFault;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Water follows the finished laps: shipped builds shed, reversed laps are found where they are, sound orders pass. */
final class WaterCheckTest extends TestCase
{
    /**
     * Laps of the shipped builds by hand: what drains, and what it has to drain onto, or be covered by. Turned round, each
     * lets water in.
     */
    private const LAPS = [
        'cleat-nose' => [['membrane', 'eave-trim'], ['panel', 'eave-trim'], ['panel', 'offset-cleat'], ['eave-trim', 'trim-cleat'], ['panel', 'membrane']],
        'hooked-drip' => [['membrane', 'drip-trim'], ['panel', 'drip-trim'], ['panel', 'membrane']],
        'vented-eave' => [['panel', 'eave-trim']],
        'gutter-eave' => [['membrane', 'gutter-flange'], ['panel', 'gutter-flange'], ['panel', 'offset-cleat'], ['panel', 'membrane']],
        'stiffened-eave' => [['membrane', 'eave-trim'], ['eave-trim', 'trim-cleat'], ['panel', 'membrane']],
        'screwed-eave' => [['membrane', 'drip-flashing'], ['panel', 'drip-flashing'], ['panel', 'membrane']],
        'screwed-gutter-eave' => [['membrane', 'gutter-flange'], ['panel', 'gutter-flange'], ['panel', 'membrane']],
        'receiver' => [['rake-trim', 'panel'], ['rake-trim', 'receiver'], ['rake-trim', 'rake-cleat'], ['panel', 'membrane']],
        'zee-on-panel' => [['rake-trim', 'rake-cleat'], ['panel', 'membrane']],
        'closing-hem' => [['closed-hem', 'panel'], ['panel', 'gable-trim'], ['panel', 'membrane']],
        'leg-refitted' => [['rake-trim', 'panel'], ['rake-trim', 'rake-cleat'], ['panel', 'membrane']],
        'screwed-rake' => [['panel', 'membrane']],
        'ridge-zee' => [['cap', 'panel'], ['cap', 'panel-far'], ['cap', 'zee'], ['cap', 'zee-far']],
        'ridge-zee-vented' => [['cap', 'panel'], ['cap', 'panel-far'], ['cap', 'membrane'], ['cap', 'membrane-far'], ['panel', 'membrane'], ['panel-far', 'membrane-far']],
        'ridge-strip-vented' => [['cap', 'panel'], ['cap', 'panel-far'], ['cap', 'zee'], ['cap', 'zee-far'], ['panel', 'membrane'], ['panel-far', 'membrane-far']],
        'ridge-heads' => [['cap', 'panel'], ['cap', 'panel-far']],
        'screwed-ridge' => [['cap', 'panel'], ['cap', 'panel-far']],
        'screwed-ridge-vented' => [['cap', 'panel'], ['cap', 'panel-far'], ['panel', 'membrane'], ['panel-far', 'membrane-far']],
        'hip-zee' => [['cap', 'panel'], ['cap', 'panel-far'], ['cap', 'zee'], ['cap', 'zee-far']],
        'hip-heads' => [['cap', 'panel'], ['cap', 'panel-far']],
        'screwed-hip' => [['cap', 'panel'], ['cap', 'panel-far']],
        'peak-nose' => [['panel', 'membrane']],
        'screwed-peak' => [['peak-cap', 'panel']],
        'hidden-valley' => [['panel', 'valley-pan'], ['panel-far', 'valley-pan'], ['panel', 'offset-cleat'], ['panel-far', 'offset-cleat-far'], ['valley-pan', 'second-membrane']],
        'hemmed-valley' => [['panel', 'hemmed-pan'], ['panel-far', 'hemmed-pan'], ['hemmed-pan', 'second-membrane']],
        'closure-valley' => [['panel', 'valley-pan'], ['panel-far', 'valley-pan'], ['valley-pan', 'second-membrane']],
        'screwed-valley' => [['panel', 'valley-pan'], ['panel-far', 'valley-pan'], ['valley-pan', 'second-membrane']],
        'headwall-zee' => [['headwall-flashing', 'panel'], ['siding', 'headwall-flashing'], ['headwall-flashing', 'zee'], ['siding', 'membrane']],
        'screwed-headwall' => [['headwall-flashing', 'panel'], ['siding', 'headwall-flashing'], ['siding', 'membrane']],
        'sidewall-turned' => [['sidewall-flashing', 'panel'], ['siding', 'sidewall-flashing'], ['siding', 'membrane']],
        'screwed-sidewall' => [['siding', 'sidewall-flashing'], ['siding', 'membrane']],
        'transition-nose' => [['panel', 'transition-flashing'], ['membrane-upper', 'transition-flashing'], ['transition-flashing', 'panel-lower'], ['transition-flashing', 'zee'], ['panel', 'membrane-upper']],
        'side-zee' => [['panel', 'panel-lower'], ['panel-lower', 'membrane']],
        'screwed-transition' => [['panel', 'transition-flashing'], ['membrane-upper', 'transition-flashing'], ['panel', 'membrane-upper']],
    ];

    #[DataProviderExternal(ShippedSections::class, 'keys')]
    public function test_every_shipped_build_sheds_at_every_pitch(string $name): void
    {
        foreach ([1.0, 9.0, 26.565, 45.0, 60.0] as $degrees) {
            self::assertEquals([], (new WaterCheck(ShippedSections::of($name, null, $degrees)))->faults(), "at $degrees degrees");
        }
        self::assertArrayHasKey(ShippedSections::build($name)->key, self::LAPS, 'has its laps reversed below');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function laps(): iterable
    {
        foreach (self::LAPS as $key => $laps) {
            foreach ($laps as [$upper, $lower]) {
                yield "$key: $lower over $upper" => [$key, $upper, $lower];
            }
        }
    }

    #[DataProvider('laps')]
    public function test_each_lap_turned_round_is_found_at_its_place(string $key, string $upper, string $lower): void
    {
        $layers = ShippedSections::build($key)->layers;
        $moved = self::layer($layers, $lower);
        $rest = array_values(array_filter($layers, static fn (Layer $layer): bool => $layer !== $moved));
        array_splice($rest, (int) array_search(self::layer($layers, $upper), $rest, true) + 1, 0, [$moved]);
        $named = array_filter((new WaterCheck(ShippedSections::of($key, $rest)))->faults(), static fn (WaterFault $fault): bool => in_array($lower, [$fault->piece, $fault->other], true));

        self::assertNotSame([], $named);
    }

    /** @return iterable<string, array{string}> those whose path falls one way, or into a trough */
    public static function falling(): iterable
    {
        foreach (ShippedSections::keys() as $name => $case) {
            if (in_array(ShippedSections::build($name)->edge, [EdgeKind::Eave, EdgeKind::Valley, EdgeKind::Headwall, EdgeKind::Transition], true)) {
                yield $name => $case;
            }
        }
    }

    #[DataProvider('falling')]
    public function test_in_any_order_it_says_what_drops_do(string $name): void
    {
        mt_srand(5);
        $layers = ShippedSections::build($name)->layers;
        $seen = ['sheds' => 0, 'leaks' => 0];
        for ($try = 0; $try < 120; $try++) {
            shuffle($layers);
            if ($try === 0) {
                $layers = ShippedSections::build($name)->layers;
            }
            $section = ShippedSections::of($name, $layers);
            $faults = array_filter((new WaterCheck($section))->faults(), static fn (WaterFault $fault): bool => in_array($fault->kind, ['reversed', 'bare'], true));
            $leaks = DropRun::leaks($section);
            $seen[$leaks ? 'leaks' : 'sheds']++;
            self::assertSame($leaks, $faults !== [], implode(', ', array_map(static fn (Layer $layer): string => $layer->key, $layers)).': '.implode('; ', array_map(static fn (WaterFault $f): string => "$f->kind $f->piece on $f->other at $f->at", $faults)));
        }
        self::assertGreaterThan(0, $seen['sheds']);
        self::assertGreaterThan(0, $seen['leaks']);
    }

    public function test_membrane_under_the_eave_trim_wants_felt_over_its_flange(): void
    {
        [$cleat, $trim, $membrane, $tape, $nose, $panel] = ShippedSections::build('cleat-nose')->layers;
        $felt = new Layer('felt', LayerRole::Membrane, -Layer::FIELD, -1.0);
        self::assertEquals([new WaterFault('reversed', 'eave-trim', 'membrane', -4.0)], (new WaterCheck(ShippedSections::of('cleat-nose', [$cleat, $membrane, $trim, $tape, $nose, $panel])))->faults());
        self::assertEquals([], (new WaterCheck(ShippedSections::of('cleat-nose', [$cleat, $membrane, $trim, $felt, $tape, $nose, $panel])))->faults());
    }

    public function test_what_is_slid_under_later_lies_under(): void
    {
        [$cleat, $trim, $membrane, $tape, $nose, $panel] = ShippedSections::build('cleat-nose')->layers;
        $slid = new Layer('eave-trim', LayerRole::Trim, -4, 3.75, $trim->fastener, under: 'membrane');
        self::assertEquals([], (new WaterCheck(ShippedSections::of('cleat-nose', [$cleat, $membrane, $slid, $tape, $nose, $panel])))->faults());
    }

    public function test_fasteners_in_the_wet_and_in_the_rain(): void
    {
        $layers = ShippedSections::build('hidden-valley')->layers;
        $pan = self::layer($layers, 'valley-pan');
        $screwed = array_map(static fn (Layer $layer): Layer => $layer === $pan ? new Layer('valley-pan', LayerRole::Trim, -10.75, 10.75, new Fastener(FastenerKind::Washered, 12, [3.0, 10.5])) : $layer, $layers);
        self::assertEquals([new WaterFault('wet', 'valley-pan', null, 3.0)], (new WaterCheck(ShippedSections::of('hidden-valley', $screwed)))->faults());

        $eave = array_values(array_filter(ShippedSections::build('hooked-drip')->layers, static fn (Layer $layer): bool => $layer->key !== 'panel'));
        $kinds = array_map(static fn (WaterFault $fault): string => "$fault->kind $fault->piece", (new WaterCheck(ShippedSections::of('hooked-drip', $eave)))->faults());
        self::assertContains('weathered membrane', $kinds);
    }

    public function test_what_has_to_drain_or_breathe_is_not_sealed(): void
    {
        $layers = ShippedSections::build('ridge-zee-vented')->layers;
        $sealed = [...array_slice($layers, 0, -1), new Layer('bead', LayerRole::Sealant, 5.0, 6.5), $layers[count($layers) - 1]];
        self::assertEquals([new WaterFault('shut', 'bead', 'vent-strip-far', 5.0)], (new WaterCheck(ShippedSections::of('ridge-zee-vented', $sealed)))->faults());

        $eave = [...ShippedSections::build('cleat-nose')->layers, new Layer('bead', LayerRole::Sealant, 0.5, 1.5)];
        self::assertEquals([new WaterFault('shut', 'bead', 'panel', 0.5)], (new WaterCheck(ShippedSections::of('cleat-nose', $eave)))->faults());
    }

    /** @param  list<Layer>  $layers */
    private static function layer(array $layers, string $key): Layer
    {
        foreach ($layers as $layer) {
            if ($layer->key === $key) {
                return $layer;
            }
        }
        self::fail("No layer $key");
    }
}
