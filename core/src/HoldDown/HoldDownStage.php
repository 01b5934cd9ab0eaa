<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;

/**
 * Places every clip and screw of a roof, and holds what the wind pulls at each against what it may carry.
 *
 * @implements Stage<HoldDownResult>
 */
final class HoldDownStage implements Stage
{
    public static function rules(): array
    {
        return HoldDownRules::all();
    }

    public static function effort(Job $job): array
    {
        return [];
    }

    public function work(Plan $plan): HoldDownResult
    {
        $holder = new FaceHolder($plan);
        $faces = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $panels = $plan->of(CuttingStage::class)->panelsOf($face->id);
            if ($panels !== []) {
                $faces[$face->id] = $holder->hold($face, $panels);
            }
        }

        return new HoldDownResult($faces, $holder->pressures, $holder->zoneWidth, $faces === [] ? [] : [...$this->notes($holder, $plan), ...$this->over($faces, $holder)]);
    }

    /** @return list<Finding> what the numbers rest on */
    private function notes(FaceHolder $holder, Plan $plan): array
    {
        $notes = [];
        $pressures = $holder->pressures;
        if ($pressures === null) {
            $notes[] = Finding::note('hold.no-wind', 'wind');
        } elseif ($pressures->isEstimate()) {
            $notes[] = Finding::note('hold.estimate', 'wind');
        }
        if ($pressures !== null && $plan->job->covering->profile->family->isConcealed() && $plan->job->part(HoldDownInput::class)->clipAllowable === null) {
            $notes[] = Finding::note('hold.example', 'wind');
        }

        return $notes;
    }

    /**
     * @param  array<string, FaceHold>  $faces
     * @return list<Finding> places that carry more than they may, a face each, with what would cure it
     */
    private function over(array $faces, FaceHolder $holder): array
    {
        $findings = [];
        foreach ($faces as $id => $hold) {
            $weakest = $hold->weakest();
            if ($weakest === null || $hold->over() === 0) {
                continue;
            }
            $cures = $holder->cures($hold, $weakest);
            $findings[] = Finding::settle('hold.over', $id, ['count' => $hold->over(), 'ratio' => round($weakest->ratio() ?? 0.0, 2), 'seam' => $weakest->seam, 'zone' => $weakest->zone->value, ...$cures]);
        }

        return $findings;
    }
}
