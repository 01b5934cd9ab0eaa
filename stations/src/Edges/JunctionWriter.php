<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\Junctions\JunctionRun;
use Imbrex\Core\Edges\Junctions\JunctionShape;
use Imbrex\Core\Edges\Junctions\Piece;
use Imbrex\Core\Edges\Junctions\Zone;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Plan;
use Imbrex\Stations\Roof\RoofSlice;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * Puts junctions into their wire shape: all of them by name, and one of them piece by piece.
 *
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type SpacePointShape from RoofSlice
 *
 * @phpstan-type JunctionRowShape array{id: string, kind: string, name: string, at: PlanPointShape, sheds: bool}
 * @phpstan-type JunctionPieceShape array{
 *     key: string,
 *     number: int,
 *     name: string,
 *     areas: list<PlanOutlineShape>,
 *     seen: PlanPointShape,
 *     // What it is bent into, in the round: x, y in plan, z up, inches.
 *     flats: list<list<SpacePointShape>>,
 *     seenAt: SpacePointShape,
 * }
 *
 * Roof, fascias and walls round a point unfolded into one sheet, inches, y up the roof.
 * @phpstan-type JunctionViewShape array{
 *     id: string,
 *     kind: string,
 *     name: string,
 *     adapted: bool,
 *     sheds: bool,
 *     reach: float,
 *     ground: list<array{outline: PlanOutlineShape, flow: PlanPointShape, free: bool}>,
 *     pieces: list<JunctionPieceShape>,
 *     findings: list<PlanFindingShape>,
 *     // Decks, fascias and walls in the round.
 *     solids: list<list<SpacePointShape>>,
 * }
 */
final readonly class JunctionWriter
{
    public function __construct(private Words $words, private Wire $wire)
    {
    }

    /** @return list<JunctionRowShape> */
    public function all(Plan $plan): array
    {
        $names = $this->names($plan);

        return array_values(array_map(static fn (BuiltJunction $built): array => [
            'id' => $built->id,
            'kind' => $built->junction->kind->value,
            'name' => $names[$built->id],
            'at' => [$built->at->u, $built->at->v],
            'sheds' => $built->sheds(),
        ], $plan->of(EdgesStage::class)->junctions));
    }

    /** @return JunctionViewShape|null null where there is no such junction */
    public function one(Plan $plan, string $id): ?array
    {
        $built = $plan->of(EdgesStage::class)->junctions[$id] ?? null;
        if ($built === null) {
            return null;
        }

        $seen = JunctionRun::seen($built->junction);
        $stand = JunctionShape::pieces($built);
        $high = JunctionShape::seen($built);

        return [
            'id' => $id,
            'kind' => $built->junction->kind->value,
            'name' => $this->names($plan)[$id],
            'adapted' => $built->isAdapted,
            'sheds' => $built->sheds(),
            'reach' => JunctionRun::REACH,
            'ground' => array_map(static fn (Zone $zone): array => ['outline' => Wire::outline($zone->area), 'flow' => [$zone->x, $zone->y], 'free' => $zone->isFree], array_reverse($built->junction->zones)),
            'solids' => JunctionShape::ground($built),
            'pieces' => array_map(fn (Piece $piece, int $i): array => [
                'key' => $piece->key,
                'number' => $i + 1,
                'name' => $this->words->say("layer.$piece->key"),
                'areas' => array_map(Wire::outline(...), $piece->areas),
                'seen' => [$seen[$piece->key]->u, $seen[$piece->key]->v],
                'flats' => $stand[$piece->key],
                'seenAt' => $high[$piece->key],
            ], $built->junction->pieces, array_keys($built->junction->pieces)),
            'findings' => $this->wire->findings($plan, array_values(array_filter($plan->findingsOf('edges'), static fn (Finding $finding): bool => $finding->where === $id))),
        ];
    }

    /** @return array<string, string> by id of the junction */
    private function names(Plan $plan): array
    {
        $junctions = $plan->of(EdgesStage::class)->junctions;
        $of = array_count_values(array_map(static fn (BuiltJunction $built): string => $built->junction->kind->value, $junctions));
        $names = $seen = [];
        foreach ($junctions as $id => $built) {
            $kind = $built->junction->kind->value;
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;
            $name = $this->words->say("junction.$kind");
            $names[$id] = $of[$kind] > 1 ? $this->words->say('edges.name-of-many', ['name' => $name, 'number' => $seen[$kind]]) : $name;
        }

        return $names;
    }
}
