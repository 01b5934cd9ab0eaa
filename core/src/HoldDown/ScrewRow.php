<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** Which row a screw of a screw-down sheet stands in. */
enum ScrewRow: string
{
    /** Along a sheet's ends, on both sides of every rib. */
    case End = 'end';
    /** Across the field, one a rib. */
    case Field = 'field';
    /** Up a side lap. */
    case Lap = 'lap';
}
