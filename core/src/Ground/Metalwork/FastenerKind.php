<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** What holds a layer. */
enum FastenerKind: string
{
    case Pancake = 'pancake';
    case Nail = 'nail';
    case FlatScrew = 'flat';
    case Washered = 'washered';
    case Stitch = 'stitch';
    case Lap = 'lap';
    case Rivet = 'rivet';

    /** Whether rain may reach its head: it has a washer, or fills its hole. */
    public function mayLieBare(): bool
    {
        return in_array($this, [self::Washered, self::Stitch, self::Lap, self::Rivet], true);
    }
}
