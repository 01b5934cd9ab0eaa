<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Metalwork\MarkKind;

/** A mark on the flat of a piece: running distance from its left end, and across from its low edge; inches. */
final readonly class PieceMark
{
    public function __construct(public MarkKind $kind, public float $along, public float $across)
    {
    }
}
