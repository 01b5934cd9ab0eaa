<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Geometry\Tolerance;

/**
 * Where faces that move as one lie best by themselves: at one of the places where the cost of one of them bends or steps.
 *
 * @phpstan-import-type Part from GroupSearch
 */
final class PartPlaces
{
    /** @var array<string, array{float, float}> by part: what it costs at best, and the first face's module line there */
    private array $settled = [];

    /**
     * @param  list<FaceCost>  $costs  by face number
     * @param  list<list<float>>  $starts  module lines of each face's ways to start
     */
    public function __construct(private readonly array $costs, private readonly array $starts, private readonly float $cover)
    {
    }

    /**
     * The best place for a part, and what it costs there. Ways to start come before sixteenths, and what comes first stays
     * unless something is better.
     *
     * @param  Part  $part
     * @param  list<float>|null  $lock
     * @param  array<int, float>  $fixed
     * @return array{float, float}
     */
    public function settle(array $part, ?array $lock, array $fixed): array
    {
        $key = $lock === null ? '' : implode('|', array_map(static fn (float $at): float => round($at, 6), $lock)).':';
        foreach ($part as $face => [$sign, $shift]) {
            $key .= $face.($sign > 0.0 ? '+' : '-').round(fmod($shift, $this->cover), 6).(isset($fixed[$face]) ? '!'.round($fixed[$face], 6) : '').' ';
        }
        if (isset($this->settled[$key])) {
            return $this->settled[$key];
        }
        $best = [INF, 0.0];
        foreach ($this->places($part, $lock, $fixed) as $at) {
            $cost = 0.0;
            foreach ($part as $face => [$sign, $shift]) {
                $cost += $this->costs[$face]->total($fixed[$face] ?? $sign * $at + $shift);
                if ($cost >= $best[0]) {
                    break;
                }
            }
            if ($cost < $best[0] - Tolerance::LENGTH) {
                $best = [$cost, $at];
            }
        }

        return $this->settled[$key] = $best;
    }

    /**
     * @param  Part  $part
     * @param  list<float>|null  $lock
     * @param  array<int, float>  $fixed
     * @return iterable<float> module lines of the part's first face
     */
    private function places(array $part, ?array $lock, array $fixed): iterable
    {
        foreach ($part as $face => [$sign, $shift]) {
            if (isset($fixed[$face])) {
                yield $sign * ($fixed[$face] - $shift);

                return;
            }
        }
        if ($lock !== null) {
            yield from $lock;

            return;
        }
        foreach ($part as $face => [$sign, $shift]) {
            foreach ($this->starts[$face] as $module) {
                yield $sign * ($module - $shift);
            }
        }
        // From where the panels begin; where they have two hands, from the middle: a roof seen in a mirror is laid as in a mirror.
        [$from, $way] = $this->costs[array_key_first($part)]->origin();
        for ($k = 0; $k * GroupSearch::STEP < $this->cover - Tolerance::LENGTH; $k++) {
            yield $from + $way * $k * GroupSearch::STEP;
        }
        foreach ($part as $face => [$sign, $shift]) {
            foreach ($this->costs[$face]->places() as $module) {
                yield $sign * ($module - $shift);
            }
        }
    }
}
