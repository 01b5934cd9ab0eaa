<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\HouseRules;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Stations;
use MessageFormatter;

/** The message catalogue holds every word the core and the screens ask for, and nothing else; every message can be put together. */
final class WordsTest extends FeatureTestCase
{
    /** What stands before a code that is named bare: `Finding::note('roof.sliver')` is worded under `finding.roof.sliver`. */
    private const NAMED = [
        "/Finding::(?:block|settle|note)\('([a-z.-]+)'/" => 'finding.', "/new Mark\('([a-z-]+)'/" => 'mark.', "/new Reason\('([a-z-]+)'/" => 'reason.',
        "/new Change\('([a-z-]+)'/" => 'change.', "/->counted\('([a-z-]+)'/" => 'change.', "/(?:new Fault\(|->fault\()[^,]+, '([a-z-]+)'/" => 'fault.',
    ];

    /** What the glossary explains. */
    private const TERMS = ['apron', 'blank', 'cleat', 'cleat-nose', 'control-line', 'cover', 'cricket', 'dihedral', 'fixed-point', 'girth', 'hem', 'jaw', 'joggle', 'legs', 'out-to-out', 'pair', 'points', 'receiver', 'reveal', 'rip', 'running-mark', 'stick', 'tab', 'turn-up', 'zee'];

    public function test_every_message_is_sound_and_stands_in_one_file(): void
    {
        $seen = [];
        foreach (self::files('lang/en', 'json') as $file => $text) {
            foreach (json_decode($text, true) as $code => $message) {
                self::assertNotNull(MessageFormatter::create('en', $message), "$code: $message");
                self::assertArrayNotHasKey($code, $seen, "$code stands in $file too");
                $seen[$code] = $file;
            }
        }
        self::assertGreaterThan(900, count($seen));
    }

    /** What only the server says does not travel with the screens: none of them may need it. */
    public function test_screens_need_nothing_of_what_only_the_server_says(): void
    {
        $apart = array_merge(...array_map(static fn (string $text): array => array_keys(json_decode($text, true)), array_values(self::files('lang/en/said', 'json'))));
        self::assertGreaterThan(300, count($apart));
        $screens = implode("\n", [...self::files('resources/js', 'tsx'), ...array_filter(self::files('resources/js', 'ts'), static fn (string $file): bool => ! str_contains($file, '/contracts/'), ARRAY_FILTER_USE_KEY)]);
        preg_match_all("/['\"`]([a-zA-Z][a-zA-Z0-9.-]*)['\"`]/", $screens, $written);
        preg_match_all('/`([a-z-]+[.a-z-]*)\$\{/', $screens, $made);
        $needed = array_filter($apart, static fn (string $code): bool => in_array($code, $written[1], true) || array_filter($made[1], static fn (string $prefix): bool => str_starts_with($code, $prefix)) !== []);
        self::assertSame([], array_values($needed));
    }

    public function test_every_code_that_is_written_out_has_words(): void
    {
        $codes = [];
        foreach (self::sources() as $text) {
            preg_match_all("/(?:\bt\(|say\(|\? |: )'([a-zA-Z][a-zA-Z0-9-]*\.[a-zA-Z0-9.-]*[a-zA-Z0-9])'/", $text, $found);
            preg_match_all("/(?:\bt\(|say\()'([a-zA-Z0-9.-]+)'[,)]/", $text, $plain);
            array_push($codes, ...array_filter($found[1], static fn (string $code): bool => isset(self::messages()[$code]) || preg_match("/(?:\bt\(|say\()'".preg_quote($code, '/')."'/", $text) === 1), ...$plain[1]);
        }
        self::assertGreaterThan(400, count(array_unique($codes)));
        self::assertSame([], array_values(array_unique(array_diff($codes, array_keys(self::messages())))));
    }

    public function test_every_code_the_core_and_the_stations_name_has_words(): void
    {
        $codes = self::named();

        foreach (['finding.roof.sliver', 'mark.turn-up', 'reason.seams-meet', 'change.layout-nudged', 'change.reading-changed', 'fault.edge-wish'] as $code) {
            self::assertContains($code, $codes);
        }
        self::assertSame([], array_values(array_diff($codes, array_keys(self::messages()))));
    }

    public function test_every_code_made_at_run_time_has_words(): void
    {
        self::assertSame([], array_values(array_diff(self::made(), array_keys(self::messages()))));
    }

