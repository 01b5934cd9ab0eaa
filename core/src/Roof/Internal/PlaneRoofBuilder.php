<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\EdgeTyper;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\PlaneSurvey;

/** Makes faces of measured planes and checks that neighbours agree on the edges they share. */
final readonly class PlaneRoofBuilder
{
    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  list<PlaneSurvey>  $surveys
     * @param  float  $west  where in plan (in) the first of them begins
     */
    public function build(array $surveys, float $west): Roof
    {
        $faces = [];
        $planes = array_map(static fn (PlaneSurvey $survey): Plane => $survey->plane, $surveys);
        foreach ($surveys as $survey) {
            $plane = $survey->plane;
            $kinds = $plane->edgeKinds($planes);
            if ($survey->outline !== null && $survey->riseIn12 !== null && count($kinds) === count($survey->outline->corners)) {
                $faces[$plane->id] = new Face($plane->id, $plane->name, Pitch::ofRise($survey->riseIn12), $survey->outline, $kinds);
            }
        }
        $joints = $this->joints($surveys, $faces);
        $placed = (new PlanePlacer)->place($faces, $joints, $this->eaveHeights($surveys), $west, array_filter(array_column($planes, 'placed', 'id')));

        $edges = $this->edges($placed, $joints);

        return new Roof(array_values($placed), $edges, [...$this->findings($placed, $joints), ...$this->alone($placed, $edges)]);
    }

    /**
     * A ridge parts two planes: one with nothing behind it is a peak, where the panel's head is hemmed, or waits to be tied.
     *
     * @param  array<string, Face>  $faces
     * @param  list<Edge>  $edges
     * @return list<Finding>
     */
    private function alone(array $faces, array $edges): array
    {
        $alone = array_filter($edges, static fn (Edge $edge): bool => $edge->kind === EdgeKind::Ridge && count($edge->faces) === 1);
        $ids = array_values(array_unique(array_map(static fn (Edge $edge): string => $edge->faces[0], $alone)));

        return array_map(static fn (string $id): Finding => Finding::settle('roof.ridge-alone', $id, ['plane' => $faces[$id]->name]), $ids);
    }

    /**
     * @param  list<PlaneSurvey>  $surveys
     * @return array<string, float>
     */
    private function eaveHeights(array $surveys): array
    {
        $heights = [];
        foreach ($surveys as $survey) {
            $heights[$survey->plane->id] = ($survey->adoptions['wallHeight'] ?? null)->value ?? 0.0;
        }

        return $heights;
    }

    /**
     * Every shared edge once, whichever plane names it.
     *
     * @param  list<PlaneSurvey>  $surveys
     * @param  array<string, Face>  $faces
     * @return list<Joint>
     */
    private function joints(array $surveys, array $faces): array
    {
        $joints = [];
        $taken = [];
        foreach ($surveys as $survey) {
            $one = $faces[$survey->plane->id] ?? null;
            if ($one === null) {
                continue;
            }
            foreach ($this->tiesOf($survey, $faces) as [$side, $other, $itsSide]) {
                $ends = ["$one->id:$side", "$other->id:$itsSide"];
                if (array_intersect($ends, $taken) === []) {
                    array_push($taken, ...$ends);
                    $joints[] = new Joint($one->id, $side, $other->id, $itsSide);
                }
            }
        }

        return $joints;
    }

    /**
     * @param  array<string, Face>  $faces
     * @return list<array{int, Face, int}>
     */
    private function tiesOf(PlaneSurvey $survey, array $faces): array
    {
        $ties = [];
        foreach ($survey->plane->ties as $tie) {
            $other = $faces[$tie->plane] ?? null;
            if ($other !== null && $tie->side < count($faces[$survey->plane->id]->edges) && $tie->itsSide < count($other->edges)) {
                $ties[] = [$tie->side, $other, $tie->itsSide];
            }
        }
        $behind = $faces[(string) $survey->plane->ridgeWith] ?? null;
        if ($behind !== null) {
            $side = array_search(EdgeKind::Ridge, $faces[$survey->plane->id]->edges, true);
            $itsSide = array_search(EdgeKind::Ridge, $behind->edges, true);
            if ($side !== false && $itsSide !== false) {
                $ties[] = [$side, $behind, $itsSide];
            }
        }

        return $ties;
    }

    /**
     * @param  array<string, Face>  $faces
     * @param  list<Joint>  $joints
     * @return list<Edge>
     */
    private function edges(array $faces, array $joints): array
    {
        $tied = [];
        foreach ($joints as $joint) {
            $tied[$joint->face][$joint->side] = [$joint->other, $joint->itsSide];
            $tied[$joint->other][$joint->itsSide] = null;
        }
        $edges = [];
        $counts = [];
        foreach ($faces as $face) {
            foreach ($face->edges as $side => $kind) {
                $tie = array_key_exists($side, $tied[$face->id] ?? []) ? $tied[$face->id][$side] : false;
                if ($tie !== null) {
                    $edge = $this->edge($face, $side, $kind, $tie === false ? null : $faces[$tie[0]], $tie === false ? 0 : $tie[1]);
                    $count = $counts[$edge->id] = ($counts[$edge->id] ?? 0) + 1;
                    $edges[] = $count === 1 ? $edge : $edge->renamed("$edge->id-$count");
                }
            }
        }

        return $edges;
    }

    private function edge(Face $face, int $side, EdgeKind $kind, ?Face $other, int $itsSide): Edge
    {
        $typer = new EdgeTyper;
        $angle = static fn (Face $f, int $s): float => $typer->onDeckDegreesToRib($f->outline->corner($s), $f->outline->corner($s + 1));
        $faces = $other === null ? [$face->id] : [$face->id, $other->id];
        $angles = [$face->id => $angle($face, $side)];
        if ($other !== null) {
            $angles[$other->id] = $angle($other, $itsSide);
        }
        /** @var FaceFrame $frame every face has been placed */
        $frame = $face->frame;
        [$from, $to] = [$frame->toPlan($face->outline->corner($side)), $frame->toPlan($face->outline->corner($side + 1))];

        return new Edge(
            id: $kind->value.'-'.implode('-', $faces),
            kind: $kind,
            faces: $faces,
            from: $from,
            to: $to,
            fromHeight: $frame->plane->at($from),
            toHeight: $frame->plane->at($to),
            angleToRibDegrees: $angles,
            dihedralDegrees: match (true) {
                $other?->frame !== null => $frame->plane->dihedralDegrees($other->frame->plane),
                in_array($kind, [EdgeKind::Headwall, EdgeKind::Sidewall], true) => $typer->degreesToWall($frame->plane, $from, $to),
                default => null,
            },
        );
    }

    /**
     * @param  array<string, Face>  $faces
     * @param  list<Joint>  $joints
     * @return list<Finding>
     */
    private function findings(array $faces, array $joints): array
    {
        $findings = [];
        foreach ($joints as $joint) {
            [$one, $other] = [$faces[$joint->face], $faces[$joint->other]];
            $kind = $one->edges[$joint->side];
            $parameters = ['plane' => $one->name, 'other' => $other->name, 'kind' => $kind->value];
            if ($kind !== $other->edges[$joint->itsSide]) {
                $findings[] = Finding::settle('roof.edge-kinds-differ', $one->id, [...$parameters, 'otherKind' => $other->edges[$joint->itsSide]->value]);
            }
            $length = $one->outline->sideLength($joint->side);
            $otherLength = $other->outline->sideLength($joint->itsSide);
            if (abs($length - $otherLength) > $this->rules->number('roof.tie') + Tolerance::LENGTH) {
                $findings[] = Finding::settle('roof.edges-differ', $one->id, [
                    ...$parameters,
                    'miss' => Length::ofInches(abs($length - $otherLength)),
                    'length' => Length::ofInches($length),
                    'otherLength' => Length::ofInches($otherLength),
                ]);
            }
            $rise = $this->rise($one, $joint->side);
            $otherRise = $this->rise($other, $joint->itsSide);
            if (abs($rise - $otherRise) > $this->riseAllowed($length)) {
                $findings[] = Finding::settle('roof.rises-differ', $one->id, [...$parameters, 'rise' => Length::ofInches($rise), 'otherRise' => Length::ofInches($otherRise)]);
            }
        }

        return $findings;
    }

    /** How far an edge climbs from one end to the other, inches: the same seen from both of its faces. */
    private function rise(Face $face, int $side): float
    {
        return abs($face->outline->corner($side + 1)->v - $face->outline->corner($side)->v) * sin(deg2rad($face->pitch->degrees()));
    }

    /** A pitch gauge reads to a tenth in twelve, which is this much over an edge. */
    private function riseAllowed(float $length): float
    {
        return max($this->rules->number('roof.tie'), $length * $this->rules->number('survey.pitchTolerance') / 12.0);
    }
}
