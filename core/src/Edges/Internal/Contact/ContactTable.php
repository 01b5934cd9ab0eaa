<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal\Contact;

use Imbrex\Core\Edges\Contact\Metals;
use Imbrex\Core\Ground\Metalwork\FastenerKind;

/** What must not touch, or drain onto, what: trade.md §5, contact table. Metals by their keys. */
final class ContactTable
{
    /** From what gives way to what stays. */
    private const NOBILITY = ['zinc' => 0, 'aluminium' => 1, 'steel' => 2, 'copper' => 3, 'stainless' => 4];

    private const EATEN_BY_COPPER = ['zinc', 'aluminium', 'steel'];

    private const EATEN_BY_LIME_AND_SALTS = ['aluminium', 'steel'];

    public static function mayDrain(string $from, string $onto): bool
    {
        return $from !== 'copper' || ! in_array($onto, self::EATEN_BY_COPPER, true);
    }

    public static function mayTouch(string $one, string $other): bool
    {
        return self::mayDrain($one, $other) && self::mayDrain($other, $one);
    }

    /** Whether it may be set on treated timber or in fresh mortar. */
    public static function bearsLimeAndSalts(string $metal): bool
    {
        return ! in_array($metal, self::EATEN_BY_LIME_AND_SALTS, true);
    }

    /** A rivet is no less noble than what it holds, in steel it is stainless; a plain nail is not driven through aluminium. */
    public static function mayHold(FastenerKind $kind, string $metal, string $held): bool
    {
        return match ($kind) {
            FastenerKind::Rivet => $held === Metals::STEEL ? $metal === 'stainless' : (self::NOBILITY[$metal] ?? 0) >= (self::NOBILITY[$held] ?? 0),
            FastenerKind::Nail => $held !== 'aluminium' || $metal !== Metals::STEEL,
            default => self::mayTouch($metal, $held),
        };
    }
}
