<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;

/**
 * Lays measured planes over a plan: the first of each group faces south, its neighbours are swung round the edges
 * they share. Groups nothing ties together stand side by side.
 */
final readonly class PlanePlacer
{
    private const APART = 60.0;

    /** A dead flat plane still needs a direction to call up the slope. */
    private const FLATTEST = 1e-6;

    /**
     * @param  array<string, Face>  $faces
     * @param  list<Joint>  $joints
     * @param  array<string, float>  $eaveHeights  inches above the ground
     * @param  array<string, Point>  $wished  where the west and south ends of a face were put, in plan; the first of a group decides for all of it
     * @return array<string, Face> each with its frame
     */
    public function place(array $faces, array $joints, array $eaveHeights, float $west, array $wished = []): array
    {
        $placed = [];
        foreach ($faces as $face) {
            if (isset($placed[$face->id])) {
                continue;
            }
            $slope = max(self::FLATTEST, $face->pitch->riseIn12 / 12.0);
            $height = ($eaveHeights[$face->id] ?? 0.0) - $face->outline->bounds()->bottom / $face->pitch->slopeFactor() * $slope;
            $group = [$face->id => $this->with($face, new FaceFrame(new Point(0.0, 0.0), 0.0, 1.0, new SlopePlane($height, 0.0, $slope)))];
            $group = $this->grow($group, $faces, $joints, $placed);
            $asked = array_intersect_key($wished, $group);
            [$left, $right] = $this->ends($group);
            [$east, $north] = $asked === [] ? [$west - $left, 0.0] : $this->way($group[array_key_first($asked)], $asked[array_key_first($asked)]);
            foreach ($group as $id => $face) {
                $placed[$id] = $this->moved($face, $east, $north);
            }
            $west += $asked === [] ? $right - $left + self::APART : 0.0;
        }

        $inOrder = [];
        foreach (array_keys($faces) as $id) {
            $inOrder[$id] = $placed[$id];
        }

        return $inOrder;
    }

    /**
     * @param  array<string, Face>  $group
     * @param  array<string, Face>  $faces
     * @param  list<Joint>  $joints
     * @param  array<string, Face>  $elsewhere
     * @return array<string, Face>
     */
    private function grow(array $group, array $faces, array $joints, array $elsewhere): array
    {
        do {
            $grown = false;
            foreach ([...$joints, ...array_map(static fn (Joint $j): Joint => $j->turned(), $joints)] as $joint) {
                if (isset($group[$joint->face]) && ! isset($group[$joint->other]) && ! isset($elsewhere[$joint->other])) {
                    $group[$joint->other] = $this->beside($group[$joint->face], $joint, $faces[$joint->other]);
                    $grown = true;
                }
            }
        } while ($grown);

        return $group;
    }

    /** A face swung round so that its side lies along its neighbour's, the middles together, at the same height. */
    private function beside(Face $standing, Joint $joint, Face $face): Face
    {
        /** @var FaceFrame $frame the neighbour has been placed */
        $frame = $standing->frame;
        // Both outlines run counter-clockwise, so the shared side runs the other way round here.
        [$from, $to] = [$frame->toPlan($standing->outline->corner($joint->side + 1)), $frame->toPlan($standing->outline->corner($joint->side))];
        $factor = $face->pitch->slopeFactor();
        [$a, $b] = [$face->outline->corner($joint->itsSide), $face->outline->corner($joint->itsSide + 1)];
        $turn = atan2($to->v - $from->v, $to->u - $from->u) - atan2(($b->v - $a->v) / $factor, $b->u - $a->u);
        [$east, $north] = [-sin($turn), cos($turn)];
        $slope = max(self::FLATTEST, $face->pitch->riseIn12 / 12.0);
        $loose = new FaceFrame(new Point(0.0, 0.0), $east, $north, new SlopePlane(0.0, $east * $slope, $north * $slope));
        $middle = new Point(($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0);
        $own = $loose->toPlan(new Point(($a->u + $b->u) / 2.0, ($a->v + $b->v) / 2.0));
        $origin = new Point($middle->u - $own->u, $middle->v - $own->v);
        $height = $frame->plane->at($middle) - $loose->plane->at($middle);

        return $this->with($face, new FaceFrame($origin, $east, $north, new SlopePlane($height, $east * $slope, $north * $slope)));
    }

    /**
     * @param  array<string, Face>  $group
     * @return array{float, float}
     */
    private function ends(array $group): array
    {
        $left = INF;
        $right = -INF;
        foreach ($group as $face) {
            $bounds = $face->plan()?->outline->bounds();
            $left = min($left, $bounds->left ?? 0.0);
            $right = max($right, $bounds->right ?? 0.0);
        }

        return [$left, $right];
    }

    /** @return array{float, float} how far east and north a face has to go for its ends to come to lie there */
    private function way(Face $face, Point $wished): array
    {
        $bounds = $face->plan()?->outline->bounds();

        return [$wished->u - ($bounds->left ?? 0.0), $wished->v - ($bounds->bottom ?? 0.0)];
    }

    private function moved(Face $face, float $east, float $north): Face
    {
        /** @var FaceFrame $frame */
        $frame = $face->frame;
        $plane = $frame->plane;

        return $this->with($face, new FaceFrame(
            new Point($frame->origin->u + $east, $frame->origin->v + $north),
            $frame->east,
            $frame->north,
            new SlopePlane($plane->height - $plane->east * $east - $plane->north * $north, $plane->east, $plane->north),
        ));
    }

    private function with(Face $face, FaceFrame $frame): Face
    {
        return new Face(
            id: $face->id,
            name: $face->name,
            pitch: $face->pitch,
            outline: $face->outline,
            edges: $face->edges,
            holes: $face->holes,
            holeEdges: $face->holeEdges,
            block: $face->block,
            frame: $frame,
        );
    }
}
