<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** Where the purlins or battens of a face run, inches up the slope from its lowest point: each said, or the first and how far they stand apart. */
final readonly class PurlinLines
{
    /** Nearer to each other (in) they are no purlins. */
    public const CLOSEST = 6.0;

    /** @param  list<float>  $at  upwards; nothing where they are evenly spaced */
    private function __construct(private array $at, private float $first, private float $spacing)
    {
    }

    /** @param  list<float>  $at  upwards */
    public static function each(array $at): self
    {
        return new self($at, 0.0, 0.0);
    }

    public static function spaced(float $first, float $spacing): self
    {
        return new self([], $first, max(self::CLOSEST, $spacing));
    }

    /** @return list<float> those that run between two heights */
    public function between(float $low, float $high): array
    {
        if ($this->at !== []) {
            return array_values(array_filter($this->at, static fn (float $v): bool => $v > $low + 1e-9 && $v < $high - 1e-9));
        }
        $lines = [];
        for ($i = max(0, (int) ceil(($low - $this->first) / $this->spacing + 1e-9)); $this->first + $i * $this->spacing < $high - 1e-9; $i++) {
            $lines[] = $this->first + $i * $this->spacing;
        }

        return $lines;
    }

    /** The line nearest above a place, or below it; null where there is none so near. */
    public function beside(float $v, bool $above, float $reach): ?float
    {
        $lines = $above ? $this->between($v, $v + $reach) : array_reverse($this->between($v - $reach, $v));

        return $lines[0] ?? null;
    }
}
