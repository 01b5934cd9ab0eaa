<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FaceHolder;
use Imbrex\Core\HoldDown\FixedPoint;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\Snow\GuardRow;
use Imbrex\Core\Plan;
use Imbrex\Stations\Wire;

/** Puts all that holds a roof down into the shape of the plan. */
final class HoldDownWriter
{
    /** @return array<string, mixed> */
    public function whole(Plan $plan): array
    {
        $held = $plan->of(HoldDownStage::class);
        $by = (new FaceHolder($plan))->fixedBy()->value;
        $all = static fn (callable $write): array => array_merge(...array_map($write, array_values($held->faces)));

        return [
            'clips' => $all(static fn (FaceHold $hold): array => array_map(static fn (Clip $clip): array => [
                'face' => $clip->face, 'seam' => $clip->seam, 'u' => $clip->u, 'v' => $clip->v, 'kind' => $hold->clip->key ?? 'slot', 'zone' => $clip->zone->value,
                'tributarySqFt' => $clip->squareFeet, 'demandLb' => $clip->demand, 'allowableLb' => $clip->allowable,
            ], $hold->clips)),
            'screws' => $all(static fn (FaceHold $hold): array => array_map(static fn (Screw $screw): array => [
                'face' => $screw->face, 'panel' => $screw->panel, 'kind' => 'through', 'row' => $screw->row->value, 'u' => $screw->u, 'v' => $screw->v,
                'zone' => $screw->zone->value, 'demandLb' => $screw->demand, 'allowableLb' => $screw->allowable,
            ], $hold->screws)),
            'zones' => $all(static fn (FaceHold $hold): array => array_map(static fn (array $zone): array => [
                'face' => $hold->face, 'zone' => $zone[0]->value, 'outline' => Wire::line($zone[1]), 'netPsf' => $held->pressures?->net($zone[0], $hold->pitchDegrees),
            ], $hold->zones->outlines())),
            'guards' => $all(static fn (FaceHold $hold): array => array_map(static fn (GuardRow $row): array => [
                'face' => $row->face, 'v' => $row->v, 'from' => $row->from, 'to' => $row->to, 'loadLb' => $row->load, 'capacityLb' => $row->capacity(), 'at' => self::points($row->at),
            ], $hold->guards)),
            'fixed' => $all(static fn (FaceHold $hold): array => array_map(static fn (FixedPoint $one): array => [
                'face' => $hold->face, 'panel' => $one->panel, 'by' => $by, 'at' => self::points($one->at), 'demandLb' => $one->demand, 'allowableLb' => $one->allowable,
            ], $hold->fixed)),
        ];
    }

    /**
     * @param  list<Point>  $points
     * @return list<array{float, float}>
     */
    private static function points(array $points): array
    {
        return array_map(static fn (Point $one): array => [$one->u, $one->v], $points);
    }
}
