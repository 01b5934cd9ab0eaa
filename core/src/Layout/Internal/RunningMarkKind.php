<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

enum RunningMarkKind: string
{
    case Seam = 'seam';
    /** Where the metal of the first or last panel ends at the rake, turn-up apart. */
    case Rake = 'rake';
    case Control = 'control';
}
