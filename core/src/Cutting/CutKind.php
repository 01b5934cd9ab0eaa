<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** What a list of pieces says of each in a word. */
enum CutKind: string
{
    case Rip = 'rip';
    case Corrected = 'corrected';
    case Notched = 'notched';
    case Angled = 'angled';
    case Square = 'square';

    public static function of(Panel $panel): self
    {
        return match (true) {
            $panel->rip !== null => self::Rip,
            $panel->corrections !== [] => self::Corrected,
            $panel->isNotched() => self::Notched,
            $panel->isAngled() => self::Angled,
            default => self::Square,
        };
    }
}
