<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** The edges of a roof plane that a panel can end at. */
enum EdgeKind: string
{
    case Eave = 'eave';
    case Rake = 'rake';
    case Ridge = 'ridge';
    case Peak = 'peak';
    case Hip = 'hip';
    case Valley = 'valley';
    case Headwall = 'headwall';
    case Sidewall = 'sidewall';
    /** A change of pitch that water runs across. */
    case Transition = 'transition';
    /** Where panels laid sideways end over those that run up the slope. */
    case CrossEnd = 'cross-end';
    /** Where metal keeps clear of something that comes through the roof. */
    case Opening = 'opening';
    /** Where one length of a panel ends under or over the next. */
    case EndLap = 'end-lap';

    /** Edges that run up the slope beside a panel, as against those that end one. */
    public function runsUpSlope(): bool
    {
        return $this === self::Rake || $this === self::Sidewall;
    }

    /** Where roof meets roof. */
    public function isShared(): bool
    {
        return in_array($this, [self::Ridge, self::Hip, self::Valley, self::Transition], true);
    }

    public function isHighEnd(): bool
    {
        return in_array($this, [self::Ridge, self::Peak, self::Headwall], true);
    }
}
