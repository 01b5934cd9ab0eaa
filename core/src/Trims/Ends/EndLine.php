<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;

/** A line on the flat of a trim's end: u from the end of the stick, v across from the edge of the low hem; inches. */
final readonly class EndLine
{
    public function __construct(public MarkKind $kind, public Point $from, public Point $to)
    {
    }
}
