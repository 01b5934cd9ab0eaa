<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** How a panel is held and joined to its neighbour. */
enum Family: string
{
    case SnapLock = 'snap-lock';
    case NailStrip = 'nail-strip';
    case SingleLock = 'single-lock';
    case DoubleLock = 'double-lock';
    case CapSeam = 'cap-seam';
    case Ribbed = 'ribbed';
    case Corrugated = 'corrugated';

    public function isConcealed(): bool
    {
        return $this !== self::Ribbed && $this !== self::Corrugated;
    }

    /** A loose cap over two equal legs lets two crews run both ways from a centre line. */
    public function hasEqualLegs(): bool
    {
        return $this === self::CapSeam;
    }

    /** Under an unvented ridge or a wall flashing the pan's own end is turned up as a dam. */
    public function turnsPanUp(EdgeKind $end, bool $vented): bool
    {
        return $this->isConcealed() && ($end === EdgeKind::Headwall || ($end === EdgeKind::Ridge && ! $vented));
    }
}
