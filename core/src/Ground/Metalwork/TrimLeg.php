<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Closure;

/** A flat part of a trim between two bends. */
final readonly class TrimLeg
{
    /**
     * @param  float  $length  as it is usual, inches, apart from what follows the panel
     * @param  Bend|null  $bend  to the next leg; null of the last
     * @param  bool  $isRib  as much longer as the panel's seam or rib is high
     * @param  (Closure(Sizes): float)|null  $reach  inches it must be long at an edge, to reach what it covers or hooks there
     * @param  bool  $isJust  whether it is then just so long; else the usual length stands where that is more
     */
    public function __construct(private float $length, public ?Bend $bend = null, private bool $isRib = false, private ?Closure $reach = null, private bool $isJust = false)
    {
    }

    /** As long as it must be at an edge. */
    public function settled(Sizes $sizes): self
    {
        if ($this->reach === null) {
            return $this;
        }
        $reach = ($this->reach)($sizes);

        return new self($this->isJust ? $reach : max($this->length, $reach), $this->bend, $this->isRib);
    }

    /** @param  float  $rib  height of the seam or rib, inches */
    public function length(float $rib): float
    {
        return $this->length + ($this->isRib ? $rib : 0.0);
    }
}
