<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Stage;
use Imbrex\Core\Survey\Internal\SurveyEffort;
use Imbrex\Core\Survey\Internal\Surveyor;

/**
 * From readings to planes one can order by.
 *
 * @implements Stage<SurveyResult>
 */
final readonly class SurveyStage implements Stage
{
    public static function needs(): array
    {
        return [];
    }

    public static function reads(): array
    {
        return [SurveyInput::class, 'edge.eave.concealed.offset', 'edge.eave.exposed.offset'];
    }

    public static function rules(): array
    {
        return SurveyRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return SurveyEffort::of($job);
    }

    public function work(Plan $plan): SurveyResult
    {
        $covering = $plan->job->covering;
        $pastEave = $covering->rules->number('edge.eave.'.($covering->profile->family->isConcealed() ? 'concealed' : 'exposed').'.offset');

        return new SurveyResult((new Surveyor($covering->rules, $pastEave))->survey($plan->job->part(SurveyInput::class)->planes));
    }
}
