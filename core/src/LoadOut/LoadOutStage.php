<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\EaveEnd;
use Imbrex\Core\Ground\Supplies\SupplySum;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\LoadOut\Internal\OrderBuilder;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;

/**
 * What is ordered, and what it weighs.
 *
 * @implements Stage<LoadOutResult>
 */
final readonly class LoadOutStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, BuildsStage::class, LayoutStage::class, CuttingStage::class, OpeningsStage::class, HoldDownStage::class];
    }

    public static function reads(): array
    {
        return [];
    }

    public static function rules(): array
    {
        return LoadOutRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): LoadOutResult
    {
        $order = (new OrderBuilder($plan->job->covering))->build($plan->of(CuttingStage::class)->sheets);

        $plugs = EaveEnd::of($plan->job->covering) === EaveEnd::Plug ? $this->seamEnds($plan) : 0;

        return new LoadOutResult($order->with($plugs, SupplySum::together([...$plan->of(HoldDownStage::class)->supplies, ...$plan->of(OpeningsStage::class)->supplies])->all()));
    }

    private function seamEnds(Plan $plan): int
    {
        $cards = CutCardMaker::of($plan);
        $ends = 0;
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            foreach ($plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                $ends += $cards->seamEnds($face, $panel);
            }
        }

        return $ends;
    }

    /** Whether nothing stands against sending the order. */
    public static function mayBeOrdered(Plan $plan): bool
    {
        return $plan->of(CuttingStage::class)->panels !== [] && $plan->isClear();
    }
}
