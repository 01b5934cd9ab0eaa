<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofBuilder;
use Imbrex\Core\Survey\Internal\Surveyor;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\Source;
use Imbrex\Core\Survey\Tie;
use PHPUnit\Framework\TestCase;

/** Measured planes tied by the edges they share. */
final class PlaneRoofTest extends TestCase
{
    public function test_planes_of_a_block_roof_tied_together_are_that_roof(): void
    {
        $hall = BlockMaker::roof([BlockMaker::block('hall', 0, 0, 672, 360, [6, 8, 4, 6], 14)]);
        $planes = [];
        foreach ($hall->faces as $face) {
            $planes[] = self::plane($face, $hall);
        }
        $measured = self::build($planes);

        self::assertCount(count($hall->edges), $measured->edges);
        foreach ($hall->edges as $edge) {
            $same = self::like($measured, $edge, static fn (string $face): string => str_replace('.', '', $face));
            self::assertEqualsWithDelta($edge->length(), $same->length(), 1e-6, $edge->id);
            self::assertEqualsWithDelta($edge->dihedralDegrees ?? 0.0, $same->dihedralDegrees ?? 0.0, 1e-5, $edge->id);
            foreach ($edge->angleToRibDegrees as $face => $degrees) {
                self::assertEqualsWithDelta($degrees, $same->angleToRibDegrees[str_replace('.', '', $face)], 1e-6, $edge->id);
            }
        }
        self::assertSame([], $measured->findings);
    }

    public function test_a_ridge_both_planes_name_is_one_edge(): void
    {
        $roof = self::build([
            new Plane('S', 'South', Polygon::rectangle(0, 0, 400, 150), self::edges(), [], 6.0),
            new Plane(
                id: 'N',
                name: 'North',
                outline: Polygon::rectangle(0, 0, 400, 150),
                edges: self::edges(),
                readings: [],
                riseIn12: 9.0,
                ridgeWith: 'S',
            ),
        ]);
        $ridge = $roof->edge('ridge-N-S') ?? $roof->edge('ridge-S-N') ?? self::fail('no ridge');

        self::assertEqualsWithDelta(180 - Pitch::ofRise(6)->degrees() - Pitch::ofRise(9)->degrees(), $ridge->dihedralDegrees, 1e-6);
        self::assertCount(7, $roof->edges);
    }

    public function test_planes_nobody_tied_lie_where_they_were_put_and_bring_what_is_tied_to_them(): void
    {
        $planes = static fn (?Point $placed): array => [
            new Plane('S', 'South', Polygon::rectangle(0, 0, 400, 150), self::edges(), [], 6.0),
            new Plane(
                id: 'N',
                name: 'North',
                outline: Polygon::rectangle(0, 0, 400, 150),
                edges: self::edges(),
                readings: [],
                riseIn12: 9.0,
                ridgeWith: 'S',
                placed: $placed,
            ),
            new Plane('P', 'Porch', Polygon::rectangle(0, 0, 120, 60), self::edges(), [], 3.0),
        ];
        $before = self::build($planes(null));
        $after = self::build($planes(new Point(1000.0, -250.0)));
        $bounds = static fn (Roof $roof, string $face): Bounds => $roof->face($face)?->plan()?->outline->bounds() ?? self::fail("no plan of $face");

        self::assertEqualsWithDelta([1000.0, -250.0], [$bounds($after, 'N')->left, $bounds($after, 'N')->bottom], 1e-9);
        // The ridge they share is where it was between them, at the height it had.
        self::assertEqualsWithDelta($bounds($before, 'N')->bottom - $bounds($before, 'S')->top, $bounds($after, 'N')->bottom - $bounds($after, 'S')->top, 1e-9);
        $ridge = static fn (Roof $roof): Edge => $roof->edge('ridge-N-S') ?? $roof->edge('ridge-S-N') ?? self::fail('no ridge');
        self::assertEqualsWithDelta([$ridge($before)->fromHeight, $ridge($before)->length(), $ridge($before)->dihedralDegrees], [$ridge($after)->fromHeight, $ridge($after)->length(), $ridge($after)->dihedralDegrees], 1e-9);
        // What is not tied to them stands as if they were not there.
        self::assertEqualsWithDelta(0.0, $bounds($after, 'P')->left, 1e-9);
    }

