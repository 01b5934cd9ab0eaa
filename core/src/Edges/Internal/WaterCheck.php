<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Edges\Section;
use Imbrex\Core\Edges\WaterRun;
use Imbrex\Core\Ground\Catalogue\EdgeKind;

/**
 * Whether the finished laps of a section shed, judged from where each layer lies and which lies over which; in which order
 * they went on does not matter. Water is followed twice: rain on the metal, and what gets under the panels and has to run
 * out on the layers below.
 */
final readonly class WaterCheck
{
    private const HAIR = 1e-6;

    /** Looked at every so many inches, as far as the edge reaches. */
    private const STEP = 0.25;

    private const REACH = 12.0;

    public function __construct(private Section $section)
    {
    }

    /** @return list<WaterFault> */
    public function faults(): array
    {
        $shedding = array_values(array_filter($this->section->layers, static fn (PlacedLayer $layer): bool => $layer->sheds()));
        $without = static fn (LayerRole $role): array => array_values(array_filter($shedding, static fn (PlacedLayer $layer): bool => $layer->layer->role !== $role));
        $panels = array_values(array_filter($shedding, static fn (PlacedLayer $layer): bool => $layer->layer->role === LayerRole::Panel));
        $faults = [];
        foreach ([...WaterRun::faults($this->section, $without(LayerRole::Membrane)), ...WaterRun::faults($this->section, $without(LayerRole::Panel), $panels)] as $fault) {
            $faults["$fault->kind $fault->piece $fault->at"] ??= $fault;
        }

        return [...array_values($faults), ...$this->open($shedding), ...$this->weathered($shedding), ...$this->fasteners($shedding), ...$this->sealed()];
    }

    /**
     * Rain gets in where an upper edge lies bare at the top of the section: at a crest, or against a wall.
     *
     * @param  list<PlacedLayer>  $shedding
     * @return list<WaterFault>
     */
    private function open(array $shedding): array
    {
        $path = $this->section->path;
        $faults = [];
        foreach ($shedding as $layer) {
            foreach ([[$layer->from, 1], [$layer->to, -1]] as [$at, $inside]) {
                // Water runs into the layer there, and none comes down to it from above.
                if ($path->goesOn($at) || $path->runs($at, $inside) * $inside <= 0 || $this->isCapped($layer, $at)) {
                    continue;
                }
                $above = array_filter($shedding, static fn (PlacedLayer $other): bool => $other->covers($at - $inside * self::HAIR));
                if ($above === [] || $path->runs($at, -$inside) * $inside <= 0) {
                    $over = array_values($above)[0] ?? null;
                    $faults[] = new WaterFault('open', $layer->layer->key, $over?->layer->key, $at);
                }
            }
        }

        return $faults;
    }

    /** Whether something lies over an edge, or a seal closes it. */
    private function isCapped(PlacedLayer $layer, float $at): bool
    {
        foreach ($this->section->layers as $other) {
            if ($other->rank > $layer->rank && ($other->sheds() || $other->layer->role->seals()) && $other->covers($at - self::HAIR) && $other->covers($at + self::HAIR)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A membrane is no roof: metal or a wall has to lie over all of it.
     *
     * @param  list<PlacedLayer>  $shedding
     * @return list<WaterFault>
     */
    private function weathered(array $shedding): array
    {
        $faults = [];
        foreach ($shedding as $layer) {
            $isMembrane = $layer->layer->role === LayerRole::Membrane;
            for ($at = max($layer->from, -self::REACH) + self::STEP / 2.0; $isMembrane && $at < min($layer->to, self::REACH); $at += self::STEP) {
                $over = array_filter($shedding, static fn (PlacedLayer $other): bool => $other->rank > $layer->rank && $other->covers($at) && $other->layer->role !== LayerRole::Membrane);
                if ($over === []) {
                    $faults[] = new WaterFault('weathered', $layer->layer->key, null, $at);
                    break;
                }
            }
        }

        return $faults;
    }

    /**
     * @param  list<PlacedLayer>  $shedding
     * @return list<WaterFault>
     */
    private function fasteners(array $shedding): array
    {
        $faults = [];
        foreach ($this->section->layers as $layer) {
            foreach ($layer->fasteners as $at) {
                if ($this->section->path->kind === EdgeKind::Valley && abs($at) < $this->section->sizes->held()) {
                    $faults[] = new WaterFault('wet', $layer->layer->key, null, $at);
                } elseif ($layer->layer->fastener?->kind->mayLieBare() === false && array_filter($shedding, static fn (PlacedLayer $other): bool => $other->rank > $layer->rank && $other->covers($at)) === []) {
                    $faults[] = new WaterFault('unroofed', $layer->layer->key, null, $at);
                }
            }
        }

        return $faults;
    }

    /** @return list<WaterFault> sealant over what lets air out, or over the hem of a panel that has to move and drain */
    private function sealed(): array
    {
        $faults = [];
        foreach ($this->section->layers as $seal) {
            foreach ($this->section->layers as $other) {
                if ($seal->layer->role === LayerRole::Sealant && $this->mustStayOpen($other, $seal)) {
                    $faults[] = new WaterFault('shut', $seal->layer->key, $other->layer->key, max($seal->from, $other->from));
                }
            }
        }

        return $faults;
    }

    private function mustStayOpen(PlacedLayer $layer, PlacedLayer $seal): bool
    {
        if ($layer->layer->role === LayerRole::Vent) {
            return $seal->from < $layer->to && $seal->to > $layer->from;
        }
        $hem = $this->section->path->runs($layer->to, -1) > 0 ? $layer->to : $layer->from;

        return $layer->layer->role === LayerRole::Panel && $layer->hem > 0.0 && ! $this->section->path->goesOn($hem) && $seal->from < $hem && $seal->to > $hem;
    }
}
