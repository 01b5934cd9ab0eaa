<?php

declare(strict_types=1);

namespace Tests\Feature\HoldDown;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** What pulls at a roof and how it is held, as a document says it: shown, told in the plan, written as CSV, refused by name. */
final class HoldDownTest extends FeatureTestCase
{
    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        $pressures = static fn (float $field, array $more = []): array => ['wind' => ['pressures' => ['field' => $field, 'edge' => 35, 'corner' => 52, ...$more]]];

        return [
            'a pull downwards' => [$pressures(-20), 'wind.pressures.field', '-20'],
            'kPa by the look of it' => [$pressures(0.97, ['edge' => 1.69, 'corner' => 2.5]), 'wind.pressures.unit', '20.3 / 35.3 / 52.2'],
            'an exposure there is not' => [['wind' => ['estimate' => ['exposure' => 'windy', 'mph' => 130]]], 'wind.estimate.exposure', 'suburban'],
            'no wind' => [['wind' => ['estimate' => ['exposure' => 'open', 'mph' => 0]]], 'wind.estimate.mph', '60'],
            'a clip that carries nothing' => [['holdDown' => ['allowable' => 0]], 'holdDown.allowable', '0'],
            'a clip there is not' => [['holdDown' => ['clip' => 'magnet']], 'holdDown.clip', 'flat'],
            'closer than screws go' => [['holdDown' => ['spacing' => 3]], 'holdDown.spacing', '6'],
            'temperatures the wrong way round' => [['temperatures' => ['coldF' => 60, 'hotAirF' => -20, 'gainF' => 0]], 'temperatures.coldF', '-20'],
            'a fixed point there is not' => [['temperatures' => ['fixed' => 'everywhere']], 'temperatures.fixed', 'middle'],
            'a face\'s own school there is not' => [['holdDown' => ['faces' => ['hall.S' => ['school' => 'random']]]], 'holdDown.faces.hall.S.school', 'uniform'],
        ];
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused_by_name(array $said, string $field, string $accepted): void
    {
        $answer = $this->begin($this->member(), [...self::boathouse(), ...$said])->assertUnprocessable();

        self::assertSame($field, $answer->json('faults.0.field'));
        self::assertStringContainsString($accepted, (string) $answer->json('faults.0.message'));
    }

    public function test_a_face_shows_its_zones_schools_and_weakest_place(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $face = 'hall.S'): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down?pick=$face")->assertOk()->json();
        $calm = $slice();
        self::assertSame(['none', 'Hall S', null], [$calm['wind']['kind'], $calm['face']['name'], $calm['face']['weakest']]);
        self::assertSame(['uniform', 'dense', 'courses'], array_column($calm['face']['schools'], 'key'), 'by pressure only where pressures are known');

        $wind = ['estimate' => ['exposure' => 'open', 'mph' => 130, 'meanHeightFeet' => 15]];
        $told = $this->save($user, $job->refresh(), [...self::boathouse(), 'wind' => $wind, 'holdDown' => ['faces' => ['hall.S' => ['school' => 'pressure']]]], 1)->assertOk();
        self::assertStringContainsString('"wind"', (string) json_encode($told->json()));
        $windy = $slice();
        self::assertSame(['field 20.3 psf, 36″ at most', 'edge 35.3 psf, 36″ at most', 'corner 52.1 psf, 25 1/2″ at most'], array_column($windy['face']['legend'], 'said'));
        self::assertContains('q = 0.00256 × Kz 0.850 × Kzt 1.00 × Kd 0.85 × (130 mph)² = 31.26 psf, ultimate', $windy['wind']['factors']);
        self::assertSame('pressure', $windy['face']['school']);
        self::assertSame('uniform', $slice('hall.N')['face']['school'], 'this face alone');
        self::assertLessThanOrEqual(1.0, $windy['face']['weakest']['ratio']);
        self::assertStringContainsString('of an example 150 lb', $windy['face']['weakest']['said']);
        self::assertContains('hold.estimate', array_column($windy['findings'], 'code'));
        $seam = $windy['face']['seams'][$windy['face']['shown'] - 1];
        self::assertNotSame([], $seam['clips']);
        self::assertSame(count($windy['face']['seams']), count(array_unique(array_column($windy['face']['seams'], 'u'))));

