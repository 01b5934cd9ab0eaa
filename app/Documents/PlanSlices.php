<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Findings\Severity;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stages;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Comparison;
use Imbrex\Core\Survey\Miss;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\SquareTriangle;
use Imbrex\Core\Survey\SurveyStage;

/** The plan as each station wants it: a slice, never the whole. */
final readonly class PlanSlices
{
    public const STATIONS = ['overview', 'survey', 'roof', 'layout', 'crew', 'cuts', 'load-out'];

    public function __construct(private PlanWriter $writer)
    {
    }

    /**
     * @param  string|null  $pick  a face in Layout, a panel in Cuts; the first where null or unknown
     * @return array<string, mixed>
     */
    public function slice(Plan $plan, string $station, ?string $pick): array
    {
        return match ($station) {
            'survey' => $this->survey($plan),
            'roof' => (new RoofSlice($this->writer))->of($plan),
            'layout' => (new LayoutSlice($this->writer))->of($plan, $pick),
            'crew' => (new LayoutSlice($this->writer))->crew($plan, $pick),
            'cuts' => (new CutsSlice($this->writer))->of($plan, $pick),
            'load-out' => $this->loadOut($plan),
            default => $this->overview($plan),
        };
    }

    /** @return array<string, mixed> how far each station is: counts for the words on its tile */
    private function overview(Plan $plan): array
    {
        $readings = array_sum(array_map(static fn (PlaneSurvey $s): int => count($s->plane->readings), $plan->of(SurveyStage::class)->surveys));
        $state = fn (string $stage, bool $begun): string => match (true) {
            ! $begun => 'not-begun',
            $this->open($plan, $stage) > 0 => 'to-settle',
            default => 'done',
        };
        $hasFaces = $plan->of(RoofStage::class)->roof->faces !== [];

        return [
            'survey' => ['state' => $state('survey', $readings > 0 || $hasFaces), 'readings' => $readings, 'open' => $this->open($plan, 'survey')],
            'roof' => ['state' => $state('roof', $hasFaces), 'faces' => count($plan->of(RoofStage::class)->roof->faces), 'edges' => count($plan->of(RoofStage::class)->roof->edges), 'open' => $this->open($plan, 'roof')],
            'layout' => ['state' => $state('layout', $hasFaces), 'faces' => count($plan->of(RoofStage::class)->roof->faces), 'open' => $this->open($plan, 'layout')],
            'cuts' => ['state' => $state('cutting', $hasFaces), 'pieces' => count($plan->of(CuttingStage::class)->panels), 'open' => $this->open($plan, 'cutting')],
            'loadOut' => ['state' => $hasFaces ? (LoadOutStage::mayBeOrdered($plan) ? 'done' : 'to-settle') : 'not-begun', 'lines' => count($plan->of(LoadOutStage::class)->order->lines), 'open' => count(array_filter($plan->findings(), static fn (Finding $f): bool => $f->severity === Severity::Block))],
        ];
    }

    /** @param  key-of<Stages::IN_ORDER>  $stage */
    private function open(Plan $plan, string $stage): int
    {
        return count(array_filter($plan->findingsOf($stage), static fn (Finding $f): bool => $f->severity !== Severity::Note));
    }

    /** @return array<string, mixed> */
    private function survey(Plan $plan): array
    {
        return [
            'planes' => array_map(fn (PlaneSurvey $s): array => $this->plane($plan, $s), $plan->of(SurveyStage::class)->surveys),
            'progress' => (new RoofSlice($this->writer))->progress($plan),
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
            'outline' => $survey->outline === null ? null : PlanWriter::outline($survey->outline),
            'edges' => array_map(static fn ($kind): string => $kind->value, $survey->plane->edgeKinds()),
            'adoptions' => (object) array_map($this->adoption(...), $survey->adoptions),
            'squareness' => $survey->squareness,
            'misses' => array_map(static fn (Miss $m): array => ['reading' => $m->reading->id, 'inches' => $m->inches], $survey->misses),
            'culprit' => $survey->culprit?->id,
            'sigma' => $survey->lengthSigma,
            'taped' => $survey->taped,
            'tapeNext' => $survey->tapeNext,
            'triangle' => $triangle,
            'extras' => $survey->outline === null ? [] : array_map(static fn (ExtraSchool $e): array => (array) $e, ExtraSchool::compare($survey->lengthSigma, 1, $plan->job->rules)),
            'findings' => $this->writer->findings($plan, array_values(array_filter([...$plan->findingsOf('survey'), ...$plan->findingsOf('roof')], static fn (Finding $f): bool => $f->where === $id))),
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

    /** @return array<string, mixed> */
    private function loadOut(Plan $plan): array
    {
        $system = $plan->job->covering;

        return [
            'system' => ['profile' => $system->profile->key, 'cover' => $system->profile->cover, 'material' => $system->material->key, 'gauge' => $system->gauge, 'concealed' => $system->profile->family->isConcealed(), 'representative' => $system->profile->representative],
            'order' => $this->writer->order($plan->of(LoadOutStage::class)->order),
            'pairing' => $this->writer->pairing($plan),
            'mayBeOrdered' => LoadOutStage::mayBeOrdered($plan),
            'findings' => $this->writer->findings($plan, array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->severity !== Severity::Note || $f->stage === null))),
        ];
    }
}
