<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Edges\EdgeNames;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** What stands against an order, a kind a line with where it stands: whoever releases ticks off each. */
final readonly class StandingKinds
{
    public function __construct(private Words $words, private EdgeNames $edges)
    {
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array{code: string, severity: 'block'|'settle'|'note', message: string, where: list<string>}> the first of each kind in words, and the places it stands at; the gravest first
     */
    public function of(Plan $plan, array $findings): array
    {
        $kinds = [];
        $edges = $this->edges->of($plan->of(RoofStage::class)->roof);
        $gravity = array_flip(array_column(Severity::cases(), 'value'));
        usort($findings, static fn (Finding $a, Finding $b): int => $gravity[$a->severity->value] <=> $gravity[$b->severity->value]);
        foreach ($findings as $finding) {
            $kinds[$finding->code][] = $finding;
        }

        return array_values(array_map(fn (array $alike): array => [
            'code' => $alike[0]->code,
            'severity' => $alike[0]->severity->value,
            'message' => $this->words->finding($alike[0], Wire::tape($plan)),
            'where' => array_values(array_unique(array_filter(array_map(fn (Finding $finding): ?string => $this->name($plan, $edges, $finding->where), $alike)))),
        ], $kinds));
    }

    /** @param  array<string, string>  $edges  names by id */
    private function name(Plan $plan, array $edges, string $where): ?string
    {
        $panel = $plan->of(CuttingStage::class)->panel($where);

        return $panel !== null ? $plan->of(CuttingStage::class)->name($where) : $plan->of(RoofStage::class)->roof->face($where)->name ?? $edges[$where] ?? null;
    }
}
