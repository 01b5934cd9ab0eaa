<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FaceHolder;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Words\Words;

/**
 * The schools of spacing clips, compared on one face.
 *
 * @phpstan-type HeldSchoolShape array{
 *     key: 'uniform'|'dense'|'pressure'|'courses',
 *     name: string,
 *     how: string,
 *     said: string,
 *     ratio: float|null,
 *     over: int,
 *     chosen: bool,
 * }
 */
final readonly class SchoolWriter
{
    public function __construct(private Words $words)
    {
    }

    /** @return list<HeldSchoolShape> what each would take on this face */
    public function all(FaceHold $hold, Face $face, Plan $plan): array
    {
        $holder = FaceHolder::on($plan);
        $rules = $plan->job->covering->rules;
        $panels = $plan->of(CuttingStage::class)->panelsOf($face->id);

        return array_map(function (ClipSchool $school) use ($hold, $face, $holder, $rules, $panels): array {
            $other = $school === $hold->school ? $hold : $holder->hold($face, $panels, $school);
            $weakest = $other->weakest();

            return [
                'key' => $school->value,
                'name' => $this->words->say("hold.school.$school->value"),
                'how' => $this->words->say("hold.school-how.$school->value"),
                'said' => $this->words->say('hold.takes', [
                    'clips' => count($other->clips), 'hours' => sprintf('%.1f', count($other->clips) / $rules->number('hold.clipsAnHour')),
                    'money' => $this->words->money(count($other->clips) * ($rules->number('hold.clipMoney') + $other->screwsAClip * $rules->number('hold.screwMoney')), $rules),
                ]),
                'ratio' => $weakest === null ? null : round($weakest->ratio() ?? 0.0, 2),
                'over' => count($other->over()),
                'chosen' => $school === $hold->school,
            ];
        }, array_values(array_filter(ClipSchool::cases(), static fn (ClipSchool $school): bool => $school !== ClipSchool::Pressure || $school === $hold->school || $holder->pressures !== null)));
    }
}
