<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\LineClipper;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Roof\RoofSlice;

/**
 * What the turning picture shows on the faces: seams and ribs, pieces, openings. Plan x and y, and height; inches.
 *
 * @phpstan-import-type SpacePointShape from RoofSlice
 *
 * What the turning picture shows on the faces. Plan x and y, and height; inches.
 *
 * @phpstan-type SpaceSliceShape array{
 *     metal: array{
 *         material: string,
 *         colour: 'bare'|'white'|'sand'|'light-grey'|'grey'|'charcoal'|'black'|'red'|'brown'|'green'|'blue'|null,
 *     },
 *     // Height of a seam or rib.
 *     rise: float,
 *     faces: list<array{
 *         id: string,
 *         seams: list<array{SpacePointShape, SpacePointShape}>,
 *         panels: list<array{id: string, name: string, loop: list<SpacePointShape>}>,
 *         openings: list<array{id: string, name: string, loop: list<SpacePointShape>, rise: float}>,
 *     }>,
 * }
 */
final class SpaceSlice
{
    /** To a hundredth of an inch: a picture, not a measure. */
    private const PLACES = 2;

    private LineClipper $clipper;

    public function __construct()
    {
        $this->clipper = new LineClipper;
    }

    /** @return SpaceSliceShape */
    public function of(Plan $plan): array
    {
        $covering = $plan->job->covering;

        return [
            'metal' => ['material' => $covering->material->key, 'colour' => $covering->colour?->value],
            'rise' => $covering->profile->height,
            'faces' => array_values(array_filter(array_map(fn (Face $face): ?array => $face->frame === null ? null : $this->face($plan, $face, $face->frame), $plan->of(RoofStage::class)->roof->faces))),
        ];
    }

    /** @return SpaceSliceShape['faces'][0] */
    private function face(Plan $plan, Face $face, FaceFrame $frame): array
    {
        $cutting = $plan->of(CuttingStage::class);

        return [
            'id' => $face->id,
            'seams' => $this->seams($face, $frame, $plan->of(LayoutStage::class)->layouts[$face->id], $plan->job->covering->profile),
            'panels' => array_map(fn (Panel $panel): array => ['id' => $panel->id, 'name' => $cutting->name($panel->id), 'loop' => $this->loop($frame, $panel->metal)], $cutting->panelsOf($face->id)),
            'openings' => array_map(fn (Opening $opening): array => ['id' => $opening->id, 'name' => $opening->name, 'loop' => $this->loop($frame, $opening->outline), 'rise' => self::rise($opening->kind)], $face->openings),
        ];
    }

    /** @return list<array{SpacePointShape, SpacePointShape}> the two ends of each stretch, where there is metal */
    private function seams(Face $face, FaceFrame $frame, FaceLayout $layout, Profile $profile): array
    {
        $bounds = $face->outline->bounds();
        $ribs = $profile->family->isConcealed() ? [0.0] : $profile->ribs;
        $places = [];
        foreach ($layout->strips as $strip) {
            foreach ($ribs as $rib) {
                $places[(string) round($strip->moduleLeft + $rib, 3)] = $strip->moduleLeft + $rib;
            }
        }
        $region = new Region($face->outline, [...$face->holes, ...array_map(static fn (Opening $opening): Polygon => $opening->outline, $face->openings)]);
        $seams = [];
        foreach ($places as $u) {
            if ($u <= $bounds->left || $u >= $bounds->right) {
                continue;
            }
            foreach ($this->clipper->within($region, new Point($u, $bounds->bottom - 1.0), new Point($u, $bounds->top + 1.0)) as [$from, $to]) {
                $seams[] = [$this->inTheAir($frame, $from), $this->inTheAir($frame, $to)];
            }
        }

        return $seams;
    }

    /** @return list<SpacePointShape> */
    private function loop(FaceFrame $frame, Polygon $deck): array
    {
        return array_map(fn (Point $p): array => $this->inTheAir($frame, $p), $deck->corners);
    }

    /** @return SpacePointShape */
    private function inTheAir(FaceFrame $frame, Point $deck): array
    {
        $plan = $frame->toPlan($deck);

        return [round($plan->u, self::PLACES), round($plan->v, self::PLACES), round($frame->plane->at($plan), self::PLACES)];
    }

    /** How high it stands in the picture, inches: representative, nobody has measured it. */
    private static function rise(OpeningKind $kind): float
    {
        return match ($kind) {
            OpeningKind::Pipe => 14.0,
            OpeningKind::Chimney => 36.0,
            OpeningKind::Skylight => 5.0,
            OpeningKind::Curb, OpeningKind::Vent => 12.0,
        };
    }
}
