<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Section;
use Imbrex\Core\Ground\Geometry\Point;
use PHPUnit\Framework\TestCase;

final class SectionTest extends TestCase
{
    public function test_a_pan_stands_up_at_its_module_lines_and_reaches_beyond_them(): void
    {
        $profile = Catalogue::shipped()->profile('snap-lock-1.5-16');
        $corners = array_map(static fn (Point $p): array => [round($p->u, 6), round($p->v, 6)], Section::of($profile));

        self::assertContains([0.0, 0.0], $corners);
        self::assertContains([16.0, 0.0], $corners);
        self::assertContains([-0.375, 1.5], $corners);
        self::assertContains([16.25, 1.5], $corners);
    }

    public function test_a_nail_strip_lies_on_the_deck(): void
    {
        $line = Section::of(Catalogue::shipped()->profile('nail-strip-1.5-16'));

        self::assertEquals([17.0, 0.0], [end($line)->u, end($line)->v]);
    }

    public function test_every_shipped_section_is_as_wide_and_as_high_as_its_profile_and_runs_to_the_right(): void
    {
        foreach (Catalogue::shipped()->profiles as $profile) {
            $line = Section::of($profile);
            [$us, $vs] = [array_map(static fn (Point $p): float => $p->u, $line), array_map(static fn (Point $p): float => $p->v, $line)];
            self::assertEqualsWithDelta($profile->outToOut(), max($us) - min($us), 1e-6, $profile->key);
            self::assertEqualsWithDelta($profile->height, max($vs), $profile->family === Family::Corrugated ? 0.06 : 1e-9, $profile->key);
            self::assertGreaterThanOrEqual(0.0, min($vs), $profile->key);
            $sorted = $us;
            sort($sorted);
            self::assertEqualsWithDelta($sorted, $us, 1e-9, $profile->key);
        }
    }

    public function test_crowns_lie_where_the_ribs_are(): void
    {
        $profile = Catalogue::shipped()->profile('corrugated-7/8-32');
        $line = Section::of($profile);
        foreach ($profile->ribs as $rib) {
            $near = array_filter($line, static fn (Point $p): bool => abs($p->u - $rib) < 0.15);
            self::assertNotSame([], $near);
            self::assertGreaterThan(0.9 * $profile->height, max(array_map(static fn (Point $p): float => $p->v, $near)));
        }
    }
}
