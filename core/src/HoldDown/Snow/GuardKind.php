<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Snow;

/** What holds snow. */
enum GuardKind: string
{
    /** On the pan, screwed or glued. */
    case Pads = 'pads';
    /** A bar or two pipes, in clamps on the seams; only standing seams have them. */
    case Rail = 'rail';
}
