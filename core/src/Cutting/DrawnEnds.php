<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Geometry\Point;

/**
 * How much of a card's foot and head is drawn to scale. A panel is far longer than wide: where nothing is cut, bent or
 * notched for long, its drawing breaks. Inches, up from B and down from T.
 */
final readonly class DrawnEnds
{
    /** Shown of each end at least. */
    private const LEAST = 9.0;

    /** Shown beyond the last mark. */
    private const BEYOND = 3.0;

    /** A break that saves less than this share of the length is not worth its line. */
    private const WORTH = 0.15;

    private function __construct(public float $foot, public float $head, public bool $broken)
    {
    }

    public static function of(CutCard $card): self
    {
        $heights = [0.0, $card->length];
        foreach ([$card->outline, ...$card->holes] as $loop) {
            array_push($heights, ...array_map(static fn (Point $corner): float => $corner->v, $loop->corners));
        }
        foreach ($card->lines as $line) {
            array_push($heights, $line->from->v, $line->to->v);
        }
        sort($heights);
        [$from, $to] = [0.0, 0.0];
        foreach (array_slice($heights, 1) as $i => $height) {
            if ($height - $heights[$i] > $to - $from) {
                [$from, $to] = [$heights[$i], $height];
            }
        }
        $foot = max(self::LEAST, $from + self::BEYOND);
        $head = max(self::LEAST, $card->length - $to + self::BEYOND);

        return $foot + $head > $card->length * (1.0 - self::WORTH) ? new self($card->length / 2.0, $card->length / 2.0, false) : new self($foot, $head, true);
    }
}
