<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** The tests of the screens' code, which stand beside it as `*.test.ts`: run at once by Node, and told one by one. */
final class ScreenCodeTest extends TestCase
{
    /** @var array<string, string|null> fault by test; null where there is none */
    private static array $told = [];

    /** @return iterable<string, array{string}> files with tests */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/resources/js/';
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            if (str_ends_with((string) $file, '.test.ts')) {
                $name = substr((string) $file, strlen($root));
                yield $name => [$name];
            }
        }
    }

    public static function setUpBeforeClass(): void
    {
        $process = proc_open(['node', 'resources/screenTests.mjs'], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
        if (! is_resource($process)) {
            throw new RuntimeException('node does not start');
        }
        [$said, $faults] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];
        if (proc_close($process) !== 0) {
            throw new RuntimeException("The tests of the screens' code do not run:\n$faults");
        }
        foreach (array_filter(explode("\n", $said)) as $line) {
            /** @var array{file: string, name: string, fault: string|null} $one */
            $one = json_decode($line, true);
            self::$told["{$one['file']}: {$one['name']}"] = $one['fault'];
        }
    }

    #[DataProvider('files')]
    public function test_what_is_tested_beside_the_code_holds(string $file): void
    {
        $own = array_filter(self::$told, static fn (string $test): bool => str_starts_with($test, "$file: "), ARRAY_FILTER_USE_KEY);
        self::assertNotSame([], $own, 'nothing in it was run');
        self::assertSame([], array_filter($own));
        $this->addToAssertionCount(count($own));
    }
}
