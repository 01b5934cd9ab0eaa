<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The rules of the house bite: each is broken once, by files that stand nowhere else. */
final class ArchitectureTest extends TestCase
{
    /** What breaks which rule: namespace of an offender, what it uses, and what must be said of it. */
    private const OFFENDERS = [
        'a stage reaches forward' => ['Imbrex\Core\Survey', 'new \Imbrex\Core\Layout\Strip', 'Imbrex\Core\Layout\Strip'],
        'a stage sees the list' => ['Imbrex\Core\Cutting', '\Imbrex\Core\Stages::IN_ORDER', 'Imbrex\Core\Stages'],
        'a stage sees all house rules' => ['Imbrex\Core\Roof', '\Imbrex\Core\HouseRules::all()', 'Imbrex\Core\HouseRules'],
        'the root names a stage' => ['Imbrex\Core', 'new \Imbrex\Core\Layout\Strip', 'Imbrex\Core\Layout\Strip'],
        'the ground knows a stage' => ['Imbrex\Core\Ground\Catalogue', 'new \Imbrex\Core\Layout\Strip', 'Imbrex\Core\Layout\Strip'],
        'a stage reaches into another' => ['Imbrex\Core\Water', 'new \Imbrex\Core\Layout\Internal\Span(0.0, 1.0)', 'Imbrex\Core\Layout\Internal\Span'],
        'a length knows a house rule' => ['Imbrex\Core\Ground\Units', '\Imbrex\Core\Ground\Rules\RuleUnit::Inches', 'Imbrex\Core\Ground\Rules\RuleUnit'],
        'the core knows the application' => ['Imbrex\Core\Layout', 'new \Imbrex\Stations\Documents\FieldPath', 'Imbrex\Stations\Documents\FieldPath'],
    ];

    /** The same, round the core. */
    private const ROUND_IT = [
        'a station needs the framework' => ['Imbrex\Stations\Layout', 'new \Illuminate\Support\Collection', 'Illuminate\Support\Collection'],
        'a station sees a model' => ['Imbrex\Stations\LoadOut', 'new \App\Models\Job', 'App\Models\Job'],
        'words know a station' => ['Imbrex\Stations\Words', 'new \Imbrex\Stations\Trims\TrimsStation', 'Imbrex\Stations\Trims\TrimsStation'],
        'a station reaches into a stage' => ['Imbrex\Stations\Layout', 'new \Imbrex\Core\Layout\Internal\Span(0.0, 1.0)', 'Imbrex\Core\Layout\Internal\Span'],
        'a room opens the wrong way' => ['App\Plans', 'new \App\Orders\OrderRelease', 'App\Orders\OrderRelease'],
    ];

    public function test_each_rule_that_is_broken_is_said(): void
    {
        self::assertAllSaid(self::OFFENDERS, 'phpstan.neon');
        self::assertAllSaid(self::ROUND_IT, 'phpstan-app.neon');
    }

    public function test_rules_on_how_things_are_made_bite(): void
    {
        $said = self::said(['Imbrex\Core\Water' => 'private function __construct(private \Imbrex\Core\Plan $plan) { new \DatePeriod(1, 2, 3, 4, 5, 6, 7); }'], 'phpstan.neon');
        self::assertStringContainsString('$plan keeps a plan', $said);
        self::assertStringContainsString('7 things in a row', $said);
        self::assertStringContainsString('7 things in a row', self::said(['Imbrex\Stations\Water' => 'public function offend(): mixed { return new \DatePeriod(1, 2, 3, 4, 5, 6, 7); }'], 'phpstan-app.neon'));
    }

    /** @param  array<string, array{string, string, string}>  $offenders */
    private static function assertAllSaid(array $offenders, string $rules): void
    {
        $said = self::said(array_map(static fn (array $offender): string => "public function offend(): mixed\n    {\n        return $offender[1];\n    }", $offenders), $rules, array_column($offenders, 0));
        foreach (array_keys($offenders) as $i => $rule) {
            [$namespace, , $whom] = $offenders[$rule];
            self::assertMatchesRegularExpression('/'.preg_quote("$namespace\\Offender$i should not depend on $whom", '/').'/', $said, $rule);
        }
    }

    /**
     * @param  array<string, string>  $bodies  of classes
     * @param  list<string>|null  $namespaces  of theirs; else the keys
     */
    private static function said(array $bodies, string $rules, ?array $namespaces = null): string
    {
        $namespaces ??= array_keys($bodies);
        $files = [];
        foreach (array_values($bodies) as $i => $body) {
            $files[] = $file = sys_get_temp_dir().'/offender-'.bin2hex(random_bytes(8)).'.php';
            file_put_contents($file, "<?php\n\ndeclare(strict_types=1);\n\nnamespace {$namespaces[$i]};\n\nfinal class Offender$i\n{\n    $body\n}\n");
        }
        $process = new Process(['php', 'vendor/bin/phpstan', 'analyse', '-c', $rules, '--no-progress', '--memory-limit=2G', '--error-format=raw', ...$files], dirname(__DIR__, 2), timeout: 240);
        $process->run();
        array_map(unlink(...), $files);

        return $process->getOutput();
    }
}
