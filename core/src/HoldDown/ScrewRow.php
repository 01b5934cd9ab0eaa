<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** Which row a screw of a screw-down sheet stands in. */
enum ScrewRow: string
{
    /** Along a sheet's ends, on both sides of every rib. */
    case End = 'end';
    /** Along an end that is closed: through the closure at every rib, so that none can blow out. */
    case Closure = 'closure';
    /** Across the field, one a rib. */
    case Field = 'field';
    /** Up a side lap. */
    case Lap = 'lap';
    /** Along hips and valleys, and around openings. */
    case Extra = 'extra';
}
