<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\EdgeTyper;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\Roof;

/** Makes the roof of a building from its blocks. */
final readonly class BlockRoofBuilder
{
    /** A face smaller than this (sq in) is a sliver of the reckoning or of a misplaced block, not roof. */
    private const SLIVER = 1.0;

    public function __construct(private RuleSet $rules)
    {
    }

    /** @param  list<Block>  $blocks */
    public function build(array $blocks): Roof
    {
        $roofs = array_map(BlockRoof::of(...), $blocks);
        $envelope = new Envelope($roofs, $this->rules);
        $planFaces = (new FaceJoiner)->join($envelope->patches());
        $finder = new EdgeFinder($planFaces, $roofs);
        $frames = array_map(static fn (PlanFace $f): FaceFrame => FaceFrame::round($f->plane, $f->plan->outline), $planFaces);
        $sides = array_map(
            fn (array $loops, FaceFrame $frame): array => array_map(fn (array $loop): array => $this->fromLowLeft($loop, $frame, $finder), $loops),
            $finder->find(),
            $frames,
        );
        $edges = new EdgeList($planFaces, $finder);
        $faces = [];
        $findings = $envelope->findings();
        foreach ($planFaces as $number => $plan) {
            $face = $this->face($plan, $sides[$number], $frames[$number], $finder);
            if ($face->region()->area() < self::SLIVER) {
                $edges->drop($number);
                $findings[] = Finding::note('roof.sliver', $plan->block ?? $plan->id, ['face' => $plan->name]);

                continue;
            }
            $faces[] = $face;
        }
        $list = $edges->of($sides, $blocks);

        return new Roof($faces, $list, [...$findings, ...$this->findings($sides, $planFaces, $finder, $blocks), ...$this->onEdges($list)]);
    }

    /** @param  list<list<SideRun>>  $loops */
    private function face(PlanFace $plan, array $loops, FaceFrame $frame, EdgeFinder $finder): Face
    {
        $polygons = array_map(static fn (array $sides): Polygon => $frame->onDeck(Polygon::sound(array_map(static fn (SideRun $s) => $finder->corner($s->from), $sides))), $loops);
        $kinds = array_map(static fn (array $sides): array => array_map(static fn (SideRun $s): EdgeKind => $s->kind, $sides), $loops);

        return new Face(
            id: $plan->id,
            name: $plan->name,
            pitch: Pitch::ofRise(12.0 * $plan->plane->steepness()),
            outline: $polygons[0],
            edges: $kinds[0],
            holes: array_slice($polygons, 1),
            holeEdges: array_slice($kinds, 1),
            block: $plan->block,
            frame: $frame,
        );
    }

    /**
     * The same sides, from the low left corner on.
     *
     * @param  list<SideRun>  $sides
     * @return list<SideRun>
     */
    private function fromLowLeft(array $sides, FaceFrame $frame, EdgeFinder $finder): array
    {
        $first = 0;
        $least = [INF, INF];
        foreach ($sides as $number => $side) {
            $corner = $frame->toDeck($finder->corner($side->from));
            $place = [round($corner->v, 3), $corner->u];
            if ($place < $least) {
                [$least, $first] = [$place, $number];
            }
        }

        return [...array_slice($sides, $first), ...array_slice($sides, 0, $first)];
    }

    /**
     * @param  list<list<list<SideRun>>>  $sides
     * @param  list<PlanFace>  $faces
     * @param  list<Block>  $blocks
     * @return list<Finding>
     */
    private function findings(array $sides, array $faces, EdgeFinder $finder, array $blocks): array
    {
        $findings = [];
        $typer = new EdgeTyper;
        foreach ($sides as $number => $loops) {
            foreach (array_merge(...$loops) as $side) {
                if ($side->wall === null) {
                    continue;
                }
                $face = $faces[$number];
                $parameters = ['face' => $face->name, 'wall' => $blocks[$side->wall]->name];
                [$from, $to] = [$finder->corner($side->from), $finder->corner($side->to)];
                if ($side->isFascia) {
                    $findings["fascia.$face->id.$side->wall"] = Finding::settle('roof.fascias-miss', $face->id, [...$parameters, 'length' => Length::ofInches($from->distanceTo($to))]);
                } elseif ($side->kind === EdgeKind::Headwall && $typer->drainsTo($face->plane, $from, $to)) {
                    $findings["drains.$face->id.$side->wall"] = Finding::settle('roof.drains-to-wall', $face->id, $parameters);
                }
            }
        }

        return array_values($findings);
    }

    /**
     * @param  list<Edge>  $edges
     * @return list<Finding>
     */
    private function onEdges(array $edges): array
    {
        $findings = [];
        foreach ($edges as $edge) {
            if ($edge->kind === EdgeKind::Valley && $edge->isLevel()) {
                $findings[] = Finding::settle('roof.level-valley', $edge->faces[0], ['edge' => $edge->id, 'length' => Length::ofInches($edge->length())]);
            }
        }

        return $findings;
    }
}
