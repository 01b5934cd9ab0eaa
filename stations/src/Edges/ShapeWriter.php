<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Ground\Metalwork\Bend;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Metalwork\TrimShape;

/** A trim's shape as a document says one's own, to begin from. */
final class ShapeWriter
{
    /**
     * @param  float  $rib  height of the panel's seam or rib, inches
     * @return array<string, mixed>
     */
    public static function of(TrimShape $shape, float $rib): array
    {
        return array_filter([
            'legs' => array_map(static fn (TrimLeg $leg): array => ['length' => $leg->length($rib), ...($leg->bend === null ? [] : self::bend($leg->bend))], $shape->legs),
            'low' => self::hem($shape->low),
            'high' => self::hem($shape->high),
            'plumb' => $shape->plumb,
        ], static fn (mixed $one): bool => $one !== null);
    }

    /** @return array<string, mixed> */
    private static function bend(Bend $bend): array
    {
        $follows = match (true) {
            $bend->pitch > 0.0 => 'pitch',
            $bend->pitch < 0.0 => 'pitch-less',
            $bend->dihedral >= 1.0 => 'dihedral',
            $bend->dihedral > 0.0 => 'half-dihedral',
            default => null,
        };

        return [
            ...($follows === 'dihedral' ? [] : ['bend' => $bend->degrees]),
            ...($follows === null ? [] : ['follows' => $follows]),
            'towards' => $bend->isOut ? 'colour' : 'back',
        ];
    }

    /** @return array{length: float, open: bool}|null */
    private static function hem(?TrimHem $hem): ?array
    {
        return $hem === null ? null : ['length' => $hem->length, 'open' => $hem->isOpen];
    }
}
