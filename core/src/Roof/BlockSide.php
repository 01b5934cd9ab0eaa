<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** What the roof does at one side of a block. */
final readonly class BlockSide
{
    /**
     * @param  float|null  $riseIn12  null for a gable
     * @param  float  $overhang  inches in plan from the wall
     */
    private function __construct(public ?float $riseIn12, public float $overhang)
    {
    }

    /** A roof plane rises from this side's eave. */
    public static function sloped(float $riseIn12, float $overhang): self
    {
        return new self($riseIn12, $overhang);
    }

    /** The roof ends at a rake, or at a peak above a high wall. */
    public static function gable(float $overhang): self
    {
        return new self(null, $overhang);
    }
}
