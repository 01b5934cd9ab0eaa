<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\NotInCatalogue;
use Imbrex\Core\Ground\Catalogue\Profile;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    public function test_ships_both_families_and_five_metals(): void
    {
        $catalogue = Catalogue::shipped();
        $concealed = array_filter($catalogue->profiles, static fn (Profile $p): bool => $p->family->isConcealed());

        self::assertGreaterThanOrEqual(12, count($catalogue->profiles));
        self::assertGreaterThanOrEqual(6, count($concealed));
        self::assertGreaterThanOrEqual(6, count($catalogue->profiles) - count($concealed));
        self::assertSame(['steel', 'aluminium', 'copper', 'zinc', 'stainless'], array_keys($catalogue->materials));
    }

    public function test_widths_of_a_snap_lock_panel(): void
    {
        $profile = Catalogue::shipped()->profile('snap-lock-1.5-16');

        self::assertSame([16.0, 20.0, 16.25, 16.625], [$profile->cover, $profile->coil, $profile->insideToOutside(), $profile->outToOut()]);
    }

    public function test_legs_laid_flat_come_to_the_coil(): void
    {
        foreach (Catalogue::shipped()->profiles as $profile) {
            self::assertSame($profile->family->isConcealed(), $profile->legReturns !== null, $profile->key);
            if ($profile->legReturns !== null) {
                self::assertEqualsWithDelta($profile->coil, $profile->outToOut() + 2 * $profile->height + $profile->legReturns->left + $profile->legReturns->right, 1e-9, $profile->key);
            }
        }
    }

    public function test_a_nail_strip_is_wider_than_its_cover_by_hook_and_strip(): void
    {
        foreach (['nail-strip-1-16', 'nail-strip-1.5-16'] as $key) {
            $profile = Catalogue::shipped()->profile($key);
            self::assertSame([17.0, 17.5], [$profile->insideToOutside(), $profile->outToOut()], $key);
        }
    }

    public function test_overall_width_of_sheets(): void
    {
        $overall = ['rib-9-36' => 38.0, 'rib-12-36' => 38.5, 'v-crimp-24' => 26.0, 'corrugated-7/8-32' => 37.375, 'corrugated-1/2-24' => 26.0, 'box-rib-1000mm' => 41.7];
        foreach ($overall as $key => $width) {
            self::assertEqualsWithDelta($width, Catalogue::shipped()->profile($key)->outToOut(), 1e-9, $key);
        }
    }

    public function test_screws_lie_on_the_sheet_and_in_order(): void
    {
        foreach (Catalogue::shipped()->profiles as $profile) {
            foreach ([$profile->fieldScrews, $profile->endScrews] as $screws) {
                $sorted = $screws;
                sort($sorted);
                self::assertSame($sorted, $screws, $profile->key);
                self::assertSame([], array_filter($screws, static fn (float $x): bool => $x < -$profile->leftMetal || $x > $profile->cover + $profile->rightMetal), $profile->key);
            }
            self::assertSame($profile->family->isConcealed(), $profile->fieldScrews === [], $profile->key);
        }
    }

    public function test_corrugated_screws_go_on_every_third_and_every_second_crown(): void
    {
        $profile = Catalogue::shipped()->profile('corrugated-7/8-32');

        self::assertEqualsWithDelta([0.0, 8.0, 16.0, 24.0], $profile->fieldScrews, 1e-9);
        self::assertEqualsWithDelta(16 / 3, $profile->endScrews[1], 1e-9);
    }

    public function test_unknown_keys_are_refused(): void
    {
        $this->expectException(NotInCatalogue::class);
        Catalogue::shipped()->profile('gold-leaf');
    }
}
