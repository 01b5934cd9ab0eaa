<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Stage;

/**
 * What is ordered, and what it weighs.
 *
 * @implements Stage<LoadOutResult>
 */
final readonly class LoadOutStage implements Stage
{
    public static function rules(): array
    {
        return LoadOutRules::all();
    }

    public static function effort(Job $job): array
    {
        return [];
    }

    public function work(Plan $plan): LoadOutResult
    {
        return new LoadOutResult((new OrderBuilder($plan->job->covering))->build($plan->of(CuttingStage::class)->sheets));
    }

    /** Whether nothing stands against sending the order. */
    public static function mayBeOrdered(Plan $plan): bool
    {
        return $plan->of(CuttingStage::class)->panels !== [] && $plan->isClear();
    }
}
