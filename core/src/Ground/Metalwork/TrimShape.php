<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** A trim cut across: its legs from the visible low end inwards, the bends between them, its hems. */
final readonly class TrimShape
{
    /**
     * @param  non-empty-list<TrimLeg>  $legs
     * @param  TrimHem|null  $low  at the first leg's free edge
     * @param  TrimHem|null  $high  at the last one's
     * @param  int|null  $plumb  which leg, from 0, stands plumb before a fascia or a wall; null of what lies along the roof
     * @param  bool  $isGrown  whether a leg is not as long as usual, because it must reach
     */
    public function __construct(public string $key, public array $legs, public ?TrimHem $low = null, public ?TrimHem $high = null, public ?int $plumb = null, public bool $isGrown = false)
    {
    }

    /** With legs as long as they must be at an edge. Source: trade practice, a leg reaches what it covers or hooks. */
    public function settled(Sizes $sizes): self
    {
        $legs = array_map(static fn (TrimLeg $leg): TrimLeg => $leg->settled($sizes), $this->legs);
        $isGrown = array_filter($legs, fn (TrimLeg $leg, int $i): bool => abs($leg->length(0.0) - $this->legs[$i]->length(0.0)) > 1e-9, ARRAY_FILTER_USE_BOTH) !== [];

        return new self($this->key, $legs, $this->low, $this->high, $this->plumb, $isGrown);
    }

    /**
     * How long one of its legs is at an edge, inches.
     *
     * @param  int  $number  from 0, from the visible low end
     */
    public function leg(int $number, Sizes $sizes): float
    {
        return $this->legs[$number]->settled($sizes)->length($sizes->rib);
    }

    /**
     * Width of the flat it is bent from, inches: legs and hems.
     *
     * @param  float  $rib  height of the panel's seam or rib, inches
     */
    public function girth(float $rib): float
    {
        return array_sum(array_map(static fn (TrimLeg $leg): float => $leg->length($rib), $this->legs)) + ($this->low->length ?? 0.0) + ($this->high->length ?? 0.0);
    }

    /**
     * @param  float  $pitch  of the deck square to the edge, degrees
     * @param  float  $dihedral  of the faces that meet, degrees
     * @return list<float> degrees on the colour side, from the low end
     */
    public function bends(float $pitch, float $dihedral): array
    {
        return array_values(array_map(static fn (Bend $bend): float => $bend->at($pitch, $dihedral), array_filter(array_map(static fn (TrimLeg $leg): ?Bend => $leg->bend, $this->legs))));
    }
}
