<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/**
 * Which side of the panel, looking up-slope, carries the female leg (or the lap that goes over). Each new female
 * snaps over the male that has just been clipped, so a female leg on the left means panels run left to right.
 */
enum Hand: string
{
    case FemaleLeft = 'female-left';
    case FemaleRight = 'female-right';
    case Either = 'either';

    public function runsLeftToRight(): bool
    {
        return $this !== self::FemaleRight;
    }
}
