<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

/** Where what belongs to the programme stands: contracts, words, typefaces. Whoever runs it without a framework finds them there, too. */
final class Root
{
    public static function at(string $path): string
    {
        return dirname(__DIR__, 3)."/$path";
    }
}
