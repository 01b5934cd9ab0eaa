<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Stations\Wire;
use App\Words\Money;
use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Comparison;
use Imbrex\Core\Survey\Miss;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\SquareTriangle;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Core\Survey\SurveyStage;

/** What Survey shows: every measured plane with what its readings come to, and which planes still want a tape. */
final readonly class SurveySlice
{
    public function __construct(private Wire $wire)
    {
    }

    /** @return array<string, mixed> */
    public function of(Plan $plan): array
    {
        return [
            'planes' => array_map(fn (PlaneSurvey $s): array => $this->plane($plan, $s), $plan->of(SurveyStage::class)->surveys),
            'progress' => $this->progress($plan),
        ];
    }

    /** @return array<string, mixed> */
    private function plane(Plan $plan, PlaneSurvey $survey): array
    {
        $id = $survey->plane->id;
        $bounds = $survey->outline?->bounds();
        $triangle = $bounds === null ? null : SquareTriangle::largestIn($bounds->width(), $bounds->height());

        return [
            'id' => $id,
            'name' => $survey->plane->name,
            'shape' => $survey->plane->shape->value,
            'corners' => $survey->plane->cornerCount(),
            'riseIn12' => $survey->riseIn12,
            'outline' => $survey->outline === null ? null : Wire::outline($survey->outline),
            'edges' => array_map(static fn ($kind): string => $kind->value, $survey->plane->edgeKinds($plan->job->part(SurveyInput::class)->planes)),
            'adoptions' => (object) array_map($this->adoption(...), $survey->adoptions),
            'squareness' => $survey->squareness,
            'misses' => array_map(static fn (Miss $m): array => ['reading' => $m->reading->id, 'inches' => $m->inches], $survey->misses),
            'culprit' => $survey->culprit?->id,
            'sigma' => $survey->lengthSigma,
            'taped' => $survey->taped,
            'tapeNext' => $survey->tapeNext,
            'triangle' => $triangle,
            'extras' => $survey->outline === null ? [] : array_map(static fn (ExtraSchool $e): array => [...(array) $e, 'metalMoney' => Money::print($e->metalMoney, $plan->job->rules), 'riskMoney' => Money::print($e->riskMoney, $plan->job->rules)], ExtraSchool::compare($survey->lengthSigma, 1, $plan->job->rules)),
            'findings' => $this->wire->findings($plan, array_values(array_filter([...$plan->findingsOf('survey'), ...$plan->findingsOf('roof')], static fn (Finding $f): bool => $f->where === $id))),
        ];
    }

    /** @return array<string, mixed> */
    private function adoption(Adoption $adoption): array
    {
        return [
            'value' => $adoption->value,
            'source' => $adoption->source->value,
            'spread' => $adoption->spread,
            'comparisons' => array_map(static fn (Comparison $c): array => [
                'reading' => $c->reading->id,
                'value' => $c->reading->value,
                'source' => $c->reading->source->value,
                'at' => $c->reading->at,
                'time' => $c->reading->time,
                'miss' => $c->miss,
                'tolerance' => $c->tolerance,
                'agrees' => $c->agrees,
                'adopted' => $c->adopted,
            ], $adoption->comparisons),
        ];
    }

    /** @return array{planes: int, wanting: list<string>, missing: list<string>} which planes of the whole building still want a tape */
    private function progress(Plan $plan): array
    {
        $missing = [];
        $wanting = $plan->of(RoofStage::class)->checks->wanting;
        foreach ($plan->of(SurveyStage::class)->surveys as $survey) {
            if ($plan->of(RoofStage::class)->roof->face($survey->plane->id) === null) {
                $missing[] = $survey->plane->id;
            } elseif (! $survey->taped) {
                $wanting[] = $survey->plane->id;
            }
        }

        return [
            'planes' => count($plan->of(SurveyStage::class)->surveys) + count(array_filter($plan->of(RoofStage::class)->roof->faces, static fn (Face $f): bool => $f->block !== null)),
            'wanting' => $wanting,
            'missing' => $missing,
        ];
    }
}
