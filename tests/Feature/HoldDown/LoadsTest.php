<?php

declare(strict_types=1);

namespace Tests\Feature\HoldDown;

use Imbrex\Core\Plan;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Words\Measures;
use Imbrex\Stations\Words\Words;
use Tests\Feature\FeatureTestCase;

/** Pressures, forces and temperatures are read in a job's own units. */
final class LoadsTest extends FeatureTestCase
{
    public function test_imperial_jobs_read_psf_pounds_and_fahrenheit(): void
    {
        $loads = $this->loads('imperial');
        self::assertSame(['52.1 psf', '52.14 psf', '1,250 lb', '−5 °F', '0 °F', '180 °F'], [$loads->pressure(52.139), $loads->pressure(52.139, 2), $loads->force(1249.7), $loads->degrees(-5.0), $loads->degrees(-0.4), $loads->degrees(180.0)]);
    }

    public function test_metric_jobs_read_kilopascals_newtons_and_celsius(): void
    {
        $loads = $this->loads('metric');
        // 20.885 psf are a kPa, a pound is 4.448 N, −5 °F are −20.6 °C.
        self::assertSame(['1.00 kPa', '2.50 kPa', '667 N', '−21 °C', '0 °C', '82 °C'], [$loads->pressure(20.885434), $loads->pressure(52.139), $loads->force(150.0), $loads->degrees(-5.0), $loads->degrees(32.0), $loads->degrees(180.0)]);
    }

    public function test_a_metric_jobs_face_is_told_in_its_units(): void
    {
        $user = $this->member();
        $document = ['units' => 'metric', 'wind' => ['estimate' => ['exposure' => 'open', 'mph' => 130]], 'snow' => ['load' => 1.4, 'unit' => 'kPa', 'places' => [['face' => 'hall.S', 'from' => 180, 'to' => 240, 'for' => 'door']]]];
        $job = $this->job($user, [...json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true), ...$document]);
        $slice = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down?pick=hall.S")->assertOk()->json();
        self::assertStringContainsString('2.50 kPa', $slice['face']['legend'][2]['said']);
        self::assertStringContainsString('of an example 667 N', $slice['face']['weakest']['said']);
        // 1.4 kPa are 29.24 psf, as heavy as 30 psf less a little.
        self::assertEqualsWithDelta(1.4 * 20.885434, $slice['snow']['psf'], 1e-6);
        self::assertMatchesRegularExpression('/ N of [\d,]+ N$/', $slice['face']['guardRows'][0]['said']);
    }

    private function loads(string $units): Measures
    {
        $document = [...json_decode((string) file_get_contents(base_path('docs/examples/oar-store.json')), true), 'units' => $units];

        return (new Words)->measures(Plan::for(app(JobReader::class)->read((string) json_encode($document)))->job->units);
    }
}
