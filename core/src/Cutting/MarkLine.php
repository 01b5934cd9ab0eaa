<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** Where the tape lies: along the left or right edge as this view shows it, or across the sheet at its foot or head. */
enum MarkLine: string
{
    case Left = 'left';
    case Right = 'right';
    case AcrossFoot = 'across-foot';
    case AcrossHead = 'across-head';
}
