<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\HoldDown\Internal\HoldDownEffort;
use Imbrex\Core\HoldDown\Internal\HoldSupplies;
use Imbrex\Core\HoldDown\Snow\GuardRow;
use Imbrex\Core\HoldDown\Snow\SnowInput;
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
    /** Metals that plain steel does not hold for long: clips and screws of stainless. */
    private const STAINLESS = ['copper', 'zinc', 'stainless'];

    public static function needs(): array
    {
        return [RoofStage::class, BuildsStage::class, CuttingStage::class];
    }

    public static function reads(): array
    {
        return [HoldDownInput::class, SnowInput::class];
    }

    public static function rules(): array
    {
        return HoldDownRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return HoldDownEffort::of($job);
    }

    public function work(Plan $plan): HoldDownResult
    {
        $holder = FaceHolder::on($plan);
        $faces = $areas = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $panels = $plan->of(CuttingStage::class)->panelsOf($face->id);
            if ($panels !== []) {
                $faces[$face->id] = $holder->hold($face, $panels);
                $areas[$face->id] = $face->areaSquareFeet();
            }
        }

        $guards = $plan->job->part(SnowInput::class)->kindOn($plan->job->covering->profile);
        $supplies = HoldSupplies::of($faces, $areas, $holder->fixedBy(), $guards);

        return new HoldDownResult($faces, $holder->pressures, $holder->zoneWidth, $supplies, $faces === [] ? [] : [...$this->notes($holder, $plan), ...$this->over($faces, $holder), ...$this->snow($faces, $plan)]);
    }

    /** @return list<Finding> what the numbers rest on */
    private function notes(FaceHolder $holder, Plan $plan): array
    {
        $notes = [];
        $pressures = $holder->pressures;
        $input = $plan->job->part(HoldDownInput::class);
        if ($pressures === null) {
            $notes[] = Finding::note('hold.no-wind', 'wind');
        } elseif ($pressures->isEstimate()) {
            $notes[] = Finding::note('hold.estimate', 'wind');
        }
        $isConcealed = $plan->job->covering->profile->family->isConcealed();
        if ($pressures !== null && ($isConcealed ? $input->clipAllowable === null : array_diff([Carrier::Screw->value, Carrier::PullOver->value], array_keys($input->allowables)) !== [])) {
            $notes[] = Finding::note('hold.example', 'wind');
        }
        if (in_array($plan->job->covering->material->key, self::STAINLESS, true) || $input->estimate?->exposure === Exposure::Shore) {
            $notes[] = Finding::note('hold.stainless', 'wind', ['metal' => $plan->job->covering->material->key]);
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
            if ($weakest !== null && $hold->over() !== []) {
                $said = ['count' => count($hold->over()), 'ratio' => round($weakest->ratio() ?? 0.0, 2), 'zone' => $weakest->zone->value];
                $findings[] = $weakest instanceof Clip
                    ? Finding::settle('hold.over', $id, [...$said, 'seam' => $weakest->seam, ...$holder->cures($hold, $weakest)])
                    : Finding::settle('hold.over-screws', $id, [...$said, 'rows' => Length::ofInches($hold->rowGap() / ($weakest->ratio() ?? 1.0))]);
            }
            $hardest = $hold->hardestFixed();
            if ($hardest !== null && $hardest->ratio() > 1.0 + 1e-9) {
                $findings[] = Finding::settle('hold.fixed', $hardest->panel, ['demand' => Amount::pounds($hardest->demand), 'carries' => Amount::pounds($hardest->allowable * count($hardest->at)), 'count' => count($hardest->at)]);
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, FaceHold>  $faces
     * @return list<Finding>
     */
    private function snow(array $faces, Plan $plan): array
    {
        $snow = $plan->job->part(SnowInput::class);
        $findings = match (true) {
            $snow->places === [] => [],
            $snow->psf === null => [Finding::settle('snow.no-load', 'snow')],
            default => [Finding::note('snow.estimate', 'snow')],
        };
        if ($snow->places !== [] && $snow->kindOn($plan->job->covering->profile) !== $snow->kind) {
            $findings[] = Finding::settle('snow.no-seams', 'snow', ['profile' => $plan->job->covering->profile->key]);
        }
        foreach ($snow->places as $number => $place) {
            $own = array_filter($faces[$place->face]->guards ?? [], static fn (GuardRow $row): bool => $row->place === $number);
            if ($own === []) {
                $findings[] = Finding::settle('snow.nowhere', "snow.places.$number", ['number' => $number + 1]);
            }
            $ratio = max([0.0, ...array_map(static fn (GuardRow $row): float => $row->ratio() ?? 0.0, array_values($own))]);
            if ($ratio > 1.0 + 1e-9) {
                $findings[] = Finding::settle('snow.over', "snow.places.$number", ['number' => $number + 1, 'ratio' => round($ratio, 2)]);
            }
        }

        return $findings;
    }
}
