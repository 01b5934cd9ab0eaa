<?php

declare(strict_types=1);

namespace Tests\Feature\Water;

use Illuminate\Support\Facades\Artisan;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Stations\JobReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\FeatureTestCase;

/** Where rain goes, over HTTP and from the command line. */
final class WaterTest extends FeatureTestCase
{
    public function test_valleys_eaves_and_rain(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $pick = ''): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/water?pick=$pick")->assertOk()->json();
        $water = $slice();
        self::assertSame('Rain of 4″ in an hour, straight down: 2,203 sq ft in plan, 91.6 gal a minute.', $water['said']);
        // By hand: (194 + 72) / 2 × 122 of the hall, 122 × 122 / 2 of the wing, 164.4 sq ft; × 4 / 96.23.
        self::assertSame(['6.8 gal/min', '4.7 gal/min'], array_column($water['valleys'], 'gallons'));
        self::assertStringStartsWith('164 sq ft drain here, 113 of them from Hall S.', $water['valleys'][0]['said']);
        self::assertFalse($water['valleys'][0]['tight']);
        // A gable's eave takes alike on every foot; the hall's takes the valley at once.
        $wing = $slice('eave-wing.W')['eave'];
        self::assertSame('Wing W: eave', $wing['name']);
        self::assertCount(1, $wing['stretches']);
        self::assertContains(true, array_column($slice('eave-hall.S')['eave']['stretches'], 'place'));

        $this->save($user, $job->refresh(), [...self::boathouse(), 'water' => ['intensity' => 8]], 1)->assertOk();
        self::assertSame(['13.7 gal/min', '9.4 gal/min'], array_column($slice()['valleys'], 'gallons'));
        $gutters = ['eave-wing.W' => ['outlets' => [187, 0]]];
        $this->save($user, $job->refresh(), [...self::boathouse(), 'water' => ['gutters' => $gutters]], 2)->assertOk();
        self::assertSame(['Outlet at 0″: 79 sq ft, 3.3 gal/min', 'Outlet at 15′ 7″: 79 sq ft, 3.3 gal/min'], array_column($slice('eave-wing.W')['eave']['outlets'], 'said'));
        self::assertStringStartsWith('%PDF', (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/water.pdf")->assertOk()->getContent());
        $this->save($user, $job->refresh(), [...self::boathouse(), 'water' => ['gutters' => ['eave-wing.W' => ['outlets' => []]]]], 3)->assertUnprocessable()->assertJsonPath('faults.0.field', 'water.gutters.eave-wing.W.outlets');
        $this->save($user, $job->refresh(), [...self::boathouse(), 'water' => ['intensity' => 31]], 3)->assertUnprocessable()->assertJsonPath('faults.0.field', 'water.intensity');
    }

    /** @return array<string, array{string, list<string>, string}> where in plan; on what; the end */
    public static function drops(): array
    {
        return [
            'above the valley' => ['446_150', ['pan', 'valley', 'eave'], 'It leaves at the eave.'],
            'on the north side' => ['300_300', ['pan', 'eave'], 'It leaves at the eave.'],
            'beside the roof' => ['-500_-500', [], ''],
            'not a place' => ['hall.S', [], ''],
        ];
    }

    /** @param  list<string>  $on */
    #[DataProvider('drops')]
    public function test_a_drop_goes_its_way(string $pick, array $on, string $end): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $drop = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/drop?pick=$pick")->assertOk()->json();
        self::assertSame([$on, $end], [array_column($drop['steps'], 'on'), $drop['end']]);
    }

