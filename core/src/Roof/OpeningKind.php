<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** What comes through a roof. */
enum OpeningKind: string
{
    case Pipe = 'pipe';
    case Chimney = 'chimney';
    case Skylight = 'skylight';
    case Curb = 'curb';
    /** A box or a fan that lets air out. */
    case Vent = 'vent';

    /** A pipe goes through the flat of a pan, under its boot; everything else parts the panels. */
    public function partsPanels(): bool
    {
        return $this !== self::Pipe;
    }
}
