<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The house's rules: the core leans on nothing outside itself, and a stage only on earlier ones. */
final class Architecture
{
    private const CORE = 'Imbrex\Core';

    /** What every stage may use. */
    private const GROUND = ['Units', 'Geometry', 'Rules', 'Findings', 'Catalogue'];

    /** The stages in the order of work. */
    private const STAGES = ['Survey', 'Roof', 'Layout', 'Cutting', 'LoadOut'];

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
            ->classes(...self::folders(self::GROUND))
            ->shouldNotDependOn()
            ->classes(...self::folders(self::STAGES))
            ->because('words, numbers and catalogues come before any work');
    }

    public function testUnitsAndGeometryComeFirst(): Rule
    {
        return PHPat::rule()
            ->classes(...self::folders(['Units', 'Geometry']))
            ->shouldNotDependOn()
            ->classes(...self::folders(['Rules', 'Findings', 'Catalogue']))
            ->because('a length and a polygon know no house rule');
    }

    /** @return iterable<string, Rule> */
    public function testStagesLookBackOnly(): iterable
    {
        foreach (self::STAGES as $i => $stage) {
            $later = array_slice(self::STAGES, $i + 1);
            if ($later !== []) {
                yield $stage => PHPat::rule()
                    ->classes(...self::folders([$stage]))
                    ->shouldNotDependOn()
                    ->classes(...self::folders($later))
                    ->because('no stage reaches forward');
            }
        }
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
