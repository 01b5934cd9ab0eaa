<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Stage;

/**
 * Settles how each edge is built: by the house, or as somebody wished. Layout and Cutting read it.
 *
 * @implements Stage<Builds>
 */
final readonly class BuildsStage implements Stage
{
    public static function rules(): array
    {
        return BuildsRules::all();
    }

    public static function effort(Job $job): array
    {
        return [];
    }

    public function work(Plan $plan): Builds
    {
        $wishes = $plan->job->part(BuildsInput::class)->wishes;
        if ($wishes === []) {
            return Builds::usual($plan->job->covering);
        }
        $roof = $plan->of(RoofStage::class)->roof;

        return Builds::of($plan->job->covering, $this->bySide($roof, $wishes), $this->gone($roof, $wishes));
    }

    /**
     * @param  array<string, EdgeWish>  $wishes
     * @return array<string, EdgeWish>
     */
    private function bySide(Roof $roof, array $wishes): array
    {
        $finder = new SideFinder($roof);
        $bySide = [];
        foreach ($roof->faces as $face) {
            foreach ($face->region()->loops() as $loop => $outline) {
                foreach (array_keys($outline->corners) as $side) {
                    $wish = $wishes[$finder->edge($face, $loop, $side)->id ?? ''] ?? null;
                    if ($wish !== null) {
                        $bySide["$face->id $loop $side"] = $wish;
                    }
                }
            }
        }

        return $bySide;
    }

    /**
     * Edges come and go as blocks are moved; what was wished for them is kept, and said.
     *
     * @param  array<string, EdgeWish>  $wishes
     * @return list<Finding>
     */
    private function gone(Roof $roof, array $wishes): array
    {
        $gone = array_filter(array_map(strval(...), array_keys($wishes)), static fn (string $id): bool => $roof->edge($id) === null);

        return array_map(static fn (string $id): Finding => Finding::note('builds.edge-gone', $id, ['edge' => $id]), array_values($gone));
    }
}
