<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Roof\FaceWriter;
use Imbrex\Stations\Words\Words;

/**
 * A job at a glance: its roof, its metal, how far each station is, what is to settle, what comes next.
 *
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type StateShape from Wire
 *
 * A job at a glance: jobs/{job}/card.
 *
 * @phpstan-type JobCardShape array{
 *     faces: list<array{planOutline: PlanOutlineShape, planHoles: list<PlanOutlineShape>}>,
 *     edges: list<array{
 *         kind: EdgeKindShape,
 *         plan: array{PlanPointShape, PlanPointShape},
 *         heights: array{float, float},
 *     }>,
 *     areaSquareFeet: float,
 *     // As it is said in the job's units.
 *     area: string,
 *     system: array{profile: string, material: string, gauge: string},
 *     stations: list<array{key: string, state: StateShape}>,
 *     // The first station that is not done.
 *     next: string|null,
 *     blocking: int,
 *     toSettle: int,
 * }
 */
final readonly class JobCard
{
    /** Of what it tells, where it is kept: a card of another one is not shown. */
    public const FORMAT = 'card/1 ';

    public function __construct(private Stations $stations, private FaceWriter $faces, private Words $words)
    {
    }

    /** @return JobCardShape */
    public function of(Plan $plan): array
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $covering = $plan->job->covering;
        $stations = $this->states($plan);
        $counts = array_count_values(array_map(static fn ($finding): string => $finding->severity->value, $plan->findings()));

        return [
            'faces' => array_map(fn (Face $face): array => array_intersect_key($this->faces->face($face), ['planOutline' => 1, 'planHoles' => 1]), $roof->faces),
            'edges' => array_map(fn (Edge $edge): array => array_intersect_key($this->faces->edge($edge), ['kind' => 1, 'plan' => 1, 'heights' => 1]), $roof->edges),
            'areaSquareFeet' => $roof->areaSquareFeet(),
            'area' => $this->words->measures($plan->job->units)->area($roof->areaSquareFeet()),
            'system' => ['profile' => $covering->profile->key, 'material' => $covering->material->key, 'gauge' => $covering->gauge],
            'stations' => $stations,
            'next' => array_values(array_filter($stations, static fn (array $station): bool => $station['state'] !== 'done'))[0]['key'] ?? null,
            'blocking' => $counts[Severity::Block->value] ?? 0,
            'toSettle' => $counts[Severity::Settle->value] ?? 0,
        ];
    }

    /** @return list<array{key: string, state: StateShape}> */
    private function states(Plan $plan): array
    {
        $states = [];
        foreach ($this->stations->tiles($plan) as $key => $tile) {
            $states[] = ['key' => $key, 'state' => $tile['state']];
        }

        return $states;
    }
}
