<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Simulators\Answer;
use Simulators\GaugeDevice;
use Simulators\ReportService;
use Simulators\Store;
use Simulators\WeatherService;

/** The stand-ins for the outside world: wrong in a realistic way, and failing when told to. */
final class StandInTest extends TestCase
{
    private string $file;

    public static function setUpBeforeClass(): void
    {
        foreach (['Answer', 'Store', 'ReportService', 'GaugeDevice', 'WeatherService'] as $class) {
            require_once __DIR__."/../../simulators/$class.php";
        }
    }

    protected function setUp(): void
    {
        $this->file = tempnam(sys_get_temp_dir(), 'standin').'.json';
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->file.'*') ?: []);
    }

    public function test_a_report_is_never_exact_and_always_the_same(): void
    {
        $once = self::said((new ReportService)->answer('/report/roofs/HQ-BOATHOUSE', false));
        $again = self::said((new ReportService)->answer('/report/roofs/HQ-BOATHOUSE', false));
        $true = ['eave' => 700.0, 'hip' => 291.0, 'ridge' => 312.0];

        self::assertSame($once, $again);
        foreach ([0, 1] as $face) {
            foreach ($once['faces'][$face]['edges'] as $edge) {
                $off = abs($edge['length'] / $true[$edge['kind']] - 1.0);
                self::assertGreaterThan(0.001, $off);
                self::assertLessThan(0.021, $off);
            }
        }
        self::assertCount(2 * count($once['faces']), self::said((new ReportService)->answer('/report/roofs/HQ-BOATHOUSE', true))['faces']);
    }

    public function test_every_roof_it_offers_can_be_had(): void
    {
        foreach (self::said((new ReportService)->answer('/report/roofs', false))['roofs'] as $roof) {
            $report = self::said((new ReportService)->answer('/report/roofs/'.$roof['reference'], false));
            self::assertNotEmpty($report['faces'], $roof['name']);
        }
        self::assertSame(['error' => 'no such roof'], self::said((new ReportService)->answer('/report/roofs/ELSEWHERE', false)));
    }

    public function test_rarer_storms_rain_harder(): void
    {
        $rain = self::said((new WeatherService)->answer('/weather/rain'));
        self::assertSame('Heron Quay', $rain['place']);
        $storms = array_column($rain['storms'], 'millimetresAnHour', 'years');
        self::assertSame([2, 10, 50], array_keys($storms));
        self::assertTrue($storms[2] < $storms[10] && $storms[10] < $storms[50]);
        self::assertArrayHasKey('error', self::said((new WeatherService)->answer('/weather/sun')));
    }

    public function test_the_gauge_numbers_its_readings(): void
    {
        $gauge = new GaugeDevice(new Store($this->file));
        self::assertEquals(['last' => 0, 'readings' => []], self::said($gauge->answer('GET', '/gauge/readings', ['after' => '0'], [], false)));
        self::said($gauge->answer('POST', '/gauge/fire', [], ['kind' => 'length', 'value' => 1000, 'steady' => true], false));
        self::said($gauge->answer('POST', '/gauge/fire', [], ['kind' => 'angle', 'value' => 30], false));

        $all = self::said($gauge->answer('GET', '/gauge/readings', ['after' => '0'], [], false));
        self::assertSame([1, 2], array_column($all['readings'], 'number'));
        self::assertEqualsWithDelta(1000.0, $all['readings'][0]['value'], 1e-9);
        self::assertEqualsWithDelta(30.0, $all['readings'][1]['value'], 0.051, 'a hand is never quite steady');
        self::assertCount(2, self::said($gauge->answer('GET', '/gauge/readings', ['after' => '1'], [], true))['readings'], 'told to stutter, it says one twice');
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function slips(): iterable
    {
        yield 'no kind' => [['value' => 3]];
        yield 'no value' => [['kind' => 'length']];
        yield 'a negative length' => [['kind' => 'length', 'value' => -3]];
        yield 'a word' => [['kind' => 'angle', 'value' => 'steep']];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('slips')]
    public function test_the_gauge_refuses_what_it_cannot_measure(array $body): void
    {
        self::assertArrayHasKey('error', self::said((new GaugeDevice(new Store($this->file)))->answer('POST', '/gauge/fire', [], $body, false)));
    }

    public function test_how_a_service_fails_is_remembered(): void
    {
        $store = new Store($this->file);
        self::assertSame('none', $store->mode('report'));
        $store->setMode('report', 'garbage');

        self::assertSame('garbage', (new Store($this->file))->mode('report'));
        self::assertSame('none', $store->mode('gauge'));
    }

    /** @return array<string, mixed> */
    private static function said(Answer $answer): array
    {
        ob_start();
        @$answer->send();

        return json_decode((string) ob_get_clean(), true);
    }
}
