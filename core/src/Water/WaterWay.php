<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

/** What a drop runs on. */
enum WaterWay: string
{
    case Pan = 'pan';
    /** Along a panel laid sideways. */
    case Across = 'across';
    /** Over the zee at its end. */
    case SideZee = 'side-zee';
    case Valley = 'valley';
    /** Along the upper side of what stands in its way. */
    case Opening = 'opening';
    /** Along a wall. */
    case Wall = 'wall';
    /** Over a pitch change. */
    case Transition = 'transition';
    /** Through the air, onto a roof below. */
    case Fall = 'fall';
    case Eave = 'eave';
    case Rake = 'rake';
}
