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
     */
    public function __construct(public string $key, public array $legs, public ?TrimHem $low = null, public ?TrimHem $high = null, public ?int $plumb = null)
    {
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
