<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Imbrex\Core\Plan;
use Imbrex\Stations\Edition;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Stations;
use Imbrex\Stations\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\PdfText;

/** In a language where every message stands in brackets, what is glued together or said without words shows. */
final class MadeUpLanguageTest extends TestCase
{
    /** What a job is made of is called as its crew calls it; it stands in sentences, and by itself. */
    private const CALLED = '/^(Hall|Wing|Annex|Club|Porch|Fan|Vent|Skylight|Quay|Yard|Shop|P\d)/';

    protected function setUp(): void
    {
        parent::setUp();
        $this->app?->instance(Words::class, new Words('en', static fn (): array => array_map(static fn (string $message): string => "⟦{$message}⟧", Words::shipped('en'))));
    }

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/database/{demo,drills}/*.json', GLOB_BRACE) ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('jobs')]
    public function test_nothing_a_screen_shows_is_glued(string $file): void
    {
        $plan = app(JobReader::class)->plan((string) file_get_contents($file));
        $glued = [];
        $said = 0;
        foreach (app(Stations::class)->all() as $station) {
            foreach ($station->slices() as $name => $write) {
                self::walk($write($plan, null), $name, static function (string $text, string $place) use (&$glued, &$said): void {
                    $said += (int) str_contains($text, '⟦');
                    // Beside a message stands nothing but another message's whole.
                    str_contains($text, '⟦') && self::outside($text) !== '' && $glued[$place] = $text;
                });
            }
        }
        self::assertSame([], $glued);
        self::assertGreaterThan(20, $said, 'the made-up language is spoken');
    }

    #[DataProvider('jobs')]
    public function test_nothing_a_drawing_for_the_brake_says_is_without_words(string $file): void
    {
        $plan = app(JobReader::class)->plan((string) file_get_contents($file));
        $said = 0;
        foreach (app(Stations::class)->files() as $made) {
            if ($made->type !== 'image/svg+xml') {
                continue;
            }
            $picture = (string) $made->make->__invoke(new Edition(1, static fn (): \stdClass => new \stdClass, static fn (): Plan => $plan));
            preg_match_all('/<text[^>]*>([^<]*)</', $picture, $found);
            foreach (array_map(html_entity_decode(...), $found[1]) as $text) {
                $said += (int) str_contains($text, '⟦');
                self::assertDoesNotMatchRegularExpression('/[a-z]{3,} [a-z]{3,}/', self::outside($text), "$made->name: $text");
            }
        }
        self::assertGreaterThanOrEqual(0, $said);
    }

    /** A page breaks its messages at any place, so it is read as one text; what stands outside all messages is names, marks and numbers. */
    #[DataProvider('jobs')]
    public function test_nothing_a_print_says_is_without_words(string $file): void
    {
        $plan = app(JobReader::class)->plan((string) file_get_contents($file));
        preg_match_all('/\p{L}{2,}/u', (string) file_get_contents($file), $own);
        foreach (app(Stations::class)->files() as $made) {
            $edition = new Edition(1, static fn (): \stdClass => new \stdClass, static fn (): Plan => $plan);
            if ($made->type !== 'application/pdf' || ! $made->isOffered($edition)) {
                continue;
            }
            foreach (PdfText::pages((string) ($made->make)($edition)) as $number => $page) {
                $left = self::outside(implode(' ', $page->said()));
                preg_match_all('/\p{L}{2,}/u', $left, $found);
                self::assertSame([], array_values(array_diff($found[0], $own[0])), "$made->name, page ".($number + 1).": $left");
            }
        }
    }

    public function test_the_language_of_who_asks_is_kept_apart(): void
    {
        $words = new Words(static fn (): string => app()->getLocale(), static fn (string $language): array => ['hello' => "hello in $language", 'count' => '{n, number}']);
        foreach (['en' => '1,234', 'de' => '1.234'] as $language => $number) {
            app()->setLocale($language);
            self::assertSame("hello in $language", $words->say('hello'));
            self::assertSame($number, $words->say('count', ['n' => 1234]));
            self::assertSame($number, $words->number(1234.0));
        }
        self::assertSame('1.234,6', $words->number(1234.56, 1));
        app()->setLocale('en');
        self::assertSame(['a', 'a, b, 3', ''], [(new Words)->list(['a']), (new Words)->list(['a', 'b', 3]), (new Words)->list([])]);
        self::assertSame('a · b', (new Words)->beside(['a', 'b']));
    }

    /** What stands outside of all messages. */
    private static function outside(string $text): string
    {
        do {
            $before = $text;
            $text = (string) preg_replace('/⟦[^⟦⟧]*⟧/u', '', $before);
        } while ($text !== $before);

        return preg_match(self::CALLED, $text) === 1 ? '' : trim($text);
    }

    /** @param  callable(string, string): void  $see */
    private static function walk(mixed $value, string $place, callable $see): void
    {
        if (is_string($value)) {
            $see($value, $place);
        }
        foreach (is_object($value) ? get_object_vars($value) : (is_array($value) ? $value : []) as $key => $own) {
            self::walk($own, is_int($key) ? "$place.#" : "$place.$key", $see);
        }
    }
}
