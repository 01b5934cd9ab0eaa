<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** What is installed is what was tried: every package has one version it may have, those that others pull in, too. */
final class PackagesTest extends TestCase
{
    public function test_every_installed_package_is_held_at_its_version(): void
    {
        $root = dirname(__DIR__, 2);
        $wanted = json_decode((string) file_get_contents("$root/composer.json"), true);
        $direct = $wanted['require'] + $wanted['require-dev'];
        $installed = array_column(json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true)['packages'], 'version', 'name');
        self::assertGreaterThan(100, count($installed));
        foreach ($installed as $name => $version) {
            $version = ltrim($version, 'v');
            self::assertSame(isset($direct[$name]) ? $version : "!=$version", $direct[$name] ?? $wanted['conflict'][$name] ?? 'not held', $name);
        }
        self::assertSame([], array_diff_key($wanted['conflict'], $installed), 'held, and not there');
    }
}
