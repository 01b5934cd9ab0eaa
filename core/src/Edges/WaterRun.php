<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Edges\Internal\WaterFault;

/**
 * Follows water down a section: it rides a layer to its lower edge and falls on the next below; it runs under whatever
 * lies on that layer, unless this is bedded there. Where it ends on nothing, or where it must not be, the build is at fault.
 */
final class WaterRun
{
    /** An upper edge bedded this near (in) is sealed. */
    private const NEAR = 0.25;

    /** @var list<float> where anything begins or ends, along the path */
    private array $places;

    /** @var array<string, true> stretches water has been followed over, by layer */
    private array $wet = [];

    /** @var array<string, WaterFault> */
    private array $faults = [];

    /** @var array<string, array{PlacedLayer, PlacedLayer}> */
    private array $drains = [];

    /**
     * @param  list<PlacedLayer>  $layers  those water may ride; it may fall on no other
     * @param  list<PlacedLayer>  $panels  under which it starts; none = it rains on all of it
     */
    private function __construct(private readonly Section $section, private readonly array $layers, private readonly array $panels)
    {
        $places = array_map(static fn (array $node): float => $node[0], $section->path->nodes);
        foreach ($layers as $layer) {
            array_push($places, $layer->from, $layer->to);
        }
        sort($places);
        $this->places = array_values(array_unique($places));
    }

    /**
     * @param  list<PlacedLayer>  $layers  those water may ride; it may fall on no other
     * @param  list<PlacedLayer>  $panels  under which it starts; none = it rains on all of it
     * @return list<WaterFault>
     */
    public static function faults(Section $section, array $layers, array $panels = []): array
    {
        return array_values((new self($section, $layers, $panels))->run()->faults);
    }

    /**
     * @param  list<PlacedLayer>  $layers  those water may ride
     * @return list<array{PlacedLayer, PlacedLayer}> what drains onto what when it rains
     */
    public static function drains(Section $section, array $layers): array
    {
        return array_values((new self($section, $layers, []))->run()->drains);
    }

    private function run(): self
    {
        for ($i = 0; $i < count($this->places) - 1; $i++) {
            $on = $this->topmost($i);
            if ($on !== null && $this->getsWet($on, $i)) {
                $this->follow($on, $i);
            }
        }

        return $this;
    }

    private function getsWet(PlacedLayer $on, int $i): bool
    {
        $over = array_filter($this->panels, fn (PlacedLayer $panel): bool => $panel->rank > $on->rank && $panel->covers($this->middle($i)));

        return $this->panels === [] || $over !== [];
    }

    /** @param  int  $i  number of the stretch water stands on */
    private function follow(PlacedLayer $on, int $i): void
    {
        while (! isset($this->wet["$i {$on->layer->key}"])) {
            $this->wet["$i {$on->layer->key}"] = true;
            $way = $this->section->path->runs($this->middle($i), 1);
            $next = $i + $way;
            if ($next < 0 || $next > count($this->places) - 2) {
                return;
            }
            // It stands, or gathers in a trough and runs along the edge: rain does so in the open.
            if ($way === 0 || $this->section->path->runs($this->middle($next), 1) === -$way) {
                if ($this->panels === [] && ($over = $this->over($on, $i)) !== []) {
                    $this->runsUnder($on, $over, $way === 0 ? $this->section->path->runs($this->places[$i], -1) : $way);
                }

                return;
            }
            $below = $this->bedded($on, $i, $next) ?? ($on->covers($this->middle($next)) ? $on : $this->under($on, $i, $next));
            if ($below === null) {
                $this->ends($on, $i, $next);

                return;
            }
            if ($below !== $on) {
                $this->drains["{$on->layer->key} {$below->layer->key}"] = [$on, $below];
            }
            [$on, $i] = [$below, $next];
        }
    }

    /** What water has to climb, for it is bedded on the layer it rides. */
    private function bedded(PlacedLayer $on, int $i, int $next): ?PlacedLayer
    {
        $at = $this->places[max($i, $next)];
        foreach ($this->layers as $layer) {
            if ($layer->rank > $on->rank && $layer->covers($this->middle($next)) && ! $layer->covers($this->middle($i)) && $this->isSealed($layer, $at) && ! $this->isBetween($on, $layer, $at)) {
                return $layer;
            }
        }

        return null;
    }

    /** Whether a bead or a tape closes an upper edge: between it and what it lies on, or over it. */
    private function isSealed(PlacedLayer $layer, float $at): bool
    {
        foreach ($this->section->layers as $seal) {
            if ($seal->layer->role->seals() && $seal->from < $at + self::NEAR && $seal->to > $at - self::NEAR && ! $this->isBetween($seal, $layer, $at)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a third layer keeps a seal and what it should close apart. */
    private function isBetween(PlacedLayer $seal, PlacedLayer $layer, float $at): bool
    {
        [$low, $high] = [min($seal->rank, $layer->rank), max($seal->rank, $layer->rank)];
        foreach ($this->layers as $other) {
            if ($other->rank > $low && $other->rank < $high && $other->from < $at + self::NEAR && $other->to > $at - self::NEAR) {
                return true;
            }
        }

        return false;
    }

    /** Nothing leads on: in the air that is as it should be, behind something or on the deck it is not. */
    private function ends(PlacedLayer $on, int $i, int $next): void
    {
        $over = $this->over($on, $next);
        if ($over === [] && $this->section->path->isFree($this->middle($next))) {
            return;
        }
        if (! $this->runsUnder($on, $over, $next - $i)) {
            $this->say(new WaterFault('bare', $on->layer->key, ($over[0] ?? null)?->layer->key, $this->places[max($i, $next)]));
        }
    }

    /**
     * Where water ran under something that lies on what it rides, that lap is the cause.
     *
     * @param  list<PlacedLayer>  $over  in no order
     * @param  int  $way  it ran
     */
    private function runsUnder(PlacedLayer $on, array $over, int $way): bool
    {
        foreach ($over as $layer) {
            $upper = $way > 0 ? $layer->from : $layer->to;
            if ($upper > $on->from && $upper < $on->to) {
                $this->say(new WaterFault('reversed', $layer->layer->key, $on->layer->key, $upper));

                return true;
            }
        }

        return false;
    }

    /** @return list<PlacedLayer> what lies over a layer on a stretch */
    private function over(PlacedLayer $on, int $i): array
    {
        return array_values(array_filter($this->layers, fn (PlacedLayer $layer): bool => $layer->rank > $on->rank && $layer->covers($this->middle($i))));
    }

    private function say(WaterFault $fault): void
    {
        $this->faults["$fault->kind $fault->piece $fault->other $fault->at"] = $fault;
    }

    private function topmost(int $i): ?PlacedLayer
    {
        $over = array_filter($this->layers, fn (PlacedLayer $layer): bool => $layer->covers($this->middle($i)));
        usort($over, static fn (PlacedLayer $a, PlacedLayer $b): int => $b->rank <=> $a->rank);

        return $over[0] ?? null;
    }

    /** The next below a layer's lower edge that really lies under it: what only begins there laps nothing. */
    private function under(PlacedLayer $on, int $i, int $next): ?PlacedLayer
    {
        $below = array_filter($this->layers, fn (PlacedLayer $layer): bool => $layer->rank < $on->rank && $layer->covers($this->middle($i)) && $layer->covers($this->middle($next)));
        usort($below, static fn (PlacedLayer $a, PlacedLayer $b): int => $b->rank <=> $a->rank);

        return $below[0] ?? null;
    }

    private function middle(int $i): float
    {
        return ($this->places[$i] + $this->places[$i + 1]) / 2.0;
    }
}
