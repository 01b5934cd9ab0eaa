<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** Where a panel is held so that it moves from there: rivets or screws hidden under the cap. */
final readonly class FixedPoint
{
    /** Pans up to so wide (in) take so many; wider ones four: trade practice. */
    private const BY_WIDTH = [[12.0, 2], [17.0, 3]];

    private const WIDE = 4;

    /** From a panel's end (in), under the cap. */
    private const IN = 1.0;

    /**
     * @param  float  $v  up the slope, inches
     * @param  list<float>  $at  across the face, inches
     */
    private function __construct(public string $panel, public float $v, public array $at)
    {
    }

    /**
     * @param  float  $left  of the pan, inches across the face; `$right` the other side
     * @param  float  $head  where it ends, inches up the slope
     */
    public static function atHead(string $panel, float $left, float $right, float $head): self
    {
        $count = self::count($right - $left);
        $at = array_map(static fn (int $i): float => $left + ($right - $left) * ($i + 0.5) / $count, range(0, $count - 1));

        return new self($panel, $head - self::IN, $at);
    }

    /** How many hold a pan so wide, inches. */
    public static function count(float $wide): int
    {
        foreach (self::BY_WIDTH as [$most, $count]) {
            if ($wide <= $most + 1e-6) {
                return $count;
            }
        }

        return self::WIDE;
    }
}
