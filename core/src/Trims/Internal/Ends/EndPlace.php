<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Trims\EndKind;

/** Where a run of trim ends on the roof: which way it looks there, and what it meets. */
final readonly class EndPlace
{
    /** The section's own upright, square to the run; one long. */
    public Vector $up;

    /**
     * @param  Vector  $out  along the run, beyond its end; one long
     * @param  Vector  $across  on the level, square to the run: into the face from an eave, a rake or a peak, towards a wall or the roof above, from the first face to the second where two meet; one long
     * @param  list<EndSide|null>  $sides  the faces the run lies on: one, or the first and the second; null of one that lies nowhere
     * @param  Vector|null  $neighbour  where another of its kind goes on from there, on the level; null where none does
     * @param  Vector|null  $slope  square to the roof or the wall a ridge runs into; null where it runs into none
     * @param  Vector|null  $onward  the same as `$neighbour`, as it climbs or falls; one long
     * @param  float  $long  what lies under others there goes on at least so far, inches
     */
    public function __construct(public EndKind $kind, public Vector $out, public Vector $across, public array $sides, public ?Vector $neighbour = null, public ?Vector $slope = null, public ?Vector $onward = null, public float $long = 0.0)
    {
        $this->up = Vector::up()->squareTo($out)->unit();
    }

    public function atLeast(float $long): self
    {
        return new self(
            kind: $this->kind,
            out: $this->out,
            across: $this->across,
            sides: $this->sides,
            neighbour: $this->neighbour,
            slope: $this->slope,
            onward: $this->onward,
            long: $long,
        );
    }

    /**
     * Which end of its flat it is, as one looks at the colour with the low edge down.
     *
     * @return bool whether the run ends there to the left
     */
    public function isLeft(): bool
    {
        return $this->out->dot($this->across->cross($this->up)) < 0.0;
    }
}
