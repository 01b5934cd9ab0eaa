<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Fit\Internal\Caps;
use Imbrex\Core\Fit\Internal\Cover;
use Imbrex\Core\Fit\Internal\Fasteners;
use Imbrex\Core\Fit\Internal\LaidPanels;
use Imbrex\Core\Fit\Internal\MisfitFindings;
use Imbrex\Core\Fit\Internal\RoofMetal;
use Imbrex\Core\Fit\Internal\SpotFindings;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\Trims\TrimsStage;

/**
 * Judges the roof as it is built: whether metal lies over every place of the deck, and whether what should meet does: by what was made and where it lies, and by no rule it
 * was made by.
 *
 * @implements Stage<FitResult>
 */
final class FitStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, CuttingStage::class, TrimsStage::class, OpeningsStage::class, HoldDownStage::class];
    }

    public static function reads(): array
    {
        return [];
    }

    public static function rules(): array
    {
        return [];
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): FitResult
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $cutting = $plan->of(CuttingStage::class);
        $metal = new RoofMetal($plan->of(TrimsStage::class)->runs, $plan->of(OpeningsStage::class)->openings);
        $caps = new Caps($roof, $plan->job->covering->profile->height, $plan->of(TrimsStage::class));
        $bare = $misfits = [];
        foreach ($roof->faces as $face) {
            $panels = new LaidPanels($cutting->panelsOf($face->id));
            // A face nothing was laid out on is found elsewhere.
            if ($panels->metal === [] || $face->frame === null) {
                continue;
            }
            array_push($bare, ...Cover::of($face, $panels, $metal->over($face)));
            $hold = $plan->of(HoldDownStage::class)->faces[$face->id] ?? null;
            array_push($misfits, ...$hold === null ? [] : (new Fasteners($face, $panels, $metal->pansOn($face)))->of($hold), ...$caps->on($face));
        }

        return new FitResult($bare, $misfits, [...(new SpotFindings($roof))->of($bare), ...(new MisfitFindings($roof, $cutting))->of($misfits)]);
    }
}
