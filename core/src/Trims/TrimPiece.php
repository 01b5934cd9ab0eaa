<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

/** One length of a run of trim. */
final readonly class TrimPiece
{
    /**
     * @param  string  $id  of its run, and which from the run's low or left end: `eave-hall.N.eave-trim.2`
     * @param  float  $at  where it begins on the run, inches from the low or left end, what is allowed there with it
     * @param  float  $length  inches
     * @param  float  $lapLow  how far it laps the piece before it; 0 for the first
     * @param  float  $lapHigh  how far the next laps it
     * @param  bool  $isOver  whether it lies over the piece before it, or under it
     */
    public function __construct(public string $id, public float $at, public float $length, public float $lapLow, public float $lapHigh, public bool $isOver)
    {
    }

    /** @return list<float> where laps are marked on it, inches from its low or left end */
    public function marks(): array
    {
        return array_values(array_filter([$this->lapLow, $this->length - $this->lapHigh], fn (float $at): bool => $at > 0.0 && $at < $this->length));
    }
}
