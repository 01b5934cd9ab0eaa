<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\Job;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;

/** Services and devices: their readings come in as what they are, and their failures as something one can act on. */
final class OutsideTest extends FeatureTestCase
{
    private Job $open;

    protected function setUp(): void
    {
        parent::setUp();
        config(['imbrex.services.report' => 'http://service.example', 'imbrex.services.gauge' => 'http://service.example', 'imbrex.services.weather' => 'http://service.example']);
        $member = $this->member(Role::Foreman);
        $this->open = $this->job($member);
        $this->actingAs($member);
    }

    public function test_a_report_becomes_readings_of_that_source(): void
    {
        Http::fake(['*' => Http::response(['measured' => '2026-05-04', 'faces' => [
            ['name' => 'Slip side', 'pitch' => 5.8, 'eaveToRidge' => 214.2, 'edges' => [['kind' => 'eave', 'length' => 707.1], ['kind' => 'hip', 'length' => 288.0], ['kind' => 'ridge', 'length' => 310.2], ['kind' => 'hip', 'length' => 293.9]]],
            ['name' => 'End', 'pitch' => 6.1, 'edges' => [['kind' => 'eave', 'length' => 384.4], ['kind' => 'hip', 'length' => 289.0], ['kind' => 'hip', 'length' => 293.0]]],
            ['name' => 'L', 'pitch' => 5, 'corners' => [[0, 0], [361, 0], [359, 121], [214, 119], [217, 215], [0, 217]], 'edges' => array_fill(0, 6, ['kind' => 'rake', 'length' => 100.5])],
        ]])]);
        $planes = $this->getJson("/api/jobs/{$this->open->id}/reports/HQ-1")->assertOk()->json();

        self::assertSame(['trapezoid', 'triangle', 'free'], array_column($planes, 'shape'));
        foreach ($planes as $plane) {
            self::assertSame(['report'], array_values(array_unique(array_column($plane['readings'], 'source'))));
        }
        self::assertContains(['id' => 'r1', 'quantity' => 'eave', 'value' => 707.1, 'source' => 'report', 'time' => '2026-05-04'], $planes[0]['readings']);
        $document = json_decode($this->open->newest()->document, true);
        $document['roof'] = ['planes' => $planes];
        unset($document['layout']);
        $this->putJson("/api/jobs/{$this->open->id}", $document, ['If-Match' => '1'])->assertOk();
        $plan = $this->getJson("/api/jobs/{$this->open->id}/plan/survey")->json();
        self::assertSame(['P1', 'P2', 'P3'], $plan['progress']['wanting'], 'never the truth: an order waits for a tape');
        self::assertContains('survey.untaped', array_column($plan['planes'][0]['findings'], 'code'));
    }

    /** @return iterable<string, array{mixed, int, string}> */
    public static function failures(): iterable
    {
        yield 'nothing listens' => [static fn () => throw new ConnectionException('refused'), 502, 'silent'];
        yield 'out of order' => [static fn () => Http::response('', 503), 502, 'failing'];
        yield 'no JSON' => [static fn () => Http::response('<html>'), 502, 'garbage'];
        yield 'other JSON' => [static fn () => Http::response(['faces' => [['name' => 'A', 'edges' => 3]], 'last' => 'seven', 'readings' => 1]), 502, 'garbage'];
        yield 'a length of text' => [static fn () => Http::response(['faces' => [['name' => 'A', 'pitch' => 4, 'edges' => array_fill(0, 4, ['kind' => 'eave', 'length' => 'long'])]], 'last' => 1, 'readings' => [['number' => 1, 'kind' => 'length', 'value' => 'long']]]), 502, 'garbage'];
        yield 'an unknown roof' => [static fn () => Http::response('', 404), 404, 'unknown'];
    }

    #[DataProvider('failures')]
    public function test_a_failing_service_is_told_plainly(callable $answer, int $status, string $cause): void
    {
        Http::fake(['*' => $answer]);
        foreach (['reports/HQ-1' => 'The measurement-report service', 'gauge?after=0' => 'The laser', 'weather' => 'The weather service'] as $path => $who) {
            $told = $this->getJson("/api/jobs/{$this->open->id}/$path")->assertStatus($status)->assertJsonPath('cause', $cause)->json('message');
            self::assertStringStartsWith($who, $told);
        }
        self::assertSame(1, $this->open->refresh()->revision, 'nothing is lost, nothing is changed');
    }

