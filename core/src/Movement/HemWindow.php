<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

/**
 * Between what the gap from a cleat's nose to a hem's fold may be set, inches, on a day the metal is so warm: cold must not pull
 * the fold into the nose, heat must not push the hem off it. α L (T − Tcold) ≤ g ≤ h − e − α L (Thot − T).
 */
final readonly class HemWindow
{
    /** Of an inch, on a tape. */
    private const STEPS = 16.0;

    private function __construct(public float $metalF, public float $least, public float $most)
    {
    }

    /**
     * @param  float  $expansion  α, per °F
     * @param  float  $length  that moves at the hem, inches
     * @param  float  $hem  its depth, inches
     * @param  float  $engaged  what it must keep hold of, inches
     */
    public static function at(float $metalF, float $expansion, float $length, MetalRange $range, float $hem, float $engaged): self
    {
        return new self($metalF, $expansion * $length * ($metalF - $range->coldF), $hem - $engaged - $expansion * $length * ($range->hotF - $metalF));
    }

    public function isOpen(): bool
    {
        return $this->most >= $this->least - 1e-9;
    }

    /** What is set that day: the sixteenth nearest to its middle, as far from either trouble as a tape tells; null where none lies in it. */
    public function setting(): ?float
    {
        $sixteenth = round(($this->least + $this->most) / 2.0 * self::STEPS) / self::STEPS;

        return $this->holds($sixteenth, $sixteenth) && $sixteenth >= 0.0 ? $sixteenth : null;
    }

    /** Whether a habit of so much to so much fits in it. */
    public function holds(float $least, float $most): bool
    {
        return $least >= $this->least - 1e-9 && $most <= $this->most + 1e-9;
    }
}
