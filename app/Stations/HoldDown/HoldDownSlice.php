<?php

declare(strict_types=1);

namespace App\Stations\HoldDown;

use App\Stations\Roof\FaceWriter;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\ClipBook;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FaceHolder;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\Spacing;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;

/** What Hold-down shows: one face with its zones, clips or screws, and the schools compared. */
final readonly class HoldDownSlice
{
    public function __construct(private FaceWriter $faces, private HemTable $hems, private Words $words, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  a face; the first where null or unknown
     * @return array<string, mixed>
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $held = $plan->of(HoldDownStage::class);
        $hold = $held->faces[$pick ?? ''] ?? array_values($held->faces)[0] ?? null;
        $roof = $plan->of(RoofStage::class)->roof;
        $faces = array_values(array_filter($roof->faces, static fn (Face $face): bool => isset($held->faces[$face->id])));
        $face = $hold === null ? null : $roof->face($hold->face);

        return [
            'faces' => array_map($this->faces->face(...), $faces),
            'face' => $hold === null || $face === null ? null : $this->face($hold, $face, $plan),
            'wind' => $this->wind($held->pressures, $hold->pitchDegrees ?? 0.0, $plan),
            'zoneWidth' => $held->zoneWidth,
            'clips' => array_map(fn (string $key): array => ['key' => $key, 'name' => $this->words->say("clip.$key")], array_keys(ClipBook::shipped()->all())),
            'hems' => $face === null ? null : $this->hems->of($plan, $face->id),
            'findings' => $this->wire->findings($plan, [...$plan->findingsOf('hold-down'), ...$plan->findingsOf('movement')]),
        ];
    }

    /** @return array<string, mixed> */
    private function face(FaceHold $hold, Face $face, Plan $plan): array
    {
        $tape = Wire::tape($plan)->inInches();
        $weakest = $hold->weakest();
        $rows = array_map(static fn (Screw $screw): array => [$screw->u, $screw->v], $hold->screws);

        return [
            'id' => $face->id,
            'name' => $face->name,
            'said' => $this->words->say('hold.said', ['concealed' => $hold->school === null ? 'no' : 'yes', 'face' => $face->name, 'count' => count($hold->clips) + count($hold->screws), 'seams' => count($hold->seams), 'rows' => count($hold->rows)]),
            'clip' => $hold->clip === null ? null : ['key' => $hold->clip->key, 'said' => $this->words->say('hold.clip', ['clip' => $this->words->say("clip.{$hold->clip->key}"), 'height' => $tape->print($hold->clip->height), 'travel' => $tape->print($hold->clip->travel), 'screws' => $hold->screwsAClip, 'screw' => $this->words->say("hold.screw.{$hold->clip->screw}"), 'slip' => $hold->clip->wantsSlipSheet ? 'yes' : 'no'])],
            'screwsAClip' => $hold->screwsAClip,
            'school' => $hold->school?->value,
            'zones' => array_map(static fn (array $zone): array => ['zone' => $zone[0]->value, 'outline' => Wire::line($zone[1])], $hold->zones->outlines()),
            'legend' => array_map(fn (WindZone $zone): array => $this->zone($zone, $hold, $plan), WindZone::cases()),
            'seams' => array_map(static fn (Seam $seam): array => [
                'number' => $seam->number, 'u' => $seam->u, 'from' => $seam->stretches[0][0] ?? 0.0, 'to' => $seam->stretches[count($seam->stretches) - 1][1] ?? 0.0,
                'clips' => array_values(array_map(static fn (Clip $clip): float => $clip->v, array_filter($hold->clips, static fn (Clip $clip): bool => $clip->seam === $seam->number))),
            ], $hold->seams),
            'shown' => $weakest->seam ?? $this->longest($hold->seams),
            'over' => array_values(array_map(static fn (Clip $clip): array => [$clip->u, $clip->v], array_filter($hold->clips, static fn (Clip $clip): bool => ($clip->ratio() ?? 0.0) > 1.0 + 1e-9))),
            'weakest' => $weakest === null ? null : ['at' => [$weakest->u, $weakest->v], 'seam' => $weakest->seam, 'ratio' => round($weakest->ratio() ?? 0.0, 2), 'said' => $this->words->say('hold.weakest', ['zone' => $weakest->zone->value, 'seam' => $weakest->seam, 'up' => Wire::tape($plan)->print($weakest->v), 'demand' => round($weakest->demand ?? 0.0), 'allowable' => round($weakest->allowable), 'own' => $plan->job->part(HoldDownInput::class)->clipAllowable === null ? 'no' : 'yes'])],
            'screws' => $rows,
            'rows' => $hold->rows,
            'rowCounts' => array_map(fn (ScrewRow $row): array => ['name' => $this->words->say("hold.row.$row->value"), 'count' => count(array_filter($hold->screws, static fn (Screw $screw): bool => $screw->row === $row))], $hold->screws === [] ? [] : ScrewRow::cases()),
            'schools' => $hold->school === null ? [] : $this->schools($hold, $face, $plan),
        ];
    }

    /**
     * The seam to begin with.
     *
     * @param  list<Seam>  $seams
     */
    private function longest(array $seams): int
    {
        $longest = [0, -1.0];
        foreach ($seams as $seam) {
            $long = array_sum(array_map(static fn (array $stretch): float => $stretch[1] - $stretch[0], $seam->stretches));
            $longest = $long > $longest[1] + 1e-6 ? [$seam->number, $long] : $longest;
        }

        return $longest[0];
    }

    /** @return array<string, mixed> */
    private function zone(WindZone $zone, FaceHold $hold, Plan $plan): array
    {
        $pressures = $plan->of(HoldDownStage::class)->pressures;
        $net = $pressures?->net($zone, $hold->pitchDegrees);
        $by = new Spacing(ClipSchool::Pressure, $plan->job->covering->rules, $pressures, $hold->allowable, $hold->pitchDegrees, 0.0);
        $most = $hold->school === null || $net === null ? null : $by->byPressure($zone, $plan->job->covering->profile->cover);

        return ['zone' => $zone->value, 'said' => $this->words->say('hold.zone', ['zone' => $zone->value, 'psf' => $net === null ? 'none' : sprintf('%.1f', $net), 'most' => $most === null ? 'none' : Wire::tape($plan)->inInches()->print($most)])];
    }

    /** @return list<array<string, mixed>> what each school would take on this face */
    private function schools(FaceHold $hold, Face $face, Plan $plan): array
    {
        $holder = new FaceHolder($plan);
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
                    'money' => sprintf('%.0f', count($other->clips) * ($rules->number('hold.clipMoney') + $other->screwsAClip * $rules->number('hold.screwMoney'))),
                ]),
                'ratio' => $weakest === null ? null : round($weakest->ratio() ?? 0.0, 2),
                'over' => $other->over(),
                'chosen' => $school === $hold->school,
            ];
        }, array_values(array_filter(ClipSchool::cases(), static fn (ClipSchool $school): bool => $school !== ClipSchool::Pressure || $school === $hold->school || $holder->pressures !== null)));
    }

    /** @return array<string, mixed> what pulls, and every factor of an estimate */
    private function wind(?Pressures $pressures, float $pitchDegrees, Plan $plan): array
    {
        $estimate = $pressures?->estimate;
        $said = [];
        if ($estimate !== null) {
            $said[] = $this->words->say('hold.q', ['kz' => sprintf('%.3f', $estimate->kz()), 'kzt' => sprintf('%.2f', $estimate->kzt), 'kd' => sprintf('%.2f', $estimate->kd()), 'mph' => sprintf('%.0f', $estimate->mph), 'q' => sprintf('%.2f', $estimate->velocityPressure())]);
            foreach (WindZone::cases() as $zone) {
                $said[] = $this->words->say('hold.net', ['zone' => $zone->value, 'suction' => sprintf('%.1f', $estimate->suction($zone, $pitchDegrees)), 'internal' => sprintf('%.2f', $estimate->internal()), 'psf' => sprintf('%.2f', $pressures->net($zone, $pitchDegrees))]);
            }
            $said[] = $this->words->say('hold.height', ['feet' => sprintf('%.1f', $estimate->meanHeightFeet), 'table' => $estimate->label()]);
        }

        return ['kind' => $pressures === null ? 'none' : ($pressures->isEstimate() ? 'estimate' : 'given'), 'factors' => $said, 'feet' => $estimate === null ? null : round($estimate->meanHeightFeet, 1)];
    }
}
