<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Words;
use MessageFormatter;
use PHPUnit\Framework\TestCase;

/** The message catalogue holds every word the core and the screens ask for, and every message can be put together. */
final class WordsTest extends TestCase
{
    public function test_every_message_is_sound(): void
    {
        foreach (self::messages() as $code => $message) {
            self::assertNotNull(MessageFormatter::create('en', $message), "$code: $message");
        }
    }

    public function test_every_code_of_the_core_has_words(): void
    {
        $codes = [];
        foreach (self::files('core/src', 'php') as $text) {
            preg_match_all("/Finding::(?:block|settle|note)\('([a-z.-]+)'/", $text, $found);
            array_push($codes, ...array_map(static fn (string $code): string => "finding.$code", $found[1]));
            preg_match_all("/new Mark\('([a-z-]+)'/", $text, $found);
            array_push($codes, ...array_map(static fn (string $name): string => "mark.$name", $found[1]));
        }
        self::assertGreaterThan(20, count($codes));
        self::assertSame([], array_values(array_diff($codes, array_keys(self::messages()))));
    }

    public function test_every_plain_code_of_the_screens_and_prints_has_words(): void
    {
        $codes = [];
        foreach ([...self::files('resources/js', 'tsx'), ...self::files('resources/views', 'php'), ...self::files('app', 'php')] as $text) {
            preg_match_all("/(?:\bt\(|say\()'([a-zA-Z][a-zA-Z0-9.-]*[a-zA-Z0-9])'[,)]/", $text, $found);
            array_push($codes, ...$found[1]);
        }
        self::assertGreaterThan(200, count($codes));
        self::assertSame([], array_values(array_unique(array_diff($codes, array_keys(self::messages())))));
    }

    public function test_no_screen_has_words_of_its_own(): void
    {
        $loose = [];
        foreach (self::files('resources/js', 'tsx') as $file => $text) {
            preg_match_all('/>\s*([A-Z][a-z]+(?: [a-z]+)+)\s*</', $text, $found);
            array_push($loose, ...array_map(static fn (string $words): string => "$file: $words", $found[1]));
        }
        self::assertSame([], $loose);
    }

    public function test_words_are_put_together_with_their_parameters(): void
    {
        require_once __DIR__.'/../../vendor/autoload.php';
        $line = MessageFormatter::formatMessage('en', self::messages()['finding.layout.rip-narrow'], ['side' => 'right', 'rip' => '4″', 'least' => '5 5/16″']);

        self::assertSame('The last rip is 4″. Under 5 5/16″ it will not lie flat or hold its fold: choose another start or nudge.', $line);
        self::assertTrue(class_exists(Words::class));
    }

    /** @return array<string, string> */
    private static function messages(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../../lang/en.json'), true);
    }

    /** @return array<string, string> text by file */
    private static function files(string $folder, string $ending): array
    {
        $root = __DIR__.'/../../';
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === $ending) {
                $files[substr($file->getPathname(), strlen($root))] = (string) file_get_contents($file->getPathname());
            }
        }

        return $files;
    }
}
