<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\UphillSchool;

/**
 * Parts off what lies behind an opening, up to the ridge, for panels laid sideways: a face of its own in the same plane,
 * whose panels run across the slope, in order from the opening up. Trade practice, §9.
 */
final readonly class CrossBuilder
{
    public function __construct(private Covering $covering)
    {
    }

    public function build(Roof $roof): Roof
    {
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $opening) {
                if ($opening->uphill->school === UphillSchool::Cross) {
                    $roof = $this->behind($roof, $roof->face($face->id) ?? $face, $opening);
                }
            }
        }

        return $roof;
    }

    private function behind(Roof $roof, Face $face, Opening $opening): Roof
    {
        $findings = match (true) {
            ! $this->covering->profile->family->isConcealed() => Finding::settle('roof.cross-exposed', $face->id, ['opening' => $opening->name]),
            $face->frame === null || ! $opening->isSquare() => Finding::settle('roof.uphill-skew', $face->id, ['opening' => $opening->name]),
            default => null,
        };
        $beside = $this->covering->rules->number('opening.crossBeside');
        $bounds = $opening->outline->bounds();
        [$left, $right] = [$bounds->left - $beside, $bounds->right + $beside];
        $side = $findings === null ? $this->above($face, $opening, $left, $right, $bounds->top) : null;
        if ($side === null) {
            $findings ??= Finding::settle('roof.cross-room', $face->id, ['opening' => $opening->name, 'width' => Length::ofInches($right - $left)]);

            return new Roof($roof->faces, $roof->edges, [...$roof->findings, $findings]);
        }
        $at = static fn (float $u): Point => new Point($u, self::heightAt($face->outline, $side, $u));
        $ground = [new Point($left, $bounds->top), new Point($right, $bounds->top), $at($right), $at($left)];
        $cross = $this->face($face, $opening, $ground, $face->edges[$side]);

        return new Roof(
            [...array_map(fn (Face $one): Face => $one->id === $face->id ? $this->without($face, $side, $ground) : $one, $roof->faces), $cross],
            [
                ...$roof->edges,
                $this->edge(EdgeKind::CrossEnd, "cross-end-$cross->id-$face->id", $cross, $face, $ground[1], $ground[2]),
                $this->edge(EdgeKind::CrossEnd, "cross-end-$cross->id-$face->id-2", $cross, $face, $ground[3], $ground[0]),
                $this->edge(EdgeKind::Sidewall, "sidewall-$cross->id", $cross, $face, $ground[0], $ground[1]),
            ],
            $roof->findings,
        );
    }

    /** The one side of the outline that lies above all of it, where nothing else does; null where there is none. */
    private function above(Face $face, Opening $opening, float $left, float $right, float $low): ?int
    {
        $found = null;
        foreach ($face->outline->corners as $i => $from) {
            $to = $face->outline->corner($i + 1);
            // Counter-clockwise: the upper sides run to the left.
            if ($to->u < $left - Tolerance::ON_LINE && $from->u > $right + Tolerance::ON_LINE && $face->edges[$i]->isHighEnd() && min(self::heightAt($face->outline, $i, $left), self::heightAt($face->outline, $i, $right)) > $low + $this->covering->profile->cover / 2.0) {
                $found = $i;
            } elseif (max($from->v, $to->v) > $low && min($from->u, $to->u) < $right && max($from->u, $to->u) > $left) {
                return null;
            }
        }
        $others = array_map(static fn (Opening $other): Polygon => $other->outline, array_filter($face->openings, static fn (Opening $other): bool => $other->id !== $opening->id));
        foreach ([...$face->holes, ...$others] as $loop) {
            $bounds = $loop->bounds();
            if ($bounds->right > $left && $bounds->left < $right && $bounds->top > $low) {
                return null;
            }
        }

        return $found;
    }

    private static function heightAt(Polygon $outline, int $side, float $u): float
    {
        [$a, $b] = [$outline->corner($side), $outline->corner($side + 1)];

        return $a->v + ($u - $a->u) / ($b->u - $a->u) * ($b->v - $a->v);
    }

    /** @param  list<Point>  $ground  counter-clockwise from its low left corner, on the deck of the face it lies in */
    private function face(Face $face, Opening $opening, array $ground, EdgeKind $top): Face
    {
        /** @var FaceFrame $outer a face with panels laid sideways has been placed */
        $outer = $face->frame;
        // Laid from the opening up: with the hand of the panels the first is at the left or at the right.
        $isUp = $this->covering->profile->hand->runsLeftToRight();
        $origin = $isUp ? new Point($ground[1]->u, $ground[0]->v) : new Point($ground[0]->u, max($ground[2]->v, $ground[3]->v));
        $frame = new FaceFrame($outer->toPlan($origin), $outer->east, $outer->north, $outer->plane, $isUp ? 1 : -1);
        // Sides from the ground's own: the wall, the right end, the top, the left end. The low end of the turned face comes first.
        $first = $isUp ? 1 : 3;
        $corners = [];
        $kinds = [];
        foreach (range(0, 3) as $i) {
            $corners[] = $frame->toDeck($outer->toPlan($ground[($first + $i) % 4]));
            $kinds[] = [EdgeKind::Sidewall, EdgeKind::CrossEnd, $top, EdgeKind::CrossEnd][($first + $i) % 4];
        }

        return new Face("$opening->id.X", "$opening->name X", $face->pitch, Polygon::sound($corners), $kinds, block: null, frame: $frame, behind: $opening->id, within: $face->id);
    }

    /**
     * What is left of the face round it.
     *
     * @param  list<Point>  $ground
     */
    private function without(Face $face, int $side, array $ground): Face
    {
        $corners = $face->outline->corners;
        $edges = $face->edges;
        array_splice($corners, $side + 1, 0, [$ground[2], $ground[1], $ground[0], $ground[3]]);
        array_splice($edges, $side + 1, 0, [EdgeKind::CrossEnd, EdgeKind::Opening, EdgeKind::CrossEnd, $face->edges[$side]]);

        return $face->outlined(Polygon::sound($corners), $edges);
    }

    /** @param  Point  $from  on the deck of the face it lies in; the panels laid sideways lie to the left on the way to `$to` */
    private function edge(EdgeKind $kind, string $id, Face $cross, Face $face, Point $from, Point $to): Edge
    {
        /** @var FaceFrame $frame both have been placed */
        $frame = $face->frame;
        [$a, $b] = [$frame->toPlan($from), $frame->toPlan($to)];
        $isEnd = $kind === EdgeKind::CrossEnd;

        return new Edge(
            id: $id,
            kind: $kind,
            faces: $isEnd ? [$cross->id, $face->id] : [$cross->id],
            from: $a,
            to: $b,
            fromHeight: $frame->plane->at($a),
            toHeight: $frame->plane->at($b),
            angleToRibDegrees: $isEnd ? [$cross->id => 90.0, $face->id => 0.0] : [$cross->id => 0.0],
            dihedralDegrees: $isEnd ? 180.0 : 90.0,
        );
    }
}
