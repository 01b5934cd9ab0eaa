<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal\Contact;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\Contact\ContactFault;
use Imbrex\Core\Edges\Contact\Metals;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Edges\Section;
use Imbrex\Core\Edges\WaterRun;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\FastenerKind;

/** Finds what really touches, or drains onto, what at an edge, and says what had better not. */
final readonly class ContactCheck
{
    /** What stands so high (in) keeps metal apart as far (in) to either side. */
    private const STANDS = 0.25;

    private const NEAR = 6.0;

    public function __construct(private Section $section, private Metals $metals)
    {
    }

    /** @return list<ContactFault> */
    public function faults(): array
    {
        if ($this->agree()) {
            return [];
        }
        $faults = [];
        foreach ([...$this->touching(), ...$this->draining(), ...$this->held()] as $fault) {
            $faults[$fault->name()] = $fault;
        }

        return array_values($faults);
    }

    /** Whether nothing there could eat anything, wherever it lies: mostly all is of one metal. */
    private function agree(): bool
    {
        $metals = array_values(array_unique(array_filter(array_map(fn (PlacedLayer $layer): ?string => $this->metals->of($layer->layer), $this->section->layers))));
        $kinds = array_unique(array_filter(array_map(static fn (PlacedLayer $layer): ?FastenerKind => $layer->layer->fastener?->kind, $this->section->layers)), SORT_REGULAR);
        foreach ($metals as $metal) {
            if (array_filter($metals, static fn (string $other): bool => ! ContactTable::mayTouch($metal, $other)) !== []
                || array_filter($kinds, fn (FastenerKind $kind): bool => ! ContactTable::mayHold($kind, $this->metals->ofFastener($kind), $metal)) !== []
                || (($this->metals->hasTreatedFascia() || $this->metals->hasFreshMortar()) && ! ContactTable::bearsLimeAndSalts($metal))) {
                return false;
            }
        }

        return true;
    }

    /** @return list<ContactFault> what lies on one another with nothing between, or on timber or mortar */
    private function touching(): array
    {
        $faults = [];
        foreach ($this->stretches() as [$at, $stack]) {
            foreach ($stack as $i => $layer) {
                $metal = $this->metals->of($layer->layer);
                if ($metal === null) {
                    continue;
                }
                $under = $stack[$i - 1] ?? null;
                $other = $under === null ? null : $this->metals->of($under->layer);
                if ($under !== null && $other !== null && ! ContactTable::mayTouch($metal, $other) && ! $this->isHeldOff($layer, $under, $at)) {
                    $faults[] = new ContactFault('touch', $layer->layer->key, $under->layer->key, $metal, $other);
                }
                $ground = $under === null ? $this->ground($at) : null;
                if ($ground !== null && ! ContactTable::bearsLimeAndSalts($metal)) {
                    $faults[] = new ContactFault($ground, $layer->layer->key, null, $metal, null);
                }
            }
        }

        return $faults;
    }

    /** Whether something that stands up near there keeps two layers apart: a zee, a closure, a stepped cleat. */
    private function isHeldOff(PlacedLayer $over, PlacedLayer $under, float $at): bool
    {
        foreach ($this->section->layers as $other) {
            if ($other->high >= self::STANDS && $other->rank > $under->rank && $other->rank < $over->rank && $other->from < $over->to && $other->to > $over->from && $at > $other->from - self::NEAR && $at < $other->to + self::NEAR) {
                return true;
            }
        }

        return false;
    }

    /** @return list<ContactFault> */
    private function draining(): array
    {
        $shedding = array_values(array_filter($this->section->layers, static fn (PlacedLayer $layer): bool => $layer->sheds() && $layer->layer->role !== LayerRole::Membrane));
        $faults = [];
        foreach (WaterRun::drains($this->section, $shedding) as [$from, $onto]) {
            [$metal, $other] = [$this->metals->of($from->layer), $this->metals->of($onto->layer)];
            if ($metal !== null && $other !== null && ! ContactTable::mayDrain($metal, $other)) {
                $faults[] = new ContactFault('run-off', $from->layer->key, $onto->layer->key, $metal, $other);
            }
        }

        return $faults;
    }

    /** @return list<ContactFault> fasteners in the wrong metal: in their own layer, or in one they go through below it */
    private function held(): array
    {
        $faults = [];
        foreach ($this->section->layers as $layer) {
            $kind = $layer->layer->fastener?->kind;
            if ($kind === null) {
                continue;
            }
            foreach ($layer->fasteners as $at) {
                foreach ($this->section->layers as $other) {
                    $held = $this->metals->of($other->layer);
                    if ($held !== null && ($other === $layer || ($other->rank < $layer->rank && $other->covers($at))) && ! ContactTable::mayHold($kind, $this->metals->ofFastener($kind), $held)) {
                        $word = in_array($kind->value, ['rivet', 'nail'], true) ? $kind->value : 'screw';
                        $faults[] = new ContactFault($word, $other->layer->key, null, $this->metals->ofFastener($kind), $held);
                    }
                }
            }
        }

        return $faults;
    }

    /** What the lowest layer lies on; null of a deck, which harms no metal. */
    private function ground(float $at): ?string
    {
        $path = $this->section->path;
        $crest = $path->kind === EdgeKind::Rake ? $path->nodes[2][0] : 0.0;

        return match (true) {
            in_array($path->kind, [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak], true) && $at > $crest && $this->metals->hasTreatedFascia() => 'timber',
            in_array($path->kind, [EdgeKind::Headwall, EdgeKind::Sidewall], true) && $at < 0.0 && $this->metals->hasFreshMortar() => 'mortar',
            default => null,
        };
    }

    /** @return list<array{float, list<PlacedLayer>}> where the stretches between two ends lie, and what lies there from below */
    private function stretches(): array
    {
        $ends = array_map(static fn (array $node): float => $node[0], $this->section->path->nodes);
        foreach ($this->section->layers as $layer) {
            array_push($ends, $layer->from, $layer->to);
        }
        sort($ends);
        $stretches = [];
        foreach (array_slice($ends, 1) as $i => $end) {
            $at = ($ends[$i] + $end) / 2.0;
            $stack = $end - $ends[$i] < 1e-9 ? [] : array_values(array_filter($this->section->layers, static fn (PlacedLayer $layer): bool => $layer->covers($at)));
            usort($stack, static fn (PlacedLayer $a, PlacedLayer $b): int => $a->rank <=> $b->rank);
            $stretches[] = [$at, $stack];
        }

        return $stretches;
    }
}
