<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

/** How a run of trim is divided into pieces. */
enum RunSchool: string
{
    /** Full sticks in the middle, two equal ends. */
    case Balanced = 'balanced';
    /** Fewest cuts: full sticks, what remains last. */
    case FullFirst = 'full-first';
    /** All pieces alike. */
    case Equal = 'equal';

    /** @return list<string> */
    public static function keys(): array
    {
        return array_column(self::cases(), 'value');
    }

    /**
     * Lengths of the pieces of a run, from its low or left end; trade practice.
     *
     * @param  float  $length  with what is allowed at its ends, inches
     * @param  float  $stick  inches
     * @param  float  $lap  of one piece on the next, inches, less than the stick
     * @param  float  $least  no piece is shorter, inches
     * @return list<float> at least one
     */
    public function divide(float $length, float $stick, float $lap, float $least): array
    {
        $count = $length <= $stick ? 1 : (int) ceil(($length - $lap) / ($stick - $lap) - 1e-9);
        if ($count === 1) {
            return [$length];
        }
        if ($count === 2 && $this !== self::FullFirst) {
            return array_fill(0, 2, ($length + $lap) / 2.0);
        }

        return match ($this) {
            self::Balanced => self::balanced($length, $stick, $lap, $count),
            self::Equal => array_fill(0, $count, ($length + ($count - 1) * $lap) / $count),
            self::FullFirst => self::fullFirst($length, $stick, $lap, $least, $count),
        };
    }

    /** @return non-empty-list<float> */
    private static function balanced(float $length, float $stick, float $lap, int $count): array
    {
        // With as few pieces as there can be the two ends come to more than one stick: neither is short.
        $end = ($length + ($count - 1) * $lap - ($count - 2) * $stick) / 2.0;

        return [$end, ...array_fill(0, $count - 2, $stick), $end];
    }

    /** @return non-empty-list<float> */
    private static function fullFirst(float $length, float $stick, float $lap, float $least, int $count): array
    {
        $last = $length - ($count - 1) * ($stick - $lap);
        // What would be too short takes from the piece before it.
        $short = max(0.0, $least - $last);

        return [...array_fill(0, $count - 2, $stick), $stick - $short, $last + $short];
    }
}
