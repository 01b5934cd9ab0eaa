<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Check;
use Imbrex\Core\Roof\CheckedQuantity;
use Imbrex\Core\Roof\Internal\Checker;
use Imbrex\Core\Roof\Internal\CheckReport;
use Imbrex\Core\Roof\WallLine;
use Imbrex\Core\Survey\Source;
use PHPUnit\Framework\TestCase;

/** Readings held against a roof of blocks. */
final class CheckTest extends TestCase
{
    public function test_a_reading_agrees_or_says_by_how_much_not(): void
    {
        $report = self::check([
            new Check('a', CheckedQuantity::Length, 'hip-hall.S-hall.E', 166 * 1.5 + 0.3, Source::Tape),
            new Check('b', CheckedQuantity::EaveToRidge, 'hall.N', 190.0, Source::Tape),
            new Check('c', CheckedQuantity::Pitch, 'hall.N', 7.2, Source::Tape),
            new Check('d', CheckedQuantity::EaveHeight, 'hall', 108.25, Source::Laser),
            new Check('e', CheckedQuantity::Length, 'ridge-hall.S-hall.N', 136 * 1.02, Source::Wheel),
        ]);

        self::assertEqualsWithDelta([0.3, 190 - 166 * sqrt(1.25), 1.2, 0.25, 136 * 0.02], array_map(static fn ($r): float => $r->miss(), $report->results), 1e-9);
        self::assertSame(['roof.check-misses', 'roof.pitch-misses'], array_map(static fn (Finding $f): string => $f->code, $report->findings), 'a wheel may be two percent out');
    }

    public function test_blocks_nobody_taped_want_one_length_a_face(): void
    {
        $report = self::check([
            new Check('a', CheckedQuantity::Length, 'hip-hall.S-hall.E', 249.0, Source::Tape),
            new Check('b', CheckedQuantity::EaveToRidge, 'hall.N', 185.6, Source::Report),
        ], Source::Report);

        self::assertSame(['hall.N', 'hall.W'], $report->wanting, 'a hip serves both of its faces; a report serves none');
        self::assertSame([], self::check([])->wanting);
    }

    public function test_a_reading_on_what_is_gone_is_kept_and_told(): void
    {
        $report = self::check([new Check('a', CheckedQuantity::Length, 'valley-hall.S-wing.W', 183.0, Source::Tape)]);

        self::assertSame([], $report->results);
        self::assertSame('roof.check-lost', $report->findings[0]->code);
    }

    public function test_walls_end_where_a_higher_block_stands(): void
    {
        $blocks = [BlockMaker::block('hall', 0, 0, 400, 300, [6, 6, 6, 6]), BlockMaker::block('wing', 100, -100, 150, 200, [null, 6, null, 6])];
        $lines = WallLine::round($blocks[1], $blocks);
        $top = array_merge(...array_map(static fn (WallLine $line): array => $line->top, $lines));

        self::assertCount(3, $lines, 'its north gable stands inside the hall');
        foreach ($top as [$point, $height]) {
            self::assertLessThanOrEqual(1e-9, $point->v);
            self::assertGreaterThanOrEqual(108.0 - 1e-9, $height);
        }
        self::assertEqualsWithDelta(108 + 75 * 0.5, max(array_column($top, 1)), 1e-9, 'the gable rises to its ridge');
    }

    /** @param  list<Check>  $checks */
    private static function check(array $checks, Source $source = Source::Tape): CheckReport
    {
        $hall = BlockMaker::block('hall', 0, 0, 440, 304, [6, 6, 6, 6], 14);
        $block = new Block(
            id: $hall->id,
            name: $hall->name,
            x: $hall->x,
            y: $hall->y,
            rotationDegrees: 0.0,
            length: $hall->length,
            width: $hall->width,
            eaveHeight: $hall->eaveHeight,
            sides: $hall->sides,
            source: $source,
        );

        return (new Checker(HouseRules::with([])))->check(BlockMaker::roof([$block]), [$block], $checks);
    }
}
