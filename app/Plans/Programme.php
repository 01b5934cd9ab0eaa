<?php

declare(strict_types=1);

namespace App\Plans;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Which state of the programme this is: nothing kept outlives the code that made it. What the code says is hashed, not when it was written: made once when the
 * application is built, and worked out anew by each process where it never was.
 */
final class Programme
{
    /** Where the build leaves it. */
    public const BUILT = 'bootstrap/cache/programme';

    /** What plans, slices and files are made by. */
    public const MADE_BY = ['app', 'compat', 'contracts', 'core/src', 'lang', 'resources/fonts', 'resources/views', 'stations/src', 'composer.json', 'composer.lock', 'package-lock.json'];

    private static ?string $version = null;

    public static function version(): string
    {
        return self::$version ??= self::built() ?? self::read(array_map(base_path(...), self::MADE_BY));
    }

    private static function built(): ?string
    {
        $built = is_file(base_path(self::BUILT)) ? trim((string) file_get_contents(base_path(self::BUILT))) : '';

        return preg_match('/^[0-9a-f]{16,64}$/', $built) === 1 ? substr($built, 0, 16) : null;
    }

    /** @param  list<string>  $places  files, and folders with all that is in them */
    public static function read(array $places): string
    {
        $hashes = [];
        foreach ($places as $place) {
            foreach (is_dir($place) ? new RecursiveIteratorIterator(new RecursiveDirectoryIterator($place, FilesystemIterator::SKIP_DOTS)) : [new SplFileInfo($place)] as $file) {
                if ($file instanceof SplFileInfo && $file->isFile()) {
                    $hashes[] = substr($file->getPathname(), strlen($place)).hash_file('xxh64', $file->getPathname());
                }
            }
        }
        sort($hashes);

        return hash('xxh64', implode("\n", $hashes));
    }
}
