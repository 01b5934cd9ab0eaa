<?php

declare(strict_types=1);

namespace Tests\Browser\Screen;

use PHPUnit\Framework\TestCase;
use Tests\Support\ScreenCode;

/** Words can be read on whatever they stand on, drawings included: in the sun theme half as well again. */
final class ColoursTest extends TestCase
{
    private const PAGE = ['ground', 'card'];

    /** Colour of words => what such words stand on. */
    private const PAIRS = [
        'ink' => [...self::PAGE, 'metal', 'tape', 'actionTint', 'settleTint', 'stopTint'],
        'muted' => [...self::PAGE, 'metal', 'tape', 'actionTint', 'settleTint', 'stopTint'],
        'chalkInk' => [...self::PAGE, 'metal', 'tape'],
        'settleInk' => [...self::PAGE, 'settleTint'],
        'stop' => [...self::PAGE, 'stopTint'],
        'action' => [...self::PAGE, 'actionTint', 'settleTint'],
        'actionText' => ['action'],
        'chalkText' => ['chalk'],
        'card' => ['ink'],
    ];

    public function test_words_stand_out_from_what_they_stand_on(): void
    {
        /** @var array<string, array<string, string>> $lights */
        $lights = ScreenCode::run("const { palettes } = await load('theme/theme.ts'); tell(palettes);");
        self::assertSame(['shop', 'sun', 'night'], array_keys($lights));
        $faint = [];
        foreach ($lights as $light => $palette) {
            foreach (self::PAIRS as $words => $grounds) {
                foreach ($grounds as $ground) {
                    $ratio = self::contrast($palette[$words], $palette[$ground]);
                    $ratio < ($light === 'sun' ? 7.0 : 4.5) && $faint[] = sprintf('%s: %s on %s is %.2f', $light, $words, $ground, $ratio);
                }
            }
        }
        self::assertSame([], $faint);
        self::assertEqualsWithDelta(21.0, self::contrast('#000000', '#FFFFFF'), 1e-9);
        self::assertEqualsWithDelta(4.54, self::contrast('#767676', '#FFFFFF'), 0.01);
    }

    /** Contrast of two colours, by WCAG 2. */
    private static function contrast(string $one, string $other): float
    {
        $light = static function (string $colour): float {
            $channels = array_map(static fn (string $pair): float => (float) hexdec($pair) / 255, str_split(substr($colour, 1), 2));
            [$r, $g, $b] = array_map(static fn (float $c): float => $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4, $channels);

            return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
        };
        [$low, $high] = [min($light($one), $light($other)), max($light($one), $light($other))];

        return ($high + 0.05) / ($low + 0.05);
    }
}
