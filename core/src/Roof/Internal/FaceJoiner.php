<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Geometry\PieceJoiner;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Roof\FaceFrame;

/** Joins what is seen of the blocks into faces: patches of one plane that touch are one face, whichever blocks they are of. */
final readonly class FaceJoiner
{
    /**
     * @param  list<Patch>  $patches
     * @return list<PlanFace>
     */
    public function join(array $patches): array
    {
        $owned = array_fill(0, count($patches), []);
        foreach ($this->groups($patches) as $group) {
            $pieces = array_merge(...array_map(static fn (int $p): array => $patches[$p]->pieces, $group));
            foreach ((new PieceJoiner)->join($pieces) as $region) {
                $owned[$this->owner($region, $group, $patches)][] = $region;
            }
        }
        $faces = [];
        foreach ($patches as $number => $patch) {
            foreach ($this->fromTheLeft($owned[$number], $patch->plane) as $i => $region) {
                $count = $i === 0 ? '' : (string) ($i + 1);
                $faces[] = new PlanFace(
                    $patch->block->id.'.'.$patch->side->letter().$count,
                    trim($patch->block->name.' '.$patch->side->letter().' '.$count),
                    $patch->block->id,
                    $patch->plane,
                    $region,
                );
            }
        }

        return $faces;
    }

    /**
     * Numbers of patches that lie in one plane.
     *
     * @param  list<Patch>  $patches
     * @return list<non-empty-list<int>>
     */
    private function groups(array $patches): array
    {
        $groups = [];
        foreach ($patches as $number => $patch) {
            if ($patch->pieces === []) {
                continue;
            }
            foreach ($groups as $i => $group) {
                if ($this->same($patches[$group[0]], $patch)) {
                    $groups[$i][] = $number;

                    continue 2;
                }
            }
            $groups[] = [$number];
        }

        return array_values($groups);
    }

    private function same(Patch $one, Patch $other): bool
    {
        foreach ([...$one->pieces, ...$other->pieces] as $piece) {
            if (! $one->plane->sameOver($other->plane, $piece)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<int>  $group
     * @param  list<Patch>  $patches
     */
    private function owner(Region $region, array $group, array $patches): int
    {
        foreach (count($group) > 1 ? $group : [] as $number) {
            foreach ($patches[$number]->pieces as $piece) {
                if ($region->contains($piece->insidePoint())) {
                    return $number;
                }
            }
        }

        return $group[0];
    }

    /**
     * In the order one meets them along the eave, looking up the slope.
     *
     * @param  list<Region>  $regions
     * @return list<Region>
     */
    private function fromTheLeft(array $regions, SlopePlane $plane): array
    {
        $left = static fn (Polygon $plan): float => FaceFrame::round($plane, $plan)->toDeck($plan->insidePoint())->u
            + FaceFrame::round($plane, $plan)->origin->u * $plane->north - FaceFrame::round($plane, $plan)->origin->v * $plane->east;
        usort($regions, static fn (Region $a, Region $b): int => $left($a->outline) <=> $left($b->outline));

        return $regions;
    }
}
