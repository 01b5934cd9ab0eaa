<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** Where the tape lies: along the left or right edge as this view shows it, along it further in, or across the sheet at its foot or head. */
enum MarkLine: string
{
    case Left = 'left';
    case Right = 'right';
    /** A corner between the edges: along the sheet, at an x of its own. */
    case Inner = 'inner';
    case AcrossFoot = 'across-foot';
    case AcrossHead = 'across-head';

    public function isAcross(): bool
    {
        return $this === self::AcrossFoot || $this === self::AcrossHead;
    }
}
