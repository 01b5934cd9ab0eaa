<?php

declare(strict_types=1);

namespace Tests\Core\Units;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Units\Division;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Ground\Units\TapeFault;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Ground\Units\TapeReader;
use Imbrex\Core\Ground\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TapeTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function reads(): iterable
    {
        foreach (self::cases('read') as $case) {
            yield $case['typed'].' ('.$case['units'].')' => [$case];
        }
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('reads')]
    public function test_reads_what_people_type(array $case): void
    {
        $reader = new TapeReader(UnitSystem::from($case['units']));
        if (! isset($case['fault'])) {
            self::assertEqualsWithDelta($case['inches'], $reader->read($case['typed'])->inches, 1e-9);

            return;
        }
        try {
            $read = $reader->read($case['typed'])->inches;
            self::fail("\"{$case['typed']}\" was read as $read");
        } catch (TapeFault $fault) {
            self::assertSame($case['fault'], $fault->cause);
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function prints(): iterable
    {
        foreach (self::cases('print') as $i => $case) {
            yield "$i {$case['text']}" => [$case];
        }
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('prints')]
    public function test_prints_as_read_off_a_tape(array $case): void
    {
        $printer = new TapePrinter(Division::from($case['division']));
        $printer = ($case['inchesOnly'] ?? false) ? $printer->inInches() : $printer;
        $rounding = match ($case['rounding'] ?? 'nearest') {
            'up' => Rounding::Up, 'down' => Rounding::Down, default => Rounding::Nearest,
        };

        self::assertSame($case['text'], $printer->print($case['inches'], $rounding));
    }

    public function test_what_is_printed_is_read_back_to_the_mark(): void
    {
        $this->forAll(new ChooseGenerator(0, 32 * 12_000 - 1))->then(function (int $marks): void {
            $inches = $marks / 32;
            $printed = (new TapePrinter(Division::ThirtySecond))->print($inches);
            self::assertSame((float) $inches, (new TapeReader)->read($printed)->inches, $printed);
        });
    }

    public function test_rounding_keeps_its_direction(): void
    {
        $this->forAll(new ChooseGenerator(0, 1_000_000))->then(function (int $n): void {
            $value = $n / 997.0;
            $step = 0.25;
            self::assertGreaterThanOrEqual($value - 1e-6, Rounding::Up->toStep($value, $step));
            self::assertLessThan($value + $step, Rounding::Up->toStep($value, $step));
            self::assertLessThanOrEqual($value + 1e-6, Rounding::Down->toStep($value, $step));
            self::assertLessThanOrEqual($step / 2 + 1e-6, abs(Rounding::Nearest->toStep($value, $step) - $value));
        });
    }

    /** @return list<array<string, mixed>> */
    private static function cases(string $table): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../../../contracts/tape-cases.json'), true)[$table];
    }
}
