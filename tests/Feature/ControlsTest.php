<?php

declare(strict_types=1);

namespace Tests\Feature;

use Imbrex\Stations\Documents\Contract;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What a job can say is described, and can be said on a screen. */
final class ControlsTest extends TestCase
{
    /** Said where nobody types: by the shell, or by what the server lists. */
    private const ELSEWHERE = [
        'cross-end' => 'kinds of edges are listed by the roof', 'fixedScrew' => 'listed by the slice', 'pullOver' => 'listed by the slice',
        'leftMetal' => 'follows from what is taped out to out', 'rightMetal' => 'follows from what is taped out to out',
    ];

    public function test_every_property_of_a_job_is_described(): void
    {
        $bare = [];
        foreach (self::properties() as $path => [, $described]) {
            $described || $bare[] = $path;
        }
        self::assertGreaterThan(300, count(self::properties()));
        self::assertSame([], $bare);
    }

    public function test_every_property_of_a_job_has_a_control_on_a_screen(): void
    {
        $screens = '';
        foreach (['bench', 'job', 'kit', 'pages', 'readings', 'stations', 'tape'] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2)."/resources/js/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
                // What sends somebody to where a thing is mended, and tests, are no controls.
                $isScreen = preg_match('/\.tsx?$/', $file->getFilename()) === 1 && preg_match('/\.test|\.test-kit|^station\.ts$/', $file->getFilename()) === 0;
                $screens .= $isScreen ? file_get_contents($file->getPathname()) : '';
            }
        }
        preg_match_all('/[A-Za-z][A-Za-z0-9]*(?:-[a-z]+)*/', $screens, $found);
        $words = array_flip($found[0]);
        $without = [];
        foreach (self::properties() as $path => [$name]) {
            isset($words[$name]) || isset(self::ELSEWHERE[$name]) || $without[] = $path;
        }
        self::assertSame([], $without);
    }

    /** @return array<string, array{string, bool}> name, and whether it is described, by path */
    private static function properties(): array
    {
        $properties = [];
        self::walk(Contract::schema('job'), '', [], $properties);

        return $properties;
    }

    /**
     * @param  list<string>  $within  definitions being walked
     * @param  array<string, array{string, bool}>  $properties
     */
    private static function walk(stdClass $schema, string $path, array $within, array &$properties): void
    {
        if (isset($schema->{'$ref'})) {
            $name = basename((string) $schema->{'$ref'});
            if (! in_array($name, $within, true)) {
                self::walk(Contract::schema('job')->{'$defs'}->{$name}, $path, [...$within, $name], $properties);
            }

            return;
        }
        foreach ($schema->anyOf ?? [] as $one) {
            self::walk($one, $path, $within, $properties);
        }
        foreach ((array) ($schema->properties ?? []) as $name => $own) {
            $of = isset($own->{'$ref'}) ? Contract::schema('job')->{'$defs'}->{basename((string) $own->{'$ref'})} : new stdClass;
            $properties["$path.$name"] = [(string) $name, isset($own->description) || isset($of->description)];
            self::walk($own, "$path.$name", $within, $properties);
        }
        foreach (['additionalProperties' => '.*', 'items' => '[]'] as $rest => $step) {
            if (($schema->{$rest} ?? null) instanceof stdClass) {
                self::walk($schema->{$rest}, $path.$step, $within, $properties);
            }
        }
    }
}
