<?php

declare(strict_types=1);

namespace Imbrex\Stations\Survey;

use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\InAll;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Comparison;
use Imbrex\Core\Survey\Miss;
use Imbrex\Core\Survey\OldPanels;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Squareness;
use Imbrex\Core\Survey\SquareTriangle;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Core\Survey\SurveyStage;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;
use stdClass;

/**
 * What Survey shows: every measured plane with what its readings come to, and which planes still want a tape.
 *
 * @phpstan-import-type ReadingSourceShape from Wire
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanOutlineShape from Wire
 *
 * @phpstan-type ComparisonShape array{
 *     reading: string,
 *     value: float,
 *     source: ReadingSourceShape,
 *     at: float,
 *     time: string|null,
 *     miss: float,
 *     tolerance: float,
 *     agrees: bool,
 *     adopted: bool,
 *     // As it was read, to an old panel's end past the deck's edge; null where its low end touched that edge.
 *     taped: float|null,
 * }
 * @phpstan-type AdoptionShape array{
 *     value: float,
 *     source: ReadingSourceShape,
 *     spread: float,
 *     comparisons: list<ComparisonShape>,
 * }
 * @phpstan-type SquarenessShape array{
 *     skewDegrees: float,
 *     runOut: float,
 *     perFoot: float,
 *     left: float,
 *     right: float,
 *     ridgeRise: float,
 *     hidden: bool,
 * }
 * @phpstan-type ExtraSchoolShape array{
 *     school: 'risk'|'fixed'|'in-all',
 *     extra: float,
 *     // In the currency of the job's rules.
 *     metalMoney: string,
 *     riskMoney: string,
 *     chosen: bool,
 *     // What becomes of what that school adds, in words; null for the others.
 *     inAll: string|null,
 * }
 * @phpstan-type SurveyPlaneShape array{
 *     id: string,
 *     name: string,
 *     riseIn12: float|null,
 *     outline: PlanOutlineShape|null,
 *     edges: list<EdgeKindShape>,
 *     adoptions: array<string, AdoptionShape>|stdClass,
 *     squareness: SquarenessShape|null,
 *     misses: list<array{reading: string, inches: float}>,
 *     culprit: string|null,
 *     sigma: float,
 *     taped: bool,
 *     // Names of readings: eave, along-2, between-0-3.
 *     tapeNext: list<string>,
 *     triangle: array{alongEave: float, upRake: float, across: float}|null,
 *     extras: list<ExtraSchoolShape>,
 *     findings: list<PlanFindingShape>,
 *     shape: 'rectangle'|'trapezoid'|'triangle'|'parallelogram'|'ell'|'free',
 *     corners: int,
 *     // What is replaced and what replaces it, in words; null where nobody said.
 *     old: string|null,
 * }
 * @phpstan-type SurveyProgressShape array{planes: int, wanting: list<string>, missing: list<string>}
 * @phpstan-type SurveySliceShape array{planes: list<SurveyPlaneShape>, progress: SurveyProgressShape}
 */
final readonly class SurveySlice
{
    public function __construct(private Wire $wire, private Words $words)
    {
    }

    /** @return SurveySliceShape */
    public function of(Plan $plan): array
    {
        return [
            'planes' => array_map(fn (PlaneSurvey $s): array => $this->plane($plan, $s), $plan->of(SurveyStage::class)->surveys),
            'progress' => $this->progress($plan),
        ];
    }

    /** @return SurveyPlaneShape */
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
            'squareness' => $survey->squareness === null ? null : self::squareness($survey->squareness),
            'misses' => array_map(static fn (Miss $m): array => ['reading' => $m->reading->id, 'inches' => $m->inches], $survey->misses),
            'culprit' => $survey->culprit?->id,
            'sigma' => $survey->lengthSigma,
            'taped' => $survey->taped,
            'tapeNext' => $survey->tapeNext,
            'triangle' => $triangle === null ? null : ['alongEave' => $triangle->alongEave, 'upRake' => $triangle->upRake, 'across' => $triangle->across],
            'extras' => $survey->outline === null ? [] : $this->extras($plan, $survey),
            'old' => $survey->plane->old === null || $bounds === null ? null : $this->old($plan, $survey->plane->old, $bounds->width()),
            'findings' => $this->wire->findings($plan, array_values(array_filter([...$plan->findingsOf('survey'), ...$plan->findingsOf('roof')], static fn (Finding $f): bool => $f->where === $id))),
        ];
    }

    /** @return list<ExtraSchoolShape> the schools of how much longer to order, with what is at stake */
    private function extras(Plan $plan, PlaneSurvey $survey): array
    {
        $face = $plan->of(RoofStage::class)->roof->face($survey->plane->id);
        $tape = Wire::tape($plan)->inInches();

        return array_map(fn (ExtraSchool $e): array => [
            'school' => $e->school,
            'extra' => $e->extra,
            'metalMoney' => $this->words->money($e->metalMoney, $plan->job->rules),
            'riskMoney' => $this->words->money($e->riskMoney, $plan->job->rules),
            'chosen' => $e->chosen,
            'inAll' => $e->inAll === null ? null : $this->words->say('extra.in-all-is', [
                'added' => $tape->print($e->inAll->added),
                'past' => $tape->print($e->inAll->past),
                'low' => $e->inAll->toOldPanel ? 'old' : 'deck',
                'hems' => $tape->print($e->inAll->hems),
                'head' => $e->inAll->head === 0.0 ? 'none' : ($e->inAll->head > 0.0 ? 'past' : 'back'),
                'atHead' => $tape->print(abs($e->inAll->head)),
                'spare' => $tape->print(abs($e->inAll->spare())),
                'left' => $e->inAll->spare() > Tolerance::LENGTH ? 'some' : ($e->inAll->spare() < -Tolerance::LENGTH ? 'short' : 'none'),
            ]),
        ], ExtraSchool::compare($survey->lengthSigma, 1, $plan->job->rules, $face === null ? null : InAll::on($plan, $face)));
    }

    /** What was there and what replaces it, in words. */
    private function old(Plan $plan, OldPanels $old, float $width): string
    {
        $tape = Wire::tape($plan)->inInches();
        $profile = $plan->job->covering->profile;

        return $this->words->say('survey.old-and-new', [
            'old' => $old->count($width),
            'cover' => $tape->print($old->cover),
            'seams' => $old->seamHeight === null ? 'none' : 'some',
            'height' => $old->seamHeight === null ? '' : $tape->print($old->seamHeight),
            'new' => OldPanels::over($width, $profile->cover),
            'newCover' => $tape->print($profile->cover),
            'differ' => abs($old->cover - $profile->cover) > Tolerance::LENGTH ? 'yes' : 'no',
        ]);
    }

    /** @return SquarenessShape */
    private static function squareness(Squareness $square): array
    {
        return [
            'skewDegrees' => $square->skewDegrees, 'runOut' => $square->runOut, 'perFoot' => $square->perFoot,
            'left' => $square->left, 'right' => $square->right, 'ridgeRise' => $square->ridgeRise, 'hidden' => $square->hidden,
        ];
    }

    /** @return AdoptionShape */
    private function adoption(Adoption $adoption): array
    {
        return [
            'value' => $adoption->value,
            'source' => $adoption->source->value,
            'spread' => $adoption->spread,
            'comparisons' => array_map(static fn (Comparison $c): array => [
                'reading' => $c->reading->id,
                'value' => $c->reading->value,
                'taped' => $c->reading->toOldPanel ? $c->reading->value + $c->reading->past : null,
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
