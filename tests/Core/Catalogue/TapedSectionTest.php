<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\TapedSection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A profile by what can be taped of a panel. */
final class TapedSectionTest extends TestCase
{
    public function test_metal_beyond_the_module_lines_follows_from_the_tapes(): void
    {
        // 16 of cover, 16-5/8 out to out, 16-1/4 from inside the female leg: 3/8 and 1/4.
        $left = TapedSection::of(Family::SnapLock, Hand::FemaleLeft, 16.0, 16.625, 16.25, 1.5, 19.5);
        self::assertSame([0.375, 0.25, []], [$left->leftMetal, $left->rightMetal, $left->impossible]);
        $right = TapedSection::of(Family::SnapLock, Hand::FemaleRight, 16.0, 16.625, 16.25, 1.5, 19.5);
        self::assertSame([0.25, 0.375], [$right->leftMetal, $right->rightMetal]);
        $alike = TapedSection::of(Family::CapSeam, Hand::Either, 16.0, 16.5, null, 1.375, 18.75);
        self::assertSame([0.25, 0.25], [$alike->leftMetal, $alike->rightMetal]);
    }

    public function test_taping_a_shipped_profile_gives_it_back(): void
    {
        foreach (Catalogue::shipped()->profiles as $key => $profile) {
            $inside = $profile->hand->runsLeftToRight() ? $profile->insideToOutside() : $profile->cover + $profile->leftMetal;
            $taped = TapedSection::of($profile->family, $profile->hand, $profile->cover, $profile->outToOut(), $inside, $profile->height, $profile->coil);
            self::assertEqualsWithDelta([$profile->leftMetal, $profile->rightMetal], [$taped->leftMetal, $taped->rightMetal], 1e-9, (string) $key);
            self::assertSame([], $taped->impossible, (string) $key);
        }
    }

    /** @return array<string, array{float, float, float, float, array<string, array{string, float}>}> out to out, inside to outside, height, coil */
    public static function impossible(): array
    {
        return [
            'narrower than its cover' => [15.0, 16.25, 1.5, 20.0, ['outToOut' => ['least', 16.0], 'insideToOutside' => ['most', 15.0]]],
            'inside wider than outside' => [16.625, 17.0, 1.5, 20.0, ['insideToOutside' => ['most', 16.625]]],
            'inside narrower than its cover' => [16.625, 15.5, 1.5, 20.0, ['insideToOutside' => ['least', 16.0]]],
            'no metal for its legs' => [16.625, 16.25, 2.0, 18.0, ['coil' => ['least', 20.0]]],
        ];
    }

    /** @param  array<string, array{string, float}>  $said */
    #[DataProvider('impossible')]
    public function test_the_number_that_cannot_be_is_named(float $outToOut, float $inside, float $height, float $coil, array $said): void
    {
        self::assertSame($said, TapedSection::of(Family::SnapLock, Hand::FemaleLeft, 16.0, $outToOut, $inside, $height, $coil)->impossible);
    }
}
