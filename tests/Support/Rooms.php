<?php

declare(strict_types=1);

namespace Tests\Support;

use Imbrex\Core\Stages;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The house's rules round the core: stations need no framework and no store, and every room has its doors. */
final class Rooms
{
    private const STATIONS = 'Imbrex\Stations';

    /** What stations lean on besides the core: pages, schemas, and who makes them. */
    private const LEANS_ON = ['Dompdf', 'FontLib', 'Opis', 'Psr\Container'];

    /** Rooms of the application in the order they may know each other: one knows those before it. */
    private const IN_ORDER = ['Contracts', 'Accounts', 'Facts', 'Revisions', 'Work', 'Plans', 'Files', 'Orders'];

    public function testStationsNeedNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::STATIONS))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace(self::STATIONS), Selector::inNamespace('Imbrex\Core'), ...array_map(Selector::inNamespace(...), self::LEANS_ON))
            ->because('what reads a job and writes its plan runs wherever the core does: no models, no queue, no framework');
    }

    public function testWhatAllStationsUseKnowsNone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::STATIONS.'\Documents'), Selector::inNamespace(self::STATIONS.'\Words'))
            ->shouldNotDependOn()
            ->classes(...array_map(static fn (string $stage) => Selector::inNamespace(self::STATIONS.'\\'.explode('\\', $stage)[2]), array_values(Stages::IN_ORDER)))
            ->because('documents are read and words are said the same way at every station');
    }

    /** @return iterable<string, Rule> */
    public function testNobodyReachesIntoAStage(): iterable
    {
        foreach (Stages::IN_ORDER as $name => $stage) {
            yield $name => PHPat::rule()
                ->classes(Selector::AnyOf(Selector::inNamespace(self::STATIONS), Selector::inNamespace('App')))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace('Imbrex\Core\\'.explode('\\', $stage)[2].'\Internal'))
                ->because('what only a stage uses may be changed by whoever changes the stage');
        }
    }

    /** @return iterable<string, Rule> */
    public function testRoomsKnowThoseBeforeThem(): iterable
    {
        foreach (self::IN_ORDER as $i => $room) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("App\\$room"))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace('App\Http\Controllers'), Selector::inNamespace('App\Console'), ...array_map(static fn (string $later) => Selector::inNamespace("App\\$later"), array_slice(self::IN_ORDER, $i + 1)))
                ->because('rooms open one way');
        }
    }
}
