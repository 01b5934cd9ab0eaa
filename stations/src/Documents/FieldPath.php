<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

/** Names a field the way one would in code: roof.planes[0].outline[3]. */
final class FieldPath
{
    /** @param  list<int|string>  $steps */
    public static function of(array $steps): string
    {
        $path = '';
        foreach ($steps as $step) {
            $path = is_int($step) ? $path."[$step]" : self::within($path, $step);
        }

        return $path === '' ? 'document' : $path;
    }

    public static function within(string $path, string $name): string
    {
        return $path === '' || $path === 'document' ? $name : "$path.$name";
    }
}