    public function test_the_command_follows_a_drop(): void
    {
        $file = base_path('database/demo/boathouse.json');
        self::assertSame(0, Artisan::call('imbrex:drop', ['file' => $file, 'face' => 'hall.S', 'u' => '460', 'v' => '150']));
        $way = json_decode(Artisan::output(), true);
        self::assertSame(['eave', 'eave-hall.S', ['pan', 'valley', 'eave', 'end']], [$way['end'], $way['by'], array_column($way['path'], 'on')]);
        self::assertSame(2, Artisan::call('imbrex:drop', ['file' => $file, 'face' => 'nowhere', 'u' => '460', 'v' => '150']));

        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => $file]));
        $flows = json_decode(Artisan::output(), true)['flows'];
        self::assertEqualsWithDelta(2202.972, array_sum(array_column(array_filter($flows, static fn (array $flow): bool => $flow['of'] === 'eave'), 'planAreaSqFt')), 0.01);
        self::assertEqualsWithDelta(164.38 * 4.0 / 96.23, array_values(array_filter($flows, static fn (array $flow): bool => $flow['id'] === 'valley-hall.S-wing.W'))[0]['gpm'], 0.01);
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (['annex', 'boathouse', 'clubroom', 'oar-store', 'oar-store-screw-down'] as $name) {
            yield $name => [$name];
        }
    }

    /** 5,000 drops let fall at random on each of the demo's roofs: none is lost, none goes uphill, all end outside. */
    #[DataProvider('demos')]
    public function test_every_drop_on_the_demos_roofs_ends_outside(string $name): void
    {
        $plan = Plan::for(app(JobReader::class)->read((string) file_get_contents(base_path("database/demo/$name.json"))));
        $catchment = Catchment::of($plan);
        $random = new Randomizer(new Mt19937(17));
        $drops = 0;
        $area = array_sum(array_map(static fn (Face $face): float => $face->areaSquareFeet(), $catchment->roof->faces));
        foreach ($catchment->roof->faces as $face) {
            $bounds = $face->outline->bounds();
            for ($i = 0, $most = (int) ceil(5000 * $face->areaSquareFeet() / $area); $i < $most;) {
                $at = new Point($bounds->left + $random->getInt(0, 1_000_000) / 1e6 * $bounds->width(), $bounds->bottom + $random->getInt(0, 1_000_000) / 1e6 * $bounds->height());
                if (! $face->region()->contains($at)) {
                    continue;
                }
                $i++;
                $drops++;
                $path = $catchment->runoff->from($face->id, $at->u, $at->v);
                self::assertNotNull($path, "lost at $at->u $at->v of $face->id");
                self::assertContains($path->end, [DropEnd::Eave, DropEnd::Gutter, DropEnd::Ground], "at $at->u $at->v of $face->id");
                $height = INF;
                foreach ($path->steps as $step) {
                    foreach ([$step->from, $step->to] as $place) {
                        $frame = $catchment->roof->face($step->face)?->frame;
                        $now = $frame === null ? -$place->v : $frame->plane->at($frame->toPlan($place));
                        self::assertLessThan($height + 0.02, $now, "uphill at $place->u $place->v of $step->face");
                        $height = $now;
                    }
                }
            }
        }
        self::assertGreaterThanOrEqual(5000, $drops);
    }

    public function test_a_drop_tells_the_laps_it_comes_onto(): void
    {
        $user = $this->member();
        $document = json_decode((string) file_get_contents(base_path('database/demo/clubroom.json')), true);
        $document['openings'][2]['uphill'] = 'apron';
        $job = $this->job($user, $document);
        $faces = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/roof")->assertOk()->json('faces');
        $north = array_column($faces, null, 'id')['N'];
        // Above the chimney's middle, just below the ridge; the plane is turned round behind the other.
        $plan = Plan::for(app(JobReader::class)->read((string) json_encode($document)));
        $at = $plan->of(RoofStage::class)->roof->face('N')?->frame?->toPlan(new Point(210.0, 170.0));
        $steps = (array) $this->getJson("/api/jobs/$job->id/plan/drop?pick=".round($at->u ?? 0.0, 1).'_'.round($at->v ?? 0.0, 1))->assertOk()->json('steps');
        self::assertSame(['pan', 'opening', 'pan', 'eave'], array_column($steps, 'on'));
        self::assertSame(['Back', 'Left side', 'Front'], $steps[1]['over']);
        self::assertSame(['Eave trim'], $steps[3]['over']);
        self::assertGreaterThan($steps[3]['heights'][1], $steps[0]['heights'][0]);
        self::assertSame('Yard side', $north['name']);
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
