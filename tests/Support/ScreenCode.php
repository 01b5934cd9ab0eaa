<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** Runs code of the screens without a browser: in node, which loads it through Vite as the screens do. */
final class ScreenCode
{
    private const PRELUDE = <<<'JS'
        import { runnerImport } from 'vite';
        import assert from 'node:assert/strict';
        import { readdirSync, readFileSync } from 'node:fs';
        const load = async (file) => (await runnerImport(`./resources/js/${file}`, { configFile: false, logLevel: 'error' })).module;
        const tell = (value) => process.stdout.write(JSON.stringify(value));

        JS;

    /** What the script tells, decoded; whatever it throws becomes this test's failure. */
    public static function run(string $script): mixed
    {
        $process = proc_open(['node', '--input-type=module', '-e', self::PRELUDE.$script], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
        if (! is_resource($process)) {
            throw new RuntimeException('node does not start');
        }
        [$said, $faults] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];
        if (proc_close($process) !== 0) {
            throw new RuntimeException($faults);
        }

        return json_decode($said, true);
    }
}
