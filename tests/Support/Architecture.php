<?php

declare(strict_types=1);

namespace Tests\Support;

use Imbrex\Core\Stages;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The house's rules: the core leans on nothing outside itself, and a stage only on earlier ones. */
final class Architecture
{
    private const CORE = 'Imbrex\Core';

    /** What every stage may use, those first that lean on nothing. */
    private const GROUND = 'Ground';

    private const FIRST = ['Ground\Units', 'Ground\Geometry'];

    private const AFTER = ['Ground\Rules', 'Ground\Findings', 'Ground\Catalogue', 'Ground\Metalwork', 'Ground\Supplies'];

    /** What of the root a stage may use besides: what it is asked by, and what it answers with. */
    private const SEEN_BY_STAGES = ['AskedByRules', 'Circumstance', 'Plan', 'Job', 'JobPart', 'Circumstances', 'Effort', 'Stage', 'StageResult'];

    /** @return list<string> folders of the stages, in the order of work */
    private static function stages(): array
    {
        return array_values(array_map(static fn (string $stage): string => explode('\\', $stage)[2], Stages::IN_ORDER));
    }

    public function testCoreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace(self::CORE))
            ->because('the core knows nothing of frameworks, wires and stores');
    }

    public function testGroundKnowsNoStage(): Rule
    {
        return PHPat::rule()
            ->classes(...self::folders([self::GROUND]))
            ->shouldNotDependOn()
            ->classes(...self::folders(self::stages()))
            ->because('words, numbers and catalogues come before any work');
    }

    public function testUnitsAndGeometryComeFirst(): Rule
    {
        return PHPat::rule()
            ->classes(...self::folders(self::FIRST))
            ->shouldNotDependOn()
            ->classes(...self::folders(self::AFTER))
            ->because('a length and a polygon know no house rule');
    }

    /** @return iterable<string, Rule> */
    public function testStagesLookBackOnly(): iterable
    {
        foreach (self::stages() as $i => $stage) {
            $later = array_slice(self::stages(), $i + 1);
            if ($later !== []) {
                yield $stage => PHPat::rule()
                    ->classes(...self::folders([$stage]))
                    ->shouldNotDependOn()
                    ->classes(...self::folders($later))
                    ->because('no stage reaches forward');
            }
        }
    }

    /** @return iterable<string, Rule> */
    public function testInsidesAreTheirStagesOwn(): iterable
    {
        foreach (self::stages() as $stage) {
            yield $stage => PHPat::rule()
                ->classes(Selector::AllOf(Selector::inNamespace(self::CORE), Selector::NOT(Selector::inNamespace(self::CORE."\\$stage"))))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace(self::CORE."\\$stage\\Internal"))
                ->because('what only a stage uses may be changed by whoever changes the stage');
        }
    }

    public function testStagesSeeNoList(): Rule
    {
        return PHPat::rule()
            ->classes(...self::folders(self::stages()))
            ->shouldNotDependOn()
            ->classes(Selector::AllOf(
                Selector::classname('/^'.preg_quote(self::CORE.'\\', '/').'\w+$/', true),
                ...array_map(static fn (string $name) => Selector::NOT(Selector::classname(self::CORE.'\\'.$name)), self::SEEN_BY_STAGES),
            ))
            ->because('a stage sees the plan, the job and what is earlier, and knows nothing of the whole list');
    }

    public function testRootNamesStagesInTheListAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/^'.preg_quote(self::CORE.'\\', '/').'(?!Stages$)\w+$/', true))
            ->shouldNotDependOn()
            ->classes(...self::folders(self::stages()))
            ->because('the root knows its stages through the list alone');
    }

    /**
     * @param  list<string>  $names
     * @return list<\PHPat\Selector\SelectorInterface>
     */
    private static function folders(array $names): array
    {
        return array_map(static fn (string $name) => Selector::inNamespace(self::CORE.'\\'.$name), $names);
    }
}
