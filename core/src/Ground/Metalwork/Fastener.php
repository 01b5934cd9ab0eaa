<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Closure;

/** A row of fasteners along an edge. */
final readonly class Fastener
{
    /**
     * @param  float  $spacing  inches on centre; 0 = at every rib
     * @param  list<float|Closure(Sizes): float>  $at  where across the section, in the path's inches
     * @param  float  $end  first one from an end of the piece, inches
     * @param  bool  $isLoose  in holes one size large: what it holds has to move
     */
    public function __construct(public FastenerKind $kind, public float $spacing, public array $at, public float $end = 1.0, public bool $isLoose = false)
    {
    }

    public function spaced(float $spacing): self
    {
        return new self($this->kind, $spacing, $this->at, $this->end, $this->isLoose);
    }

    /** With all its places in inches. */
    public function settled(Sizes $sizes): self
    {
        return new self($this->kind, $this->spacing, array_map($sizes->of(...), $this->at), $this->end, $this->isLoose);
    }
}
