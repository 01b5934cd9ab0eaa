<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Mark;

/** How a piece is to be taken, by what is cut away and what its ends die into. */
enum HowToTake: string
{
    case Square = 'square';
    case Rip = 'rip';
    case Hip = 'hip';
    case Valley = 'valley';
    case Notched = 'notched';

    public static function of(Panel $panel, CutCard $card): self
    {
        $names = array_fill_keys(array_map(static fn (Mark $mark): string => $mark->name, $card->marks), true);
        [$valley, $hip] = [isset($names[EdgeKind::Valley->value]), isset($names[EdgeKind::Hip->value])];

        return match (true) {
            // A valley piece that cannot be hung from its head is marked out like a notched one.
            $panel->isNotched(), $valley && ($hip || ! $card->fromHead) => self::Notched,
            $valley => self::Valley,
            $hip => self::Hip,
            default => $panel->rip === null ? self::Square : self::Rip,
        };
    }
}
