<?php

declare(strict_types=1);

namespace App\Plans;

use Imbrex\Core\Plan;
use Throwable;

/**
 * Worked plans, kept on disk for as long as they are likely to be asked for again. A plan of another version of the
 * programme is never read: its version stands in the file's name. So many files and no more, so many bytes and no more;
 * the longest unread go first.
 */
final readonly class PlanShelf
{
    public function __construct(private string $folder, private string $version, private int $mostFiles = 64, private int $mostBytes = 32_000_000)
    {
    }

    /** @param  string  $key  of the document and the circumstances */
    public function take(string $key): ?Plan
    {
        $file = $this->file($key);
        $kept = is_file($file) ? @file_get_contents($file) : false;
        if ($kept === false) {
            return null;
        }
        try {
            $plan = unserialize((string) gzuncompress($kept));
        } catch (Throwable) {
            $plan = null;
        }
        if (! $plan instanceof Plan) {
            // Half written, or spoilt: it is worked again.
            @unlink($file);

            return null;
        }
        @touch($file);

        return $plan;
    }

    public function put(string $key, Plan $plan): void
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0770, true) && ! is_dir($this->folder)) {
            return;
        }
        $kept = (string) gzcompress(serialize($plan), 1);
        if (strlen($kept) > $this->mostBytes / 4) {
            return;
        }
        // Written beside and moved in: nobody reads half a plan.
        $new = (string) tempnam($this->folder, 'new');
        if (@file_put_contents($new, $kept) === strlen($kept)) {
            rename($new, $this->file($key));
        } else {
            @unlink($new);
        }
        $this->tidy();
    }

    private function tidy(): void
    {
        $files = [];
        foreach (glob("$this->folder/*.plan") ?: [] as $file) {
            $files[$file] = [(int) @filemtime($file), (int) @filesize($file)];
        }
        uasort($files, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        [$count, $bytes] = [0, 0];
        foreach ($files as $file => [, $size]) {
            $isOwn = str_ends_with((string) $file, ".$this->version.plan");
            if (! $isOwn || ++$count > $this->mostFiles || ($bytes += $size) > $this->mostBytes) {
                @unlink((string) $file);
            }
        }
    }

    private function file(string $key): string
    {
        return "$this->folder/".hash('xxh128', $key).".$this->version.plan";
    }
}