    /** A code put together of parts must be among those whose parts are known here. */
    public function test_no_code_is_made_at_run_time_that_is_not_looked_after(): void
    {
        $strange = [];
        foreach (self::sources() as $file => $text) {
            preg_match_all("/(?:\bt\(\s*|say\(|[?:] )[`\"']([a-z][a-zA-Z-]*(?:[.-][a-zA-Z-]+)*[.-])(?:\\\$|\{|['\"]\s*\.)/", $text, $found);
            foreach (array_diff($found[1], array_keys(self::families())) as $prefix) {
                if (isset(array_flip(array_map(static fn (string $code): string => strstr($code, '.', true).'.', array_keys(self::messages())))[strstr("$prefix.", '.', true).'.'])) {
                    $strange[] = "$file: {$prefix}…";
                }
            }
        }
        self::assertSame([], $strange);
    }

    public function test_no_words_lie_about_that_nobody_says(): void
    {
        $said = array_flip([...self::named(), ...self::made()]);
        foreach (self::sources() as $text) {
            preg_match_all("/['\"`]([a-zA-Z][a-zA-Z0-9.-]*)['\"`]/", $text, $found);
            foreach ($found[1] as $code) {
                $said += [$code => true, "finding.$code" => true, "mark.$code" => true, "change.$code" => true, "fault.$code" => true];
            }
        }

        self::assertSame([], array_values(array_diff(array_keys(self::messages()), array_keys($said))));
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
        $line = MessageFormatter::formatMessage('en', self::messages()['finding.layout.rip-narrow'], ['side' => 'right', 'rip' => '4″', 'least' => '5 5/16″']);

        self::assertSame('The last rip is 4″. Under 5 5/16″ it will not lie flat or hold its fold: choose another start or nudge.', $line);
    }

    /** @return array<string, list<string>> what may follow each beginning of a code that is put together at run time, from where it is decided */
    private static function families(): array
    {
        $of = static fn (string $enum): array => array_column($enum::cases(), 'value');
        $stations = app(Stations::class)->all();
        $screens = array_values(array_filter($stations, static fn (Station $s): bool => $s->slices() !== []));
        $keys = array_map(static fn (Station $s): string => $s->key(), $screens);
        $files = array_merge(...array_map(static fn (Station $s): array => array_map(static fn (StationFile $f): string => $f->name, $s->files()), $stations));
        $materials = array_keys(Catalogue::shipped()->materials);
        preg_match_all("/new KeepOut\('([a-z-]+)'/", (string) file_get_contents(base_path('core/src/Layout/Internal/Finder/KeepOuts.php')), $keepOuts);
        preg_match_all("/self\(.+'([a-z]+)'\)/", (string) file_get_contents(app_path('Services/ServiceFault.php')), $causes);
        $listed = ['stations', 'step', ...array_merge(...array_map(self::keysOf(...), array_values(self::files('resources/js/stations', 'ts')))), 'find', 'words', 'undo', 'redo', 'all'];
        $requests = array_merge(...array_map(static fn (string $text): array => preg_match_all("/'([a-zA-Z0-9]+)' => (?:\[|\$|Rule)/", $text, $found) ? $found[1] : [], array_values(self::files('app/Http/Requests', 'php'))));
        preg_match_all("/(?:fault: |Refused\\()'([a-z-]+)'/", (string) file_get_contents(base_path('resources/js/tape/readTape.ts')).file_get_contents(base_path('resources/js/tape/readPitch.ts')), $faults);

        preg_match_all("/new WaterFault\('([a-z]+)'/", implode('', self::files('core/src/Edges', 'php')), $water);

        return [
            ...array_merge(...array_map(static fn (Station $s): array => $s->families(), $stations)),
            'finding.' => [],
            'mark.' => [],
            'reason.' => [],
            'change.' => ['trims-cut', 'panels-cut', 'panels-uncut', 'mark-added', 'mark-changed', 'mark-removed', 'system-profile', 'system-material', 'system-gauge', 'system-ridge', 'system-colour', 'layout-school'],
            'fault.' => ['taped-least', 'taped-most'],
            'layout.' => [],
            'keep-out-' => [],
            'system-' => [],
            'slice.' => [],
            'hidden.' => [],
            'rules.' => [],
            'finding.layout.keep-out-' => array_values(array_diff($keepOuts[1], ['tip'])),
            'reason.keep-out-' => array_unique($keepOuts[1]),
            'rule.' => array_keys(HouseRules::all()),
            'rule-name.' => array_keys(HouseRules::all()),
            'rules.of.' => array_keys(HouseRules::byStage()),
            'jobs.way.' => ['readings', 'blocks', 'file'],
            'jobs.needs.' => ['readings', 'blocks', 'file'],
            'jobs.sort.' => ['touched', 'untouched', 'name'],
            'jobs.shelf.' => ['at-work', 'archived', 'deleted'],
            'jobs.state.' => ['done', 'to-settle', 'blocked', 'not-begun'],
            'jobs.deed.' => ['copy', 'archive', 'unarchive', 'delete', 'restore'],
            'jobs.done.' => ['copy', 'archive', 'unarchive', 'delete', 'restore'],
            'part.' => ['page', 'station', 'job', 'jobs', 'crew', 'account', 'sign-in', 'join', 'forgotten', 'reset', 'history', 'settings', 'find', 'glossary', 'bring-in', 'round'],
            'material.' => [...$materials, 'treated', 'mortar'],
            'contact.' => $materials,
            'severity.' => $of(Severity::class),
            'role.' => $of(Role::class),
            'station.' => $keys,
            'tile.' => $keys,
            'tile.state.' => ['not-begun', 'to-settle', 'blocked'],
            'send.' => [...$files, 'job.json'],
            'keys.' => [...$listed, ...array_map(static fn (string $key): string => "$key.keys", $listed)],
            'form.' => [...$requests, 'eaves.*'],
            'service.' => $causes[1],
            'tape.fault.' => array_values(array_unique($faults[1])),
            'save.' => ['saved', 'saving', 'telling', 'offline', 'refused', 'stale', 'read-only', 'signed-out', 'failed'],
            'light.' => ['shop', 'sun', 'night'],
            'term.' => self::TERMS,
            'term-said.' => self::TERMS,
            'edges.' => [],
            'finding.edges.' => $water[1],
            'profiles.' => ['cover', 'height', 'outToOut', 'insideToOutside', 'coil', 'ribSpacing', 'stitchSpacing', 'travel', 'shortest', 'longest', 'fieldScrews', 'endScrews'],
        ];
    }

