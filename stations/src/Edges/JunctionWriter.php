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
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** Puts junctions into their wire shape: all of them by name, and one of them piece by piece. */
final readonly class JunctionWriter
{
    public function __construct(private Words $words, private Wire $wire)
    {
    }

    /** @return list<array<string, mixed>> */
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

    /** @return array<string, mixed>|null null where there is no such junction */
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
