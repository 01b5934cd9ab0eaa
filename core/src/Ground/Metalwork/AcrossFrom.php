<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Imbrex\Core\Cutting\Leg;

/** Where across the sheet a mark's place is taken from: an edge as this view shows it, or the inside of the leg it lies at. */
enum AcrossFrom: string
{
    case Left = 'left';
    case Right = 'right';
    case Leg = 'leg';

    public function mirrored(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Leg => self::Leg,
        };
    }
}
