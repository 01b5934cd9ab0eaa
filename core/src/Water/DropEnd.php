<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

/** Where a drop comes to its end. */
enum DropEnd: string
{
    /** Over an eave or a peak. */
    case Eave = 'eave';
    /** Over an edge into its gutter. */
    case Gutter = 'gutter';
    /** Over a rake, or off a roof whose lower edge nobody has placed. */
    case Ground = 'ground';
    /** Into the roof, by a lap that runs the wrong way or an edge that lies open. */
    case Entered = 'entered';
    /** Against a wall from which it has no way on. */
    case Trapped = 'trapped';
}
