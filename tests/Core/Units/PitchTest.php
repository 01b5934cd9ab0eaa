<?php

declare(strict_types=1);

namespace Tests\Core\Units;

use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Ground\Units\PitchReader;
use Imbrex\Core\Ground\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\WorkedExamples;

final class PitchTest extends TestCase
{
    /** @return array<string, array{array<string, float>, array<string, float>}> */
    public static function pitches(): array
    {
        return WorkedExamples::named('pitch ');
    }

    /**
     * @param  array<string, float>  $given
     * @param  array<string, float>  $expect
     */
    #[DataProvider('pitches')]
    public function test_slope_hip_and_angle_factors(array $given, array $expect): void
    {
        $pitch = Pitch::ofRise($given['rise']);

        self::assertEqualsWithDelta($expect['slopeFactor'], $pitch->slopeFactor(), 1e-9);
        self::assertEqualsWithDelta($expect['hipFactor'], $pitch->hipFactor(), 1e-9);
        self::assertEqualsWithDelta($expect['ribToValleyDeg'], $pitch->ribToValleyDegrees(), 1e-9);
        self::assertEqualsWithDelta($expect['stepPerPanel'], $pitch->stepOver($given['cover']), 1e-9);
    }

    public function test_out_to_out_and_inside_to_outside_widths_step_too(): void
    {
        foreach ([...WorkedExamples::named('hip panel'), ...WorkedExamples::named('valley panel')] as [$given, $expect]) {
            $width = $given['outToOut'] ?? $given['insideToOutside'];
            self::assertEqualsWithDelta($expect['longMinusShort'], Pitch::ofRise($given['rise'])->stepOver($width), 1e-9);
        }
    }

    public function test_a_pitch_is_read_as_people_type_it(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../../contracts/tape-cases.json'), true)['pitch'];
        self::assertGreaterThan(20, count($cases));
        foreach ($cases as $case) {
            $reader = new PitchReader(UnitSystem::from($case['units'] ?? 'imperial'));
            isset($case['fault'])
                ? self::assertNull($reader->read($case['typed']), $case['typed'])
                : self::assertEqualsWithDelta($case['riseIn12'], $reader->read($case['typed']), 1e-6, $case['typed']);
        }
    }

    public function test_degrees_and_rise_agree(): void
    {
        self::assertEqualsWithDelta(6.0, Pitch::ofDegrees(Pitch::ofRise(6.0)->degrees())->riseIn12, 1e-12);
        self::assertEqualsWithDelta(45.0, Pitch::ofRise(12.0)->degrees(), 1e-12);
    }
}
