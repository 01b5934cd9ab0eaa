<?php

declare(strict_types=1);

namespace Imbrex\Core\RoofLog;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\Trims\TrimsStage;

/**
 * Holds what happened against what is planned: pieces that were cut before the plan changed under them.
 *
 * @implements Stage<RoofLogResult>
 */
final class RoofLogStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, CuttingStage::class, TrimsStage::class];
    }

    public static function reads(): array
    {
        return [PiecesCut::class];
    }

    public static function rules(): array
    {
        return [];
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): RoofLogResult
    {
        return new RoofLogResult([...PanelsCut::findings($plan), ...TrimsCut::of($plan)->findings()]);
    }
}
