<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

/** In which order the pieces round an opening go on: schools in use, trade practice §9. */
enum WorkOrder: string
{
    /** Front and sides, then the back over them. */
    case FrontFirst = 'front-first';
    /** Sides, back, then the front over the sides; slots at the back corners. */
    case SidesFirst = 'sides-first';
    /** The back first, on its saddle; the sides are slid under it. */
    case BackFirst = 'back-first';
}
