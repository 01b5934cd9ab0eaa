<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** A flat part of a trim between two bends. */
final readonly class TrimLeg
{
    /**
     * @param  float  $length  inches, apart from what follows the panel
     * @param  Bend|null  $bend  to the next leg; null of the last
     * @param  bool  $isRib  as much longer as the panel's seam or rib is high
     */
    public function __construct(private float $length, public ?Bend $bend = null, private bool $isRib = false)
    {
    }

    /** @param  float  $rib  height of the seam or rib, inches */
    public function length(float $rib): float
    {
        return $this->length + ($this->isRib ? $rib : 0.0);
    }
}
