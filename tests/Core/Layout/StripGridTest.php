<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Imbrex\Core\Layout\Internal\Span;
use Imbrex\Core\Layout\Internal\StripGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Strips over a span, wherever a module line runs; noise at a rake makes no strip of nothing. */
final class StripGridTest extends TestCase
{
    /** @return list<array{float, float, float, int, float, float}> span, module line, then strips, first and last width */
    public static function grids(): array
    {
        return [
            [0.0, 480.0, 0.0, 30, 16.0, 16.0],
            [0.0, 480.0, 1e-9, 30, 16.0, 16.0],
            [0.0, 480.0, -1e-9, 30, 16.0, 16.0],
            [0.0, 480.0, 1600.0, 30, 16.0, 16.0],
            [0.0, 500.0, 10.0, 32, 10.0, 10.0],
            [0.0, 500.0, 0.0, 32, 16.0, 4.0],
            [0.0, 500.0, 4.0, 32, 4.0, 16.0],
            [-10.0, 2.0, 0.0, 2, 10.0, 2.0],
            [3.0, 9.0, 0.0, 1, 6.0, 6.0],
        ];
    }

    #[DataProvider('grids')]
    public function test_strips_and_what_remains_at_the_ends(float $left, float $right, float $module, int $count, float $first, float $last): void
    {
        $grid = StripGrid::over(new Span($left, $right), 16.0, $module);

        self::assertSame($count, $grid->count);
        self::assertEqualsWithDelta([$first, $last], [$grid->first(), $grid->last()], 1e-6);
        self::assertEqualsWithDelta(0.0, fmod(abs($grid->start - $module) + 1e-7, 16.0), 1e-6, 'a module line runs there');
        self::assertGreaterThan($left, $grid->start + 16.0);
        self::assertGreaterThanOrEqual($right - 1e-4, $grid->start + $count * 16.0);
    }
}
