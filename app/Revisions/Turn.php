<?php

declare(strict_types=1);

namespace App\Revisions;

/** A save that is no new change: one taken back, or one taken up again. */
enum Turn: string
{
    case Undo = 'undo';
    case Redo = 'redo';
}