    /** Answers that are JSON, but of another shape: at every place of a good one something else. */
    public function test_answers_of_other_shapes_never_fall_over(): void
    {
        $face = ['name' => 'A', 'pitch' => 4, 'eaveToRidge' => 100, 'edges' => array_fill(0, 4, ['kind' => 'eave', 'length' => 10])];
        $good = ['report' => ['faces' => [$face], 'measured' => '2026-05-04', 'roofs' => [['reference' => 'A', 'name' => 'B']]], 'gauge' => ['last' => 2, 'readings' => [['number' => 2, 'kind' => 'length', 'value' => 7]]], 'weather' => ['place' => 'Quay', 'minutes' => 5, 'storms' => [['years' => 10, 'millimetresAnHour' => 101.6]]]];
        $others = [null, true, -1, 1e300, '', 'text', [], [[]], ['a' => 'b'], [null, [[1]]], str_repeat('x', 500)];
        foreach (['reports' => 'report', 'reports/HQ-1' => 'report', 'gauge?after=1' => 'gauge', 'weather' => 'weather'] as $path => $service) {
            foreach ($this->places($good[$service]) as $place) {
                foreach ($others as $other) {
                    $answer = $good[$service];
                    data_set($answer, $place, $other);
                    Http::swap(new \Illuminate\Http\Client\Factory);
                    Http::fake(['*' => Http::response($answer)]);
                    $got = $this->withoutMiddleware(\Illuminate\Routing\Middleware\ThrottleRequests::class)->getJson("/api/jobs/{$this->open->id}/$path");
                    self::assertContains($got->status(), [200, 502], "$path, $place: ".json_encode($other));
                    $got->status() === 200 || self::assertSame('garbage', $got->json('cause'));
                }
            }
        }
    }

    /**
     * @param  array<mixed>  $within
     * @return list<string> every place, with dots
     */
    private function places(array $within, string $before = ''): array
    {
        $places = [];
        foreach ($within as $key => $value) {
            $places[] = "$before$key";
            is_array($value) && array_push($places, ...$this->places($value, "$before$key."));
        }

        return $places;
    }

    public function test_the_weather_service_tells_rain_in_inches_an_hour(): void
    {
        $storm = static fn (int $years, float $rain): array => ['years' => $years, 'millimetresAnHour' => $rain];
        Http::fake(['*' => Http::response(['place' => 'Heron Quay', 'minutes' => 5, 'storms' => [$storm(50, 152.4), $storm(10, 101.6)]])]);
        $rain = (array) $this->getJson("/api/jobs/{$this->open->id}/weather")->assertOk()->json();
        self::assertSame(['Heron Quay', 5, [10, 50]], [$rain['place'], $rain['minutes'], array_column($rain['storms'], 'years')]);
        self::assertEqualsWithDelta([4.0, 6.0], array_column($rain['storms'], 'intensity'), 1e-9);

        Http::swap(new \Illuminate\Http\Client\Factory);
        Http::fake(['*' => Http::response(['place' => 'Heron Quay', 'minutes' => 5, 'storms' => [$storm(10, 900.0)]])]);
        $this->getJson("/api/jobs/{$this->open->id}/weather")->assertStatus(502)->assertJsonPath('cause', 'garbage');
    }

    public function test_where_there_is_no_service_one_is_told(): void
    {
        config(['imbrex.services.report' => '']);

        $this->getJson("/api/jobs/{$this->open->id}/reports")->assertStatus(502)->assertJsonPath('cause', 'silent');
    }

    public function test_the_gauge_gives_each_reading_once_and_in_our_units(): void
    {
        $reading = static fn (int $number, string $kind, float $value): array => ['number' => $number, 'kind' => $kind, 'value' => $value];
        Http::fake(['*' => Http::response(['last' => 9, 'readings' => [$reading(9, 'angle', 26.565), $reading(8, 'length', 4762.5), $reading(8, 'length', 4762.5), $reading(3, 'length', 1000.0)]])]);

        self::assertSame(['last' => 9, 'readings' => []], $this->getJson("/api/jobs/{$this->open->id}/gauge")->json(), 'what lay about before is not taken');
        $readings = $this->getJson("/api/jobs/{$this->open->id}/gauge?after=3")->json('readings');
        self::assertSame([8, 9], array_column($readings, 'number'));
        self::assertSame(['length', 'pitch'], array_column($readings, 'kind'));
        self::assertEqualsWithDelta([187.5, 6.0], array_column($readings, 'value'), 1e-3);
    }

    /** Metal may be colder than the gauge's zero; no roof is as hot as 200 °C. */
    public function test_the_gauge_tells_how_warm_the_metal_is(): void
    {
        $reading = static fn (int $number, float $value): array => ['number' => $number, 'kind' => 'temperature', 'value' => $value];
        Http::fake(['*' => Http::response(['last' => 6, 'readings' => [$reading(4, 41.0), $reading(5, -20.0), $reading(6, 0.0)]])]);
        $readings = $this->getJson("/api/jobs/{$this->open->id}/gauge?after=3")->assertOk()->json('readings');
        self::assertSame(['metal', 'metal', 'metal'], array_column($readings, 'kind'));
        self::assertEqualsWithDelta([105.8, -4.0, 32.0], array_column($readings, 'value'), 1e-6);

        Http::swap(new \Illuminate\Http\Client\Factory);
        Http::fake(['*' => Http::response(['last' => 7, 'readings' => [$reading(7, 200.0)]])]);
        $this->getJson("/api/jobs/{$this->open->id}/gauge?after=6")->assertStatus(502)->assertJsonPath('cause', 'garbage');
    }

    public function test_the_service_is_asked_for_nothing_but_a_plain_reference(): void
    {
        Http::fake();

        $this->getJson("/api/jobs/{$this->open->id}/reports/..%2F..%2Fsecret")->assertNotFound();
        Http::assertNothingSent();
    }
}
