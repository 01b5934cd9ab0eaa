<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** How a joint is sealed: with what, how wide and thick, in how many runs. */
final readonly class Seal
{
    /**
     * @param  float  $width  of a tape or a bead, inches
     * @param  float  $high  of a tape before it is pressed, inches; 0 = a bead, as high as wide
     * @param  int  $beads  side by side
     */
    public function __construct(public SealKind $kind, public float $width = 0.25, public float $high = 0.0, public int $beads = 1)
    {
    }

    /**
     * What seals a layer where nothing else is said of it, by its key; trade practice. Of trims, caps and pans it is what lies
     * in the laps of their lengths.
     */
    public static function usual(string $key): ?self
    {
        return match ($key) {
            'tape', 'tape-over' => new self(SealKind::ButylTape, 0.875, 0.1875),
            'beads' => new self(SealKind::ButylGun, 0.25, beads: 2),
            'seam-bead' => new self(SealKind::ButylGun),
            'seam-sealant', 'head-sealant' => new self(SealKind::Polymer),
            'eave-trim', 'cap', 'rake-trim' => new self(SealKind::Polymer, beads: 2),
            'drip-trim', 'drip-flashing', 'valley-pan', 'hemmed-pan', 'headwall-flashing', 'sidewall-flashing', 'transition-flashing', 'peak-flashing', 'peak-cap', 'gable-trim' => new self(SealKind::Polymer),
            default => null,
        };
    }
}
