<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** What a face's panels lie on. */
enum DeckKind: string
{
    case Plywood = 'plywood';
    case StrandBoard = 'strandboard';
    case Boards = 'boards';
    case Battens = 'battens';
    case Purlins = 'purlins';
    case OldShingles = 'shingles';

    /** Whether there is deck between one fastening line and the next. */
    public function isSolid(): bool
    {
        return $this !== self::Battens && $this !== self::Purlins;
    }

    /** Whether it has a spacing: of battens or purlins, or the exposure of old courses. */
    public function isSpaced(): bool
    {
        return ! $this->isSolid() || $this === self::OldShingles;
    }
}
