<?php

declare(strict_types=1);

namespace Tests\Feature;

use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Stations\Words\Words;
use PHPUnit\Framework\TestCase;

/** What holds for the twin on the screen, too: contracts/measure-cases.json. */
final class MeasuresTest extends TestCase
{
    public function test_areas_weights_runs_and_water_are_said_in_the_jobs_units(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../contracts/measure-cases.json'), true);
        self::assertGreaterThan(8, count($cases));
        foreach ($cases as $case) {
            foreach (UnitSystem::cases() as $units) {
                self::assertSame($case[$units->value], (new Words)->measures($units)->{$case['what']}(...[(float) $case['value'], ...($case['what'] === 'pitch' ? [] : [$case['digits']])]), (string) json_encode($case));
            }
        }
    }

    public function test_what_a_finding_tells_is_said_in_the_jobs_units(): void
    {
        $said = static fn (Amount $amount): array => array_map(static fn (UnitSystem $units): string => (new Words)->measures($units)->amount($amount), [UnitSystem::Imperial, UnitSystem::Metric]);
        // 164.4 × 0.09290304 = 15.27; 12.34 × 3.785411784 = 46.71; 250 × 4.4482216 = 1112.06.
        self::assertSame(['164 sq ft', '15.3 m²'], $said(Amount::squareFeet(164.4)));
        self::assertSame(['12.3 gal', '46.7 L'], $said(Amount::gallons(12.34)));
        self::assertSame(['250 lb', '1,112 N'], $said(Amount::pounds(250.0)));
    }

    public function test_numbers_and_units_follow_the_readers_language(): void
    {
        $messages = ['measure.area' => '{units, select, metric {m² {said}} other {pie² {said}}}', 'measure.pressure' => '{said} lb/pie²', 'measure.degrees' => '{said} grados', 'measure.pitch' => '{said} en 12'];
        $measures = (new Words('de', static fn (): array => $messages))->measures(UnitSystem::Imperial);
        self::assertSame('pie² 1.234,6', $measures->area(1234.56, 1));
        self::assertSame('pie² 1.234.567', $measures->area(1234567.4));
        self::assertSame('1.234,60', $measures->areaNumber(1234.6, 2));
        self::assertSame('30,0 lb/pie²', $measures->pressure(30.0));
        self::assertSame('−13 grados', $measures->degrees(-12.6));
        self::assertSame('4,5 en 12', $measures->pitch(4.5));
    }
}
