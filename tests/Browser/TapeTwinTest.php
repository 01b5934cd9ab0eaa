<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** The screen's tape reader and printer against the same table of cases as the core's. */
final class TapeTwinTest extends TestCase
{
    public function test_both_sides_read_and_print_alike(): void
    {
        $script = <<<'JS'
            import ts from 'typescript';
            import { readFileSync } from 'node:fs';
            const load = (file) => import('data:text/javascript,' + encodeURIComponent(
                ts.transpileModule(readFileSync(file, 'utf8'), { compilerOptions: { module: 'ESNext', target: 'ES2022' } }).outputText));
            const { readTape } = await load('resources/js/tape/readTape.ts');
            const { readPitch } = await load('resources/js/tape/readPitch.ts');
            const { printTape } = await load('resources/js/tape/printTape.ts');
            const cases = JSON.parse(readFileSync('contracts/tape-cases.json', 'utf8'));
            console.log(JSON.stringify({
                read: cases.read.map((c) => readTape(c.typed, c.units)),
                pitch: cases.pitch.map((c) => readPitch(c.typed, c.units)),
                print: cases.print.map((c) => printTape(c.inches, c.division, c.rounding ?? 'nearest', c.inchesOnly ?? false)),
            }));
            JS;
        $root = dirname(__DIR__, 2);
        $process = proc_open(['node', '--input-type=module', '-e', $script], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $root);
        self::assertIsResource($process);
        $said = json_decode((string) stream_get_contents($pipes[1]), true);
        self::assertIsArray($said, (string) stream_get_contents($pipes[2]));
        $cases = json_decode((string) file_get_contents("$root/contracts/tape-cases.json"), true);

        foreach ($cases['read'] as $i => $case) {
            isset($case['fault'])
                ? self::assertSame(['fault' => $case['fault']], $said['read'][$i], $case['typed'])
                : self::assertEqualsWithDelta($case['inches'], $said['read'][$i]['inches'] ?? null, 1e-9, $case['typed']);
        }
        foreach ($cases['pitch'] as $i => $case) {
            isset($case['fault'])
                ? self::assertSame(['fault' => $case['fault']], $said['pitch'][$i], $case['typed'])
                : self::assertEqualsWithDelta($case['riseIn12'], $said['pitch'][$i]['riseIn12'] ?? null, 1e-6, $case['typed']);
        }
        self::assertSame(array_column($cases['print'], 'text'), $said['print']);
    }
}
