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

/**
 * Puts all that holds a roof down into the shape of the plan.
 *
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type PlanClipShape array{
 *     face: string,
 *     seam: int,
 *     u: float,
 *     v: float,
 *     kind: string,
 *     zone: 'field'|'edge'|'corner',
 *     tributarySqFt: float,
 *     demandLb: float|null,
 *     allowableLb: float,
 * }
 * @phpstan-type PlanScrewShape array{
 *     face: string,
 *     kind: string,
 *     row: 'end'|'closure'|'field'|'lap'|'extra',
 *     u: float,
 *     v: float,
 *     panel: string,
 *     zone: 'field'|'edge'|'corner',
 *     demandLb: float|null,
 *     allowableLb: float,
 * }
 * @phpstan-type PlanZoneShape array{
 *     face: string,
 *     zone: 'field'|'edge'|'corner',
 *     outline: list<PlanPointShape>,
 *     netPsf: float|null,
 * }
 * @phpstan-type PlanGuardShape array{
 *     face: string,
 *     v: float,
 *     from: float,
 *     to: float,
 *     loadLb: float|null,
 *     capacityLb: float,
 *     at: list<PlanPointShape>,
 * }
 * @phpstan-type PlanFixedShape array{
 *     face: string,
 *     panel: string,
 *     by: 'screws'|'rivets'|'slot',
 *     at: list<PlanPointShape>,
 *     demandLb: float,
 *     allowableLb: float,
 * }
 * @phpstan-type WholeHoldDownShape array{
 *     clips: list<PlanClipShape>,
 *     screws: list<PlanScrewShape>,
 *     zones: list<PlanZoneShape>,
 *     guards: list<PlanGuardShape>,
 *     fixed: list<PlanFixedShape>,
 * }
 */
final class HoldDownWriter
{
    /** @return WholeHoldDownShape */
    public function whole(Plan $plan): array
    {
        $held = $plan->of(HoldDownStage::class);
        $by = FaceHolder::on($plan)->fixedBy()->value;

        return [
            'clips' => self::all($held->faces, static fn (FaceHold $hold): array => array_map(static fn (Clip $clip): array => [
                'face' => $clip->face, 'seam' => $clip->seam, 'u' => $clip->u, 'v' => $clip->v, 'kind' => $hold->clip->key ?? 'slot', 'zone' => $clip->zone->value,
                'tributarySqFt' => $clip->squareFeet, 'demandLb' => $clip->demand, 'allowableLb' => $clip->allowable,
            ], $hold->clips)),
            'screws' => self::all($held->faces, static fn (FaceHold $hold): array => array_map(static fn (Screw $screw): array => [
                'face' => $screw->face, 'panel' => $screw->panel, 'kind' => 'through', 'row' => $screw->row->value, 'u' => $screw->u, 'v' => $screw->v,
                'zone' => $screw->zone->value, 'demandLb' => $screw->demand, 'allowableLb' => $screw->allowable,
            ], $hold->screws)),
            'zones' => self::all($held->faces, static fn (FaceHold $hold): array => array_map(static fn (array $zone): array => [
                'face' => $hold->face, 'zone' => $zone[0]->value, 'outline' => Wire::line($zone[1]), 'netPsf' => $held->pressures?->net($zone[0], $hold->pitchDegrees),
            ], $hold->zones->outlines())),
            'guards' => self::all($held->faces, static fn (FaceHold $hold): array => array_map(static fn (GuardRow $row): array => [
                'face' => $row->face, 'v' => $row->v, 'from' => $row->from, 'to' => $row->to, 'loadLb' => $row->load, 'capacityLb' => $row->capacity(), 'at' => self::points($row->at),
            ], $hold->guards)),
            'fixed' => self::all($held->faces, static fn (FaceHold $hold): array => array_map(static fn (FixedPoint $one): array => [
                'face' => $hold->face, 'panel' => $one->panel, 'by' => $by, 'at' => self::points($one->at), 'demandLb' => $one->demand, 'allowableLb' => $one->allowable,
            ], $hold->fixed)),
        ];
    }

    /**
     * @template T
     *
     * @param  array<string, FaceHold>  $faces
     * @param  callable(FaceHold): list<T>  $write
     * @return list<T> what is written of every face, one after the other
     */
    private static function all(array $faces, callable $write): array
    {
        return array_merge(...array_map($write, array_values($faces)));
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
