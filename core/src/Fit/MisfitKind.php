<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit;

/** How something does not fit. */
enum MisfitKind: string
{
    /** A screw through no metal, or nearer to a panel's end than it holds. */
    case ScrewOff = 'screw-off';
    /** A clip on no metal, or in a valley's pan. */
    case ClipOff = 'clip-off';
    /** A panel is fixed at its bend, or beyond it. */
    case FixedOff = 'fixed-off';
    /** A cap or a flashing does not reach over what it hooks or closes. */
    case CapShort = 'cap-short';
}
