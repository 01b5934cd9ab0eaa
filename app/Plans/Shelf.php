<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Support\Facades\Log;

/**
 * Things that can be made again, kept on disk for as long as they are likely to be asked for: so many files and no more,
 * so many bytes and no more, the longest unread go first. Nothing of another version of the programme is read: its
 * version stands in the file's name. A disk that is full or may not be written to makes things slower, and says so.
 */
final class Shelf
{
    /** One file may fill so much of the shelf. */
    private const SHARE = 0.25;

    /** One in so many puts looks whether there is too much. */
    private const TIDY_EACH = 16;

    private bool $said = false;

    public function __construct(private readonly string $folder, private readonly string $version, private readonly int $mostFiles, private readonly int $mostBytes, private readonly int $tidyEach = self::TIDY_EACH)
    {
    }

    public function has(string $key): bool
    {
        return is_file($this->file($key));
    }

    public function take(string $key): ?string
    {
        $file = $this->file($key);
        $kept = is_file($file) ? @file_get_contents($file) : false;
        if ($kept === false) {
            return null;
        }
        @touch($file);

        return $kept;
    }

    public function drop(string $key): void
    {
        @unlink($this->file($key));
    }

    /** Whether it is kept. */
    public function put(string $key, string $content): bool
    {
        if (strlen($content) > $this->mostBytes * self::SHARE) {
            return false;
        }
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0770, true) && ! is_dir($this->folder)) {
            return $this->cannot();
        }
        // Written beside and moved in: nobody reads half of it.
        $new = $this->folder.'/new'.bin2hex(random_bytes(8));
        if (@file_put_contents($new, $content) !== strlen($content) || ! @rename($new, $this->file($key))) {
            @unlink($new);

            return $this->cannot();
        }
        if ($this->tidyEach <= 1 || random_int(1, $this->tidyEach) === 1) {
            $this->tidy();
        }

        return true;
    }

    /** Whether anything can be kept here. */
    public function isOpen(): bool
    {
        return (is_dir($this->folder) || @mkdir($this->folder, 0770, true) || is_dir($this->folder)) && is_writable($this->folder);
    }

    /** @param  bool  $all  nothing is too little to go */
    public function tidy(bool $all = false): void
    {
        $files = [];
        foreach (glob("$this->folder/*") ?: [] as $file) {
            $files[$file] = [(int) @filemtime($file), (int) @filesize($file)];
        }
        uasort($files, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        [$count, $bytes] = [0, 0];
        foreach ($files as $file => [$read, $size]) {
            // One being written has no version in its name yet; one that was never finished is old.
            $isOwn = str_ends_with((string) $file, ".$this->version") || (str_starts_with(basename((string) $file), 'new') && $read > time() - 60);
            if ($all || ! $isOwn || ++$count > $this->mostFiles || ($bytes += $size) > $this->mostBytes) {
                @unlink((string) $file);
            }
        }
    }

    private function cannot(): bool
    {
        if (! $this->said) {
            Log::warning('Nothing can be kept on disk: answers are made anew each time.', ['folder' => basename($this->folder)]);
            $this->said = true;
        }

        return false;
    }

    private function file(string $key): string
    {
        return "$this->folder/".hash('xxh128', $key).".$this->version";
    }
}
