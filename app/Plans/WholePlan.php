<?php

declare(strict_types=1);

namespace App\Plans;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Station;
use Imbrex\Stations\Stations;
use Imbrex\Stations\Wire;

/**
 * Puts a whole plan together, station by station. Lengths are inches, unrounded.
 *
 * @phpstan-import-type PlanFindingShape from Wire
 *
 * @phpstan-type WholeJobShape array{format: 'imbrex-plan/1', name: string, findings: list<PlanFindingShape>}
 */
final readonly class WholePlan
{
    /** The order the fields are written in: files of plans are compared as text. What is not named here follows before the findings. */
    private const FIRST = ['format', 'name', 'faces', 'edges', 'layouts', 'groups', 'chalk', 'pairing', 'panels', 'seams', 'order'];

    public function __construct(private Stations $stations, private Wire $wire)
    {
    }

    /** @return array<string, mixed> */
    public function of(Plan $plan): array
    {
        $fields = array_merge(
            ['format' => 'imbrex-plan/1', 'name' => $plan->job->name],
            ...array_map(static fn (Station $station): array => $station->whole($plan), $this->stations->all()),
        );

        return [
            ...array_replace(array_intersect_key(array_flip(self::FIRST), $fields), $fields),
            'findings' => $this->wire->findings($plan, $this->inOrder($plan)),
        ];
    }

    /** @return list<Finding> in the order of work; what layout and cutting found on a face stands together */
    private function inOrder(Plan $plan): array
    {
        $faces = array_flip(array_map(static fn (Face $face): string => $face->id, $plan->of(RoofStage::class)->roof->faces));
        $onFace = static fn (Finding $f): bool => $f->stage === 'layout' || $f->stage === 'cutting';
        $findings = $plan->findings();
        $together = array_values(array_filter($findings, $onFace));
        usort($together, static fn (Finding $a, Finding $b): int => $faces[$a->where] <=> $faces[$b->where]);
        $others = array_values(array_filter($findings, static fn (Finding $f): bool => ! $onFace($f)));

        return [
            ...array_filter($others, static fn (Finding $f): bool => $f->stage !== 'load-out'),
            ...$together,
            ...array_filter($others, static fn (Finding $f): bool => $f->stage === 'load-out'),
        ];
    }
}
