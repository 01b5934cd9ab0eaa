<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Ground\Metalwork\MarkKind;

/** A pencil mark on the flat of a trim's end. */
final readonly class EndMark
{
    /**
     * @param  float  $across  inches from the edge of the low hem
     * @param  float  $distance  inches from the end of the stick
     */
    public function __construct(public MarkKind $kind, public float $across, public float $distance)
    {
    }
}
