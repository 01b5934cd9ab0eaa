<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** Net uplift by zone, psf at the allowable level: an engineer's, which governs, or the planning estimate. */
final readonly class Pressures
{
    /** @param  array<string, float>|null  $given  by zone; null where they are estimated */
    private function __construct(private ?array $given, public ?WindEstimate $estimate)
    {
    }

    /** @param  array{field: float, edge: float, corner: float}  $psf  upwards, at the allowable level */
    public static function given(array $psf): self
    {
        return new self($psf, null);
    }

    public static function estimated(WindEstimate $estimate): self
    {
        return new self(null, $estimate);
    }

    public function isEstimate(): bool
    {
        return $this->given === null;
    }

    /** psf, upwards. */
    public function net(WindZone $zone, float $pitchDegrees): float
    {
        return $this->given[$zone->value] ?? $this->estimate?->net($zone, $pitchDegrees) ?? 0.0;
    }
}
