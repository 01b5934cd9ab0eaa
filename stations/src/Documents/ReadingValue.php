<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use stdClass;

/** What a reading of a document comes to: as it was measured, or old panels counted times their cover, and a rest. */
final class ReadingValue
{
    /** @return float|null inches, rise in 12 for a pitch; null where neither is there */
    public static function of(stdClass $reading): ?float
    {
        return match (true) {
            isset($reading->value) => (float) $reading->value,
            isset($reading->panels, $reading->cover) => (float) $reading->panels * (float) $reading->cover + (float) ($reading->rest ?? 0.0),
            default => null,
        };
    }
}
