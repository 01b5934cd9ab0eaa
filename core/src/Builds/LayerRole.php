<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

/** What a layer does at an edge. */
enum LayerRole: string
{
    case Panel = 'panel';
    case Membrane = 'membrane';
    /** Trims, caps, pans and flashings. */
    case Trim = 'trim';
    case Cleat = 'cleat';
    case Zee = 'zee';
    /** What stands already: an old roof, siding, a wall's face. */
    case Standing = 'standing';
    /** Foam and metal blocks: they fill, they do not lead water. */
    case Closure = 'closure';
    /** Lets air through. */
    case Vent = 'vent';
    case Tape = 'tape';
    case Sealant = 'sealant';
    /** Held by the panel's seam or edge, across which no water runs. */
    case Stiffener = 'stiffener';

    /** Whether water runs on it. */
    public function sheds(): bool
    {
        return in_array($this, [self::Panel, self::Membrane, self::Trim, self::Cleat, self::Zee, self::Standing], true);
    }

    public function seals(): bool
    {
        return $this === self::Tape || $this === self::Sealant;
    }
}
