<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Imbrex\Core\Layout\Internal\RunningMarkKind;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\SeamRow;
use PHPUnit\Framework\TestCase;

/** Eave and ridge marks called out together. */
final class SeamRowTest extends TestCase
{
    public function test_a_seam_is_one_row_wherever_it_reaches(): void
    {
        $seam = static fn (float $at, bool $check = false): RunningMark => new RunningMark($at, RunningMarkKind::Seam, $check);
        $met = $seam(16.0)->meeting('P2', -32.0, 0.01);
        $rows = SeamRow::of(
            [new RunningMark(-40.0, RunningMarkKind::Rake, false), $seam(-32.0, true), $seam(-16.0), new RunningMark(0.0, RunningMarkKind::Control, false), $seam(16.0)],
            [$met, $seam(32.0)],
        );

        self::assertSame([-16.0, 16.0, -32.0, 32.0], array_map(static fn (SeamRow $row): float => $row->distance, $rows));
        self::assertSame([true, true, true, false], array_map(static fn (SeamRow $row): bool => $row->eave, $rows));
        self::assertSame([null, $met, null, $rows[3]->head], array_map(static fn (SeamRow $row): ?RunningMark => $row->head, $rows));
        self::assertSame([false, false, true, false], array_map(static fn (SeamRow $row): bool => $row->check, $rows));
    }
}
