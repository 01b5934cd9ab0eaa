<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** What a panel is fixed with where it does not move. */
enum FixedBy: string
{
    case Screws = 'screws';
    case Rivets = 'rivets';
    /** One of a nail strip's own screws, driven tight. */
    case Slot = 'slot';

    /** @return non-empty-list<string> what may be chosen */
    public static function keys(): array
    {
        return [self::Screws->value, self::Rivets->value];
    }

    public function carrier(): Carrier
    {
        return match ($this) {
            self::Screws => Carrier::FixedScrew,
            self::Rivets => Carrier::Rivet,
            self::Slot => Carrier::Slot,
        };
    }
}