    /** @return list<string> the keys a station's screen listens to */
    private static function keysOf(string $station): array
    {
        preg_match('/keys: \[([^\]]*)\]/', $station, $found);
        preg_match_all("/'([a-z-]+)'/", $found[1] ?? '', $keys);

        return $keys[1];
    }

    /** @return list<string> codes put together at run time */
    private static function made(): array
    {
        $codes = [];
        foreach (self::families() as $prefix => $rest) {
            array_push($codes, ...array_map(static fn (string $end): string => $prefix.$end, array_values($rest)));
        }

        return $codes;
    }

    /** @return list<string> */
    private static function named(): array
    {
        $codes = [];
        foreach ([...self::files('core/src', 'php'), ...self::files('app', 'php'), ...self::files('stations/src', 'php')] as $text) {
            foreach (self::NAMED as $pattern => $prefix) {
                preg_match_all($pattern, $text, $found);
                array_push($codes, ...array_map(static fn (string $code): string => $prefix.$code, array_filter(array_merge(...array_slice($found, 1)))));
            }
            preg_match_all("/Change::inList\(.+, '([a-z]+)',/", $text, $found);
            foreach ($found[1] as $thing) {
                array_push($codes, "change.$thing-added", "change.$thing-changed", "change.$thing-removed");
            }
        }

        return array_values(array_unique($codes));
    }

    /** @return array<string, string> */
    private static function messages(): array
    {
        static $messages = null;

        return $messages ??= array_merge(...array_map(static fn (string $text): array => json_decode($text, true), array_values(self::files('lang/en', 'json'))));
    }

    /** @return array<string, string> text of every file that says something, by file */
    private static function sources(): array
    {
        return [
            ...self::files('resources/js', 'tsx'), ...array_filter(self::files('resources/js', 'ts'), static fn (string $file): bool => ! str_contains($file, '/contracts/'), ARRAY_FILTER_USE_KEY),
            ...self::files('resources/views', 'php'), ...self::files('app', 'php'), ...self::files('stations/src', 'php'), ...self::files('core/src', 'php'),
        ];
    }

    /** @return array<string, string> text by file */
    private static function files(string $folder, string $ending): array
    {
        $root = base_path().'/';
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === $ending) {
                $files[substr($file->getPathname(), strlen($root))] = (string) file_get_contents($file->getPathname());
            }
        }

        return $files;
    }
}
