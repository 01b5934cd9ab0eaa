<?php

declare(strict_types=1);

namespace Tests\Core\Units;

use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Measures;
use Imbrex\Core\Ground\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** What holds for the twin on the screen, too: contracts/measure-cases.json. */
final class MeasuresTest extends TestCase
{
    public function test_areas_weights_runs_and_water_are_said_in_the_jobs_units(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../../contracts/measure-cases.json'), true);
        self::assertGreaterThan(8, count($cases));
        foreach ($cases as $case) {
            foreach (UnitSystem::cases() as $units) {
                self::assertSame($case[$units->value], Measures::in($units)->{$case['what']}(...[(float) $case['value'], ...($case['what'] === 'pitch' ? [] : [$case['digits']])]), (string) json_encode($case));
            }
        }
    }

    public function test_what_a_finding_tells_is_said_in_the_jobs_units(): void
    {
        $said = static fn (Amount $amount): array => [$amount->in(UnitSystem::Imperial), $amount->in(UnitSystem::Metric)];
        // 164.4 × 0.09290304 = 15.27; 12.34 × 3.785411784 = 46.71; 250 × 4.4482216 = 1112.06.
        self::assertSame(['164 sq ft', '15.3 m²'], $said(Amount::squareFeet(164.4)));
        self::assertSame(['12.3 gal', '46.7 L'], $said(Amount::gallons(12.34)));
        self::assertSame(['250 lb', '1,112 N'], $said(Amount::pounds(250.0)));
    }
}
