<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\EdgeTyper;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\UphillSchool;

/**
 * Builds the saddles behind openings: two small faces under a level ridge that runs from the middle of the uphill side
 * back to the roof, with a valley from each corner up to where the ridge ends. With w the opening's width, s the rise of
 * its faces and m that of the roof, the ridge is s · w / 2 higher than the corners and runs back s · w / 2 / m in plan.
 */
final readonly class CricketBuilder
{
    public function build(Roof $roof): Roof
    {
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $opening) {
                if ($opening->uphill->school === UphillSchool::Cricket) {
                    $roof = $this->behind($roof, $roof->face($face->id) ?? $face, $opening);
                }
            }
        }

        return $roof;
    }

    private function behind(Roof $roof, Face $face, Opening $opening): Roof
    {
        $frame = $face->frame;
        $saddle = $frame === null || ! $opening->isSquare() ? null : $this->saddle($face, $frame, $opening);
        if ($frame === null || $saddle === null) {
            return $this->without($roof, $opening, 'roof.uphill-skew', []);
        }
        $needs = $saddle->corner(1)->v - $saddle->corner(0)->v;
        if (! $this->fits($face, $opening, $saddle)) {
            return $this->without($roof, $opening, 'roof.cricket-room', ['face' => $face->name, 'needs' => Length::ofInches($needs)]);
        }
        $outer = $face->holed($saddle, [EdgeKind::Valley, EdgeKind::Valley, EdgeKind::Opening]);
        $middle = new Point(($saddle->corner(0)->u + $saddle->corner(2)->u) / 2.0, $saddle->corner(0)->v);
        [$left, $top, $right, $foot] = array_map($frame->toPlan(...), [...$saddle->corners, $middle]);
        $rise = ($opening->uphill->riseIn12 ?? $face->pitch->riseIn12) / 12.0;
        $small = [
            $this->face("$opening->id.L", "$opening->name L", $opening, $this->plane($frame, $left, $rise), [$left, $foot, $top], [EdgeKind::Sidewall, EdgeKind::Ridge, EdgeKind::Valley]),
            $this->face("$opening->id.R", "$opening->name R", $opening, $this->plane($frame, $right, -$rise), [$right, $top, $foot], [EdgeKind::Valley, EdgeKind::Ridge, EdgeKind::Sidewall]),
        ];

        return new Roof(
            [...array_map(static fn (Face $one): Face => $one->id === $face->id ? $outer : $one, $roof->faces), ...$small],
            [
                ...$roof->edges,
                $this->edge(EdgeKind::Valley, $left, $top, $outer, $small[0]),
                $this->edge(EdgeKind::Valley, $top, $right, $outer, $small[1]),
                $this->edge(EdgeKind::Ridge, $foot, $top, $small[0], $small[1]),
                $this->edge(EdgeKind::Sidewall, $left, $foot, $small[0]),
                $this->edge(EdgeKind::Sidewall, $foot, $right, $small[1]),
            ],
            $roof->findings,
        );
    }

    /** Its valleys' outline on the deck, clockwise from the left corner; null where the roof is too flat for its ridge to come back to it. */
    private function saddle(Face $face, FaceFrame $frame, Opening $opening): ?Polygon
    {
        $slope = $frame->plane->steepness();
        if ($slope < Tolerance::LENGTH) {
            return null;
        }
        $bounds = $opening->outline->bounds();
        $back = ($opening->uphill->riseIn12 ?? $face->pitch->riseIn12) / 12.0 * $bounds->width() / 2.0 / $slope * $frame->plane->slopeFactor();

        return Polygon::sound([
            new Point($bounds->left, $bounds->top),
            new Point(($bounds->left + $bounds->right) / 2.0, $bounds->top + $back),
            new Point($bounds->right, $bounds->top),
        ]);
    }

    /** Whether the roof goes on all round it, and nothing else stands there. */
    private function fits(Face $face, Opening $opening, Polygon $saddle): bool
    {
        $region = new Region($face->outline);
        foreach ($saddle->corners as $corner) {
            if (! $region->contains($corner)) {
                return false;
            }
        }
        $others = [...$face->holes, ...array_map(static fn (Opening $other): Polygon => $other->outline, array_filter($face->openings, static fn (Opening $other): bool => $other->id !== $opening->id))];
        $bounds = $saddle->bounds();
        foreach ([$face->outline, ...$others] as $loop) {
            foreach ($loop->corners as $i => $corner) {
                // A side of it that comes into the saddle has a corner there, or crosses the ridge's line.
                if ($this->within($saddle, $corner) || $this->crosses($corner, $loop->corner($i + 1), new Point(($bounds->left + $bounds->right) / 2.0, $bounds->bottom), $saddle->corner(1))) {
                    return false;
                }
            }
        }

        return true;
    }

    private function within(Polygon $saddle, Point $point): bool
    {
        [$left, $top, $right] = $saddle->corners;
        $height = $point->v - $left->v;
        $half = ($right->u - $left->u) / 2.0 * (1.0 - $height / ($top->v - $left->v));

        return $height > Tolerance::ON_LINE && abs($point->u - $top->u) < $half - Tolerance::ON_LINE;
    }

    private function crosses(Point $a, Point $b, Point $low, Point $high): bool
    {
        if (($a->u - $low->u) * ($b->u - $low->u) >= 0.0) {
            return false;
        }
        $v = $a->v + ($low->u - $a->u) / ($b->u - $a->u) * ($b->v - $a->v);

        return $v > $low->v + Tolerance::ON_LINE && $v < $high->v - Tolerance::ON_LINE;
    }

    /** Through a corner of the opening, level up the roof, rising across it. */
    private function plane(FaceFrame $frame, Point $corner, float $rise): SlopePlane
    {
        [$east, $north] = [$frame->north * $rise, -$frame->east * $rise];

        return new SlopePlane($frame->plane->at($corner) - $east * $corner->u - $north * $corner->v, $east, $north);
    }

    /**
     * @param  list<Point>  $plan  counter-clockwise from its lowest corner
     * @param  list<EdgeKind>  $edges
     */
    private function face(string $id, string $name, Opening $opening, SlopePlane $plane, array $plan, array $edges): Face
    {
        $frame = FaceFrame::round($plane, Polygon::sound($plan));

        return new Face($id, $name, Pitch::ofRise(12.0 * $plane->steepness()), $frame->onDeck(Polygon::sound($plan)), $edges, frame: $frame, behind: $opening->id);
    }

    private function edge(EdgeKind $kind, Point $from, Point $to, Face $left, ?Face $right = null): Edge
    {
        /** @var FaceFrame $frame a face with a cricket has been placed, and so are the cricket's */
        $frame = $left->frame;
        $typer = new EdgeTyper;
        $faces = $right === null ? [$left] : [$left, $right];
        $ids = array_map(static fn (Face $face): string => $face->id, $faces);
        $angles = [];
        foreach ($faces as $face) {
            $angles[$face->id] = $face->frame === null ? 0.0 : $typer->degreesToRib($face->frame->plane, $from, $to);
        }

        return new Edge(id: "$kind->value-".implode('-', $ids), kind: $kind, faces: $ids, from: $from, to: $to, fromHeight: $frame->plane->at($from), toHeight: $frame->plane->at($to), angleToRibDegrees: $angles, dihedralDegrees: match (true) {
            $right?->frame !== null => $frame->plane->dihedralDegrees($right->frame->plane),
            default => $typer->degreesToWall($frame->plane, $from, $to),
        });
    }

    /** @param  array<string, string|Length>  $parameters */
    private function without(Roof $roof, Opening $opening, string $code, array $parameters): Roof
    {
        return new Roof($roof->faces, $roof->edges, [...$roof->findings, Finding::settle($code, $opening->face, ['opening' => $opening->name, ...$parameters])]);
    }
}
