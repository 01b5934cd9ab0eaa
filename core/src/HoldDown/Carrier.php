<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** What besides a clip carries a load, and has an allowable of its own. */
enum Carrier: string
{
    /** A screw in a nail strip's slot. */
    case Slot = 'slot';
    /** A screw through a sheet, pulled out of the deck. */
    case Screw = 'screw';
    /** A sheet pulled over a screw's head. */
    case PullOver = 'pullOver';
    /** A screw at a panel's fixed point, in shear. */
    case FixedScrew = 'fixedScrew';
    case Rivet = 'rivet';
    /** A snow guard on the pan. */
    case Pad = 'pad';
    /** A clamp on a seam, under a snow rail. */
    case Clamp = 'clamp';
}
