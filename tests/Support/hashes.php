<?php

declare(strict_types=1);

// bin/imbrex hashes [--roofs=N] [--from=N] [--only=WORD] [--save=FILE | --against=FILE]: everything that plans leave in, hashed, and held against what was before.

use Illuminate\Contracts\Console\Kernel;
use Tests\Support\Hashes;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$options = getopt('', ['roofs:', 'from:', 'only:', 'save:', 'against:']);
$said = static fn (string $name, string $otherwise): string => is_string($options[$name] ?? null) ? $options[$name] : $otherwise;

/** @var Hashes $hashes */
$hashes = $app->make(Hashes::class);
$jobs = array_filter($hashes->jobs((int) $said('roofs', '300'), (int) $said('from', '1')), static fn (string $name): bool => str_contains($name, $said('only', '')), ARRAY_FILTER_USE_KEY);
$folder = sys_get_temp_dir().'/imbrex-hashes-'.getmypid();
mkdir($folder);
$workers = max(1, (int) shell_exec('nproc'));
$children = [];
for ($worker = 0; $worker < $workers; $worker++) {
    $child = pcntl_fork();
    if ($child === 0) {
        $out = fopen("$folder/$worker", 'w');
        foreach (array_keys($jobs) as $number => $name) {
            if ($number % $workers !== $worker) {
                continue;
            }
            try {
                foreach ($jobs[$name]() as $what => $hash) {
                    fwrite($out, "$name: $what\t$hash\n");
                }
            } catch (Throwable $e) {
                fwrite($out, "$name: stops\t".$e::class.' '.$e->getMessage()."\n");
            }
        }
        fclose($out);
        exit(0);
    }
    $children[] = $child;
}
foreach ($children as $child) {
    pcntl_waitpid($child, $status);
}
$lines = array_merge(...array_map(static fn (int $worker): array => file("$folder/$worker", FILE_IGNORE_NEW_LINES) ?: [], range(0, $workers - 1)));
array_map(unlink(...), glob("$folder/*") ?: []);
rmdir($folder);
sort($lines);
printf("%d hashes of %d jobs, together %s\n", count($lines), count($jobs), hash('xxh128', implode("\n", $lines)));
if (($save = $said('save', '')) !== '') {
    file_put_contents($save, implode("\n", $lines)."\n");
}
if (($against = $said('against', '')) !== '') {
    $before = array_filter(file($against, FILE_IGNORE_NEW_LINES) ?: []);
    $changed = [...array_map(static fn (string $line): string => "now    $line", array_diff($lines, $before)), ...array_map(static fn (string $line): string => "before $line", array_diff($before, $lines))];
    usort($changed, static fn (string $a, string $b): int => substr($a, 7) <=> substr($b, 7));
    foreach (array_slice($changed, 0, 60) as $line) {
        echo $line, "\n";
    }
    printf("%d differ\n", count(array_unique(array_map(static fn (string $line): string => (string) strstr(substr($line, 7), "\t", true), $changed))));
    exit($changed === [] ? 0 : 1);
}
