<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/**
 * The web server runs compiled what it runs often: the same plan must come of it, to the last bit. A compiler that
 * follows traces failed this in one order of four to eight.
 */
final class CompiledPlanTest extends TestCase
{
    private const ROOFS = 30;

    private const DISORDER = 7;

    public function test_a_plan_is_the_same_compiled_or_not(): void
    {
        $plain = self::hashes('-d opcache.enable_cli=0', 1);
        $compiled = self::hashes('-d opcache.enable_cli=1 '.self::compiling(), self::DISORDER);

        self::assertCount(self::ROOFS, $plain);
        self::assertSame($plain, $compiled);
    }

    /** As the application's own web server is told to. */
    private static function compiling(): string
    {
        self::assertSame(1, preg_match('/^jit=\((.+)\)$/m', (string) file_get_contents(dirname(__DIR__, 2).'/bin/lib/common.sh'), $found));

        return $found[1];
    }

    /** @return list<string> by roof */
    private static function hashes(string $options, int $order): array
    {
        $script = escapeshellarg(dirname(__DIR__).'/Support/roofs-in-disorder.php');

        return explode("\n", (string) shell_exec(escapeshellarg(PHP_BINARY)." -d memory_limit=2G $options $script ".self::ROOFS." $order"));
    }
}
