<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\StageResult;

final readonly class SurveyResult implements StageResult
{
    /** @param  list<PlaneSurvey>  $surveys  in the order of the job's planes */
    public function __construct(public array $surveys)
    {
    }

    public function findings(): array
    {
        return array_merge(...array_map(static fn (PlaneSurvey $s): array => $s->findings, $this->surveys));
    }

    public function of(string $plane): ?PlaneSurvey
    {
        foreach ($this->surveys as $survey) {
            if ($survey->plane->id === $plane) {
                return $survey;
            }
        }

        return null;
    }

    /** Whether the length panels of a plane are ordered by was taped to the old panel's end. */
    public function isToOldPanel(string $plane): bool
    {
        $adoption = $this->of($plane)->adoptions[Quantity::EaveToRidge->value] ?? null;
        foreach ($adoption->comparisons ?? [] as $comparison) {
            if ($comparison->adopted) {
                return $comparison->reading->toOldPanel;
            }
        }

        return false;
    }

    /** Standard deviation of the length panels of a plane are ordered by, inches; 0 where nothing was measured. */
    public function sigma(string $plane): float
    {
        return $this->of($plane)->lengthSigma ?? 0.0;
    }
}
