<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Closure;
use Imbrex\Core\Circumstance;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Core\JobPart;
use Imbrex\Core\Plan;
use Imbrex\Core\Stages;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/**
 * A stage of the work as the outside sees it: what of a document is its, what its screen shows, what it says of itself.
 * A station tells what it has; what it does not tell, it does not have.
 *
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type AnyTile array{state: StateShape, open: int, ...}
 * @phpstan-type SliceWriter Closure(Plan, ?string): array<string, mixed>
 */
abstract class Station
{
    /** Its name in addresses, words and files. */
    abstract public function key(): string;

    /** @return key-of<Stages::IN_ORDER> the stage of the core it stands for */
    abstract public function stage(): string;

    /** Its part of a document; what makes no sense is told to the reading. Earlier stations have read theirs. */
    public function read(Reading $reading): ?JobPart
    {
        return null;
    }

    /** What of today is its, by contracts/circumstances; null where nothing of it is known. */
    public function circumstance(stdClass $said): ?Circumstance
    {
        return null;
    }

    /** What of all that happened it looks at; null where that is nothing. */
    public function happened(FactLog $log): ?Circumstance
    {
        return null;
    }

    /**
     * What makes no sense of a fact of its own kinds.
     *
     * @param  string  $field  where it was told
     * @return list<Fault>
     */
    public function doubts(Fact $fact, string $field): array
    {
        return [];
    }

    /** @return list<Change> what of its part a save changed */
    public function changes(stdClass $before, stdClass $after): array
    {
        return [];
    }

    /** @return AnyTile|null how far it is, for its tile; null for a station that has none */
    public function tile(Plan $plan): ?array
    {
        return null;
    }

    /** @return array<string, SliceWriter> what its screens show, by name in addresses; the second argument is what was picked */
    public function slices(): array
    {
        return [];
    }

    /** @return list<string> slices that take long to write where the plan is large */
    public function dearSlices(): array
    {
        return [];
    }

    /** @return list<string> slices that say something else on another day */
    public function slicesOfTheDay(): array
    {
        return [];
    }

    /** @return list<string> slices that show what is cut, set, delivered or done by now */
    public function slicesOfTheLog(): array
    {
        return [];
    }

    final public function showsTheLog(string $slice): bool
    {
        return in_array($slice, $this->slicesOfTheLog(), true);
    }

    /** Whether there is what was picked: what is shown of anything else is not kept. */
    public function has(Plan $plan, string $pick): bool
    {
        return false;
    }

    /** @return array<string, mixed> its fields of the whole plan, the station's `Whole…Shape` */
    public function whole(Plan $plan): array
    {
        return [];
    }

    /** @return array<string, list<string>> what may follow each beginning of its codes that is put together at run time */
    public function families(): array
    {
        return [];
    }

    /** @return list<StationFile> */
    public function files(): array
    {
        return [];
    }
}
