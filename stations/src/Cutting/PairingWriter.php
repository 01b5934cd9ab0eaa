<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Pair;
use Imbrex\Core\Plan;
use Imbrex\Stations\Words\Words;

/**
 * Puts what comes two to a sheet into its wire shape.
 *
 * Two panels out of one sheet.
 *
 * @phpstan-type PlanPairShape array{
 *     lower: string,
 *     upper: string,
 *     turned: bool,
 *     upperAt: float,
 *     length: float,
 *     orderLength: float,
 *     saved: float,
 * }
 * @phpstan-type PlanPairingShape array{
 *     pairs: list<PlanPairShape>,
 *     savedInches: float,
 *     // No pairing saves more.
 *     boundInches: float,
 *     savedMoney: float,
 * }
 *
 * What two to a sheet saves; null where nothing shares one.
 * @phpstan-type SavingShape array{
 *     pairs: int,
 *     run: string,
 *     // In the currency of the job's rules.
 *     money: string,
 * }|null
 */
final readonly class PairingWriter
{
    public function __construct(private Words $words)
    {
    }

    /** @return PlanPairingShape */
    public function pairing(Plan $plan): array
    {
        $saved = $plan->of(CuttingStage::class)->pairing->saved();

        return [
            'pairs' => array_map($this->pair(...), $plan->of(CuttingStage::class)->pairing->pairs),
            'savedInches' => $saved,
            'boundInches' => $plan->of(CuttingStage::class)->pairing->bound,
            'savedMoney' => $saved * $plan->job->rules->number('order.metalPerInch'),
        ];
    }

    /** @return SavingShape what two to a sheet saves, as it is said */
    public function saving(Plan $plan): ?array
    {
        $pairing = $plan->of(CuttingStage::class)->pairing;

        return $pairing->pairs === [] ? null : [
            'pairs' => count($pairing->pairs),
            'run' => $this->words->measures($plan->job->units)->run($pairing->saved() / 12.0, 1),
            'money' => $this->words->money($pairing->saved() * $plan->job->rules->number('order.metalPerInch'), $plan->job->rules),
        ];
    }

    /** @return PlanPairShape */
    public function pair(Pair $pair): array
    {
        return (array) $pair;
    }
}
