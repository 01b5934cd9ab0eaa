<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** A block's own four sides, counter-clockwise; they turn with it. */
enum Side: string
{
    case South = 'south';
    case East = 'east';
    case North = 'north';
    case West = 'west';

    /** As it stands in a face's id: hall.S. */
    public function letter(): string
    {
        return strtoupper($this->value[0]);
    }
}
