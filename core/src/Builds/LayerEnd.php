<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

/** How a layer goes on past the last corner of the section's path. */
enum LayerEnd: string
{
    /** Folded along it. */
    case Follows = 'follows';
    /** Straight on, past the corner. */
    case Straight = 'straight';
    /** Level, as a top leg over an upstand. */
    case Level = 'level';
}