    public function test_neighbours_that_disagree_are_told(): void
    {
        $roof = self::build([
            new Plane('S', 'South', Polygon::rectangle(0, 0, 400, 150), self::edges(), [], 6.0, ties: [new Tie(1, 'E', 3)]),
            new Plane('E', 'East', Polygon::rectangle(0, 0, 300, 152), [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Hip], [], 8.0),
        ]);
        $codes = array_map(static fn (Finding $f): string => $f->code, $roof->findings);

        self::assertSame(['roof.edge-kinds-differ', 'roof.edges-differ', 'roof.rises-differ', 'roof.ridge-alone', 'roof.ridge-alone'], $codes);
        self::assertEqualsWithDelta(2.0, $roof->findings[1]->parameters['miss']->inches ?? 0.0, 1e-9);
    }

    public function test_a_plane_alone_ends_at_a_peak_and_one_backed_by_another_at_a_ridge(): void
    {
        $readings = [new Reading('r1', Quantity::Eave, 400.0, Source::Tape), new Reading('r2', Quantity::EaveToRidge, 150.0, Source::Tape)];
        $alone = new Plane('S', 'South', null, [], $readings, 6.0);
        $behind = new Plane('N', 'North', null, [], $readings, 6.0, ridgeWith: 'S');
        $tops = static fn (Roof $roof): array => array_map(static fn (Face $f): EdgeKind => $f->edges[2], $roof->faces);

        self::assertSame([EdgeKind::Peak], $tops(self::build([$alone])));
        self::assertSame([EdgeKind::Ridge, EdgeKind::Ridge], $tops(self::build([$alone, $behind])));
        self::assertSame([], self::build([$alone, $behind])->findings);
    }

    public function test_a_ridge_with_one_face_is_told(): void
    {
        $ridge = new Plane('S', 'South', Polygon::rectangle(0, 0, 400, 150), self::edges(), [], 6.0);
        $found = self::build([$ridge])->findings;

        self::assertSame([['roof.ridge-alone', 'S', 'South']], array_map(static fn (Finding $f): array => [$f->code, $f->where, $f->parameters['plane']], $found));
        self::assertSame(Severity::Settle, $found[0]->severity);
    }

    public function test_planes_nobody_tied_stand_apart(): void
    {
        $roof = self::build([
            new Plane('A', 'A', Polygon::rectangle(0, 0, 400, 150), self::edges(), [], 6.0),
            new Plane('B', 'B', Polygon::rectangle(0, 0, 300, 150), self::edges(), [], 6.0),
        ]);
        [$a, $b] = array_map(static fn (Face $f) => $f->plan()?->outline->bounds(), $roof->faces);

        self::assertGreaterThan($a?->right, $b?->left);
        self::assertEqualsWithDelta(150 / Pitch::ofRise(6)->slopeFactor(), $a?->height(), 1e-9, 'in plan a slope is shorter');
    }

    private static function plane(Face $face, Roof $roof): Plane
    {
        $ties = [];
        foreach ($face->outline->corners as $side => $corner) {
            foreach ($roof->faces as $other) {
                foreach ($other->id === $face->id ? [] : array_keys($other->outline->corners) as $its) {
                    $here = $face->frame?->toPlan($corner);
                    $there = $other->frame?->toPlan($other->outline->corner($its + 1));
                    $next = $face->frame?->toPlan($face->outline->corner($side + 1));
                    $itsFirst = $other->frame?->toPlan($other->outline->corner($its));
                    if ($here && $there && $next && $itsFirst && $here->distanceTo($there) < 1e-3 && $next->distanceTo($itsFirst) < 1e-3) {
                        $ties[] = new Tie($side, str_replace('.', '', $other->id), $its);
                    }
                }
            }
        }

        return new Plane(str_replace('.', '', $face->id), $face->name, $face->outline, $face->edges, [], $face->pitch->riseIn12, ties: $ties);
    }

    /** @param  callable(string): string  $named */
    private static function like(Roof $roof, Edge $edge, callable $named): Edge
    {
        $faces = array_map($named, $edge->faces);
        foreach ($roof->edges as $one) {
            if ($one->kind === $edge->kind && array_diff($faces, $one->faces) === [] && count($faces) === count($one->faces) && abs($one->length() - $edge->length()) < 1e-3) {
                return $one;
            }
        }
        self::fail("nothing like $edge->id");
    }

    /** @return list<EdgeKind> */
    private static function edges(): array
    {
        return [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake];
    }

    /** @param  list<Plane>  $planes */
    private static function build(array $planes): Roof
    {
        $rules = HouseRules::with([]);

        return (new RoofBuilder($rules))->build((new Surveyor($rules))->survey($planes), []);
    }
}
