<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Builds\Fastener;
use Imbrex\Core\Builds\FastenerKind;
use Imbrex\Core\Builds\SealKind;

/** A rubber boot by the pipes it fits; generic sizes, outside diameters in inches. */
final readonly class Boot
{
    /** From, to, and the side of its square base: representative, a maker's own replace them. */
    private const SIZES = [[0.25, 2.0, 4.5], [1.0, 3.0, 6.0], [3.0, 6.25, 9.5], [5.0, 9.0, 13.0], [9.0, 13.0, 17.5]];

    private function __construct(public int $number, public float $from, public float $to, public float $base)
    {
    }

    /** The smallest a pipe fits in; null where none is made so large. */
    public static function for(float $diameter): ?self
    {
        foreach (self::SIZES as $i => [$from, $to, $base]) {
            if ($diameter >= $from - 1e-9 && $diameter <= $to + 1e-9) {
                return new self($i + 1, $from, $to, $base);
            }
        }

        return null;
    }

    public static function numbered(int $number): self
    {
        return new self($number, ...self::SIZES[$number - 1]);
    }

    public static function largest(): float
    {
        return max(array_column(self::SIZES, 1));
    }

    /** Bedded in butyl, screwed round its base. */
    public function piece(float $spacing): OpeningPiece
    {
        return new OpeningPiece(PieceRole::Boot, fastener: new Fastener(FastenerKind::Lap, $spacing, []), screwed: 4.0 * ($this->base - 1.0) - $spacing, seal: SealKind::ButylTape);
    }
}
