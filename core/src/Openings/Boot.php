<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\SealKind;

/** A rubber boot by the pipes it fits; generic sizes, outside diameters in inches. */
final readonly class Boot
{
    /** From, to: representative, a maker's own replace them. */
    private const SIZES = [[0.25, 2.0], [1.0, 3.0], [3.0, 6.25], [5.0, 9.0], [9.0, 13.0]];

    /** @param  float  $base  side of its square base */
    private function __construct(public int $number, public float $from, public float $to, public float $base)
    {
    }

    /**
     * The smallest a pipe fits in; null where none is made so large.
     *
     * @param  float  $flange  how far its base reaches beyond the pipe all round
     */
    public static function for(float $diameter, float $flange): ?self
    {
        foreach (self::SIZES as $i => [$from, $to]) {
            if ($diameter >= $from - 1e-9 && $diameter <= $to + 1e-9) {
                return new self($i + 1, $from, $to, $diameter + 2.0 * $flange);
            }
        }

        return null;
    }

    /** @return array{float, float} the pipes a boot fits, thinnest and thickest */
    public static function fits(int $number): array
    {
        return self::SIZES[$number - 1];
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
