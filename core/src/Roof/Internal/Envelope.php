<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\ConvexCutter;
use Imbrex\Core\Ground\Geometry\HalfPlane;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Roof\Side;

/**
 * The upper envelope of the blocks: each block's face less, for every other block, the convex region where that
 * block stands higher. Under another block's overhang a roof runs on to the wall where there is room for it.
 */
final class Envelope
{
    private readonly ConvexCutter $cutter;

    /** @var array<string, Finding> */
    private array $findings = [];

    /** @param  list<BlockRoof>  $roofs */
    public function __construct(private readonly array $roofs, private readonly RuleSet $rules)
    {
        $this->cutter = new ConvexCutter;
    }

    /** @return list<Patch> */
    public function patches(): array
    {
        $this->findings = [];
        $patches = [];
        foreach ($this->roofs as $number => $roof) {
            $seen = false;
            foreach ($roof->faces as $side => $face) {
                $pieces = $this->seen($number, $roof->planes[$side], $face);
                $seen = $seen || $pieces !== [];
                $patches[] = new Patch($roof->block, Side::from($side), $roof->planes[$side], $pieces);
            }
            if (! $seen) {
                $this->findings["hidden.$number"] = Finding::note('roof.block-hidden', $roof->block->id, ['block' => $roof->block->name]);
            }
        }

        return $patches;
    }

    /** @return list<Finding> of the last patches */
    public function findings(): array
    {
        return array_values($this->findings);
    }

    /** @return list<Polygon> */
    private function seen(int $number, SlopePlane $plane, Polygon $face): array
    {
        $pieces = [$face];
        foreach ($this->roofs as $other => $above) {
            if ($other === $number || ! $face->bounds()->meets($above->footprint->bounds())) {
                continue;
            }
            $higher = $this->higher($plane, $face, $above, $other < $number);
            if ($higher === null) {
                continue;
            }
            $higher = [...$higher, ...$this->wallsRunTo($number, $plane, $face, $above, $higher)];
            $left = [];
            foreach ($pieces as $piece) {
                array_push($left, ...$this->cutter->without($piece, $higher));
            }
            $pieces = $left;
        }

        return $pieces;
    }

    /**
     * Where another block's roof is higher than this plane. Of two blocks with one plane in common the first
     * keeps it.
     *
     * @return list<HalfPlane>|null null where it is nowhere higher
     */
    private function higher(SlopePlane $plane, Polygon $face, BlockRoof $above, bool $otherIsFirst): ?array
    {
        $halves = $above->insideFootprint;
        foreach ($above->planes as $one) {
            $room = $one->parallelRoom($plane, $face);
            if ($room === null) {
                $halves[] = $one->above($plane);
            } elseif ($room < -SlopePlane::SAME_HEIGHT || ($room <= SlopePlane::SAME_HEIGHT && ! $otherIsFirst)) {
                return null;
            }
        }

        return $this->cutter->within($face, $halves) === null ? null : $halves;
    }

    /**
     * The wall lines of the higher block that this roof runs on to beneath the overhang: where the room between
     * them is enough at a wall, or all over the overhang.
     *
     * @param  list<HalfPlane>  $higher
     * @return list<HalfPlane>
     */
    private function wallsRunTo(int $number, SlopePlane $plane, Polygon $face, BlockRoof $above, array $higher): array
    {
        $least = $this->rules->number('roof.runsUnder');
        $walls = [];
        foreach (Side::cases() as $side) {
            $inside = $above->insideWalls[$side->value];
            $under = $above->block->side($side)->overhang < Tolerance::LENGTH ? null : $this->cutter->within($face, [...$higher, $inside->turned()]);
            if ($under === null) {
                continue;
            }
            $body = $this->cutter->within($under, array_values($this->roofs[$number]->insideWalls));
            $mostAtWalls = $body === null ? 0.0 : max($this->rooms($plane, $body, $above));
            if ($mostAtWalls >= $least || min($this->rooms($plane, $under, $above)) >= $least) {
                $walls[] = $inside;
                $own = $this->roofs[$number]->block;
                $this->findings["under.$number.{$above->block->id}"] = Finding::note('roof.runs-under', $own->id, ['block' => $own->name, 'above' => $above->block->name]);
            }
        }

        return $walls;
    }

    /** @return non-empty-list<float> inches between this plane and the roof above, at the corners of every face of it over the region */
    private function rooms(SlopePlane $plane, Polygon $region, BlockRoof $above): array
    {
        $rooms = [];
        foreach ($above->faces as $side => $face) {
            $corners = [];
            foreach ($above->planes as $other => $one) {
                if ($other !== $side) {
                    $corners[] = $one->above($above->planes[$side]);
                }
            }
            foreach ($this->cutter->within($region, $corners)->corners ?? [] as $corner) {
                $rooms[] = $above->planes[$side]->at($corner) - $plane->at($corner);
            }
        }

        return $rooms === [] ? [0.0] : $rooms;
    }
}
