<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Stage;
use Imbrex\Core\Survey\SurveyStage;

/**
 * Faces and edges, from blocks, from measured planes, or from both.
 *
 * @implements Stage<RoofResult>
 */
final readonly class RoofStage implements Stage
{
    public static function rules(): array
    {
        return RoofRules::all();
    }

    public static function effort(Job $job): array
    {
        return RoofEffort::of($job);
    }

    public function work(Plan $plan): RoofResult
    {
        $input = $plan->job->part(RoofInput::class);
        $built = (new RoofBuilder($plan->job->rules))->build($plan->of(SurveyStage::class)->surveys, $input->blocks, $input->openings);
        $roof = (new CrossBuilder($plan->job->covering))->build($built);

        return new RoofResult(
            $roof,
            (new Checker($plan->job->rules))->check($roof, $input->blocks, $input->checks),
            [...(new SkylightChecker($plan->job->covering))->check($roof, $input->decks), ...(new OpeningChecker($plan->job->rules))->check($roof)],
        );
    }
}