        // The engineer's govern, in whatever unit and level they were given.
        $this->save($user, $job->refresh(), [...self::boathouse(), 'wind' => [...$wind, 'pressures' => ['field' => 1.0, 'edge' => 2.0, 'corner' => 3.0, 'unit' => 'kPa', 'level' => 'ultimate']]], 2)->assertOk();
        $given = $slice();
        self::assertSame('given', $given['wind']['kind']);
        self::assertStringStartsWith('field 12.5 psf', $given['face']['legend'][0]['said']);
    }

    public function test_hems_are_set_by_how_warm_the_metal_is(): void
    {
        $user = $this->member();
        $job = $this->job($user, [...self::boathouse(), 'temperatures' => ['coldF' => -5, 'hotAirF' => 100, 'gainF' => 70]]);
        $slice = fn (string $more = ''): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hem?pick=hall.N$more")->assertOk()->json();
        $hem = $slice();
        self::assertSame('Metal from −5 °F to 170 °F, fixed at the head.', $hem['said']);
        $day = array_search('70 °F', array_column($hem['table']['days'], 'said'), true);
        // Steel, 218.9 long: 6.67e-6 × 218.9 × 75 = 0.1095, up to a sixteenth; 3/4 less 100 degrees of it, 0.604, down.
        self::assertSame('1/8″ to 9/16″', $hem['table']['lengths'][0]['windows'][$day]['said']);
        self::assertTrue($hem['table']['lengths'][0]['windows'][$day]['fits']);
        self::assertFalse($hem['table']['lengths'][0]['windows'][count($hem['table']['days']) - 1]['fits'] && $hem['table']['lengths'][0]['windows'][0]['fits'], 'not on every day');
        self::assertNull($hem['today']);

        // Today is asked beside the document: the middle of 0.1095 and 0.604 is 0.357, on the tape 3/8.
        $today = $slice('&metal=70')['today'];
        self::assertSame(['Metal at 70 °F: set', '3/8″', '1/8″ to 9/16″'], [$today['said'], $today['lengths'][0]['set'], $today['lengths'][0]['window']]);
        self::assertSame('The habit of 1/4″ to 1/2″ fits.', $today['lengths'][0]['habit']);
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hem?metal=900")->assertUnprocessable()->assertJsonValidationErrors(['metal' => 'from -80 to 250']);
        self::assertNotSame([], $hem['trims']);
        self::assertStringContainsString('today leave', $slice('&metal=70')['trims'][0]);

        $told = $this->save($user, $job->refresh(), [...self::boathouse(), 'temperatures' => ['coldF' => -5, 'hotAirF' => 100, 'gainF' => 70, 'fixed' => 'middle']], 1)->assertOk();
        self::assertStringContainsString('"temperatures"', (string) json_encode($told->json()));
        self::assertSame('1/16″ to 5/8″', $slice()['table']['lengths'][0]['windows'][$day]['said']);
        // A metric job reads °C.
        $this->save($user, $job->refresh(), [...self::boathouse(), 'units' => 'metric', 'temperatures' => ['coldF' => -5, 'hotAirF' => 100, 'gainF' => 70]], 2)->assertOk();
        self::assertSame('Metal from −21 °C to 77 °C, fixed at the head.', $slice()['said']);
    }

    public function test_snow_is_held_where_somebody_marked_it(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down?pick=hall.S")->assertOk()->json();
        self::assertSame([[], []], [$slice()['face']['guards'], $slice()['snow']['places']]);
        $snow = ['load' => 30, 'places' => [['face' => 'hall.S', 'from' => 60, 'to' => 120, 'for' => 'door']]];
        $told = $this->save($user, $job->refresh(), [...self::boathouse(), 'snow' => $snow], 1)->assertOk();
        self::assertStringContainsString('"snow"', (string) json_encode($told->json()));
        $held = $slice();
        self::assertNotSame([], $held['face']['guards']);
        self::assertSame('Above a door, Hall S: 5′ 0″ to 10′ 0″', $held['snow']['places'][0]);
        self::assertContains('snow.estimate', array_column($held['findings'], 'code'));
        // Guards that follow a valley in steps are one row, in the list and in what is said of it.
        $this->save($user, $job->refresh(), [...self::boathouse(), 'snow' => ['load' => 30, 'places' => [['face' => 'hall.S', 'from' => 390, 'to' => 470, 'for' => 'valley']]]], 2)->assertOk();
        $stepped = $slice();
        self::assertGreaterThan(count($stepped['face']['guardRows']), count($stepped['face']['guards']));
        self::assertMatchesRegularExpression('/^'.(count($stepped['face']['guardRows']) === 1 ? 'One row' : count($stepped['face']['guardRows']).' rows').' on this face/', $stepped['snow']['said'][0]);
        $order = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/load-out")->assertOk()->json();
        self::assertContains('Snow pads', array_column($order['supplies'], 'name'));
        self::assertContains('pads', array_column($order['order']['supplies'], 'key'));

        $this->save($user, $job->refresh(), [...self::boathouse(), 'snow' => ['load' => 30, 'places' => [['face' => 'hall.S', 'from' => 120, 'to' => 60, 'for' => 'door']]]], 3)->assertUnprocessable()->assertJsonPath('faults.0.field', 'snow.places.0.to');
    }

    public function test_purlins_and_test_reports_are_read_and_checked(): void
    {
        $user = $this->member();
        $document = json_decode((string) file_get_contents(base_path('database/demo/oar-store-screw-down.json')), true);
        $job = $this->job($user, $document);
        $face = ((array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down")->assertOk()->json())['face']['id'];
        $with = static fn (array $held): array => [...$document, 'holdDown' => $held];
        foreach ([
            [['faces' => [$face => ['purlins' => ['at' => [4, 8]]]]], "holdDown.faces.$face.purlins.at.1"],
            [['faces' => [$face => ['purlins' => ['first' => 4]]]], "holdDown.faces.$face.purlins.spacing"],
            [['faces' => [$face => ['purlins' => ['first' => 4, 'spacing' => 5]]]], "holdDown.faces.$face.purlins.spacing"],
            [['allowables' => ['screw' => 0]], 'holdDown.allowables.screw'],
            [['allowable' => 0], 'holdDown.allowable'],
        ] as [$held, $field]) {
            $this->save($user, $job, $with($held), 1)->assertUnprocessable()->assertJsonPath('faults.0.field', $field);
        }
        $this->save($user, $job, $with(['faces' => [$face => ['purlins' => ['first' => 3, 'spacing' => 30]]], 'allowables' => ['screw' => 140, 'pullOver' => 130]]), 1)->assertOk();
        $held = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down?pick=$face")->assertOk()->json();
        self::assertSame([3, 33, 63], array_map(intval(...), array_slice($held['face']['rows'], 0, 3)));
        self::assertSame([130.0, true], [(float) $held['allowables'][1]['pounds'], $held['allowables'][1]['own']]);
        self::assertStringStartsWith('End rows, from the sheet’s left edge: ', $held['face']['notes'][0]);
    }

    public function test_prints_are_there_for_what_is_held_so(): void
    {
        $user = $this->member();
        $screwed = json_decode((string) file_get_contents(base_path('database/demo/oar-store-screw-down.json')), true);
        foreach ([[self::boathouse(), ['hold-down.pdf', 'hem-card.pdf'], 'drill-template.pdf'], [$screwed, ['hold-down.pdf', 'drill-template.pdf'], 'hem-card.pdf']] as [$document, $there, $missing]) {
            $job = $this->job($user, $document);
            foreach ($there as $file) {
                self::assertStringStartsWith('%PDF', (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/$file")->assertOk()->getContent());
            }
            $this->actingAs($user)->get("/api/jobs/$job->id/files/$missing")->assertNotFound();
        }
    }

    public function test_every_fastener_stands_in_the_plan_and_in_the_table(): void
    {
        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('database/demo/boathouse.json')]));
        $plan = json_decode(Artisan::output(), true);
        self::assertGreaterThan(900, count($plan['clips']));
        self::assertSame(['screws', 150], [$plan['fixed'][0]['by'], (int) $plan['fixed'][0]['allowableLb']]);
        self::assertNull($plan['movement'][0]['today']);
        self::assertEqualsWithDelta(6.67e-6 * $plan['movement'][0]['lengthFromFixedPoint'] * 185.0, $plan['movement'][0]['total'], 1e-6);
        self::assertSame([[], null], [$plan['screws'], $plan['clips'][0]['demandLb']]);
        self::assertEqualsCanonicalizing(['edge', 'corner'], array_values(array_unique(array_column($plan['zones'], 'zone'))));

        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('database/demo/oar-store-screw-down.json')]));
        $screwed = json_decode(Artisan::output(), true);
        self::assertSame([], $screwed['clips']);
        self::assertEqualsCanonicalizing(['closure', 'field', 'lap'], array_values(array_unique(array_column($screwed['screws'], 'row'))));

        $user = $this->member();
        $job = $this->job($user, [...self::boathouse(), 'wind' => ['estimate' => ['exposure' => 'open', 'mph' => 130]]]);
        $csv = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/fasteners.csv")->assertOk()->getContent();
        $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim(str_replace("\r", '', $csv))));
        self::assertCount(count($plan['clips']) + array_sum(array_map(static fn (array $one): int => count($one['at']), $plan['fixed'])) + 1, $rows);
        $first = array_combine(array_map(static fn (?string $one): string => ltrim((string) $one, "\u{FEFF}"), $rows[0]), $rows[1]);
        self::assertSame(['Hall S', 'flat', '150'], [$first['face'], $first['kind'], $first['allowable_lb']]);
        self::assertEqualsWithDelta((float) $first['demand_lb'] / 150.0, (float) $first['ratio'], 0.01);
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
