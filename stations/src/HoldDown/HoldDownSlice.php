<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\HoldDown\Carrier;
use Imbrex\Core\HoldDown\ClipBook;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FaceHolder;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\Snow\GuardedPlace;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Roof\FaceWriter;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * What Hold-down shows: one face with all that holds it, what pulls and what slides.
 *
 * @phpstan-import-type HeldFaceShape from HeldFaceWriter
 * @phpstan-import-type PlanFaceShape from FaceWriter
 * @phpstan-import-type PlanFindingShape from Wire
 *
 * @phpstan-type HoldDownSliceShape array{
 *     faces: list<PlanFaceShape>,
 *     face: HeldFaceShape|null,
 *     wind: array{kind: 'none'|'estimate'|'given', factors: list<string>, feet: float|null},
 *     zoneWidth: float,
 *     clips: list<array{key: string, name: string}>,
 *     findings: list<PlanFindingShape>,
 *     snow: array{
 *         said: list<string>,
 *         places: list<string>,
 *         kinds: list<'pads'|'rail'>,
 *         psf: float|null,
 *         kind: 'pads'|'rail',
 *     },
 *     allowables: list<array{
 *         key: 'slot'|'screw'|'pullOver'|'fixedScrew'|'rivet'|'pad'|'clamp',
 *         name: string,
 *         pounds: float,
 *         own: bool,
 *     }>,
 *     fix: 'screws'|'rivets'|'slot',
 * }
 */
final readonly class HoldDownSlice
{
    public function __construct(private FaceWriter $faces, private HeldFaceWriter $held, private FaceHeights $heights, private Words $words, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  a face; the first where null or unknown
     * @return HoldDownSliceShape
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
            'face' => $hold === null || $face === null ? null : $this->held->face($hold, $face, $plan),
            'wind' => $this->wind($held->pressures, $hold->pitchDegrees ?? 0.0, $plan),
            'zoneWidth' => $held->zoneWidth,
            'clips' => array_map(fn (string $key): array => ['key' => $key, 'name' => $this->words->say("clip.$key")], array_keys(ClipBook::shipped()->all())),
            'snow' => $this->snow($plan, $hold),
            'allowables' => $hold === null ? [] : $this->allowables($plan, $hold),
            'fix' => FaceHolder::on($plan)->fixedBy()->value,
            'findings' => $this->wire->findings($plan, [...$plan->findingsOf('hold-down'), ...$plan->findingsOf('movement')]),
        ];
    }

    /** @return HoldDownSliceShape['wind'] what pulls, and every factor of an estimate */
    private function wind(?Pressures $pressures, float $pitchDegrees, Plan $plan): array
    {
        $estimate = $pressures?->estimate;
        $said = [];
        if ($estimate !== null) {
            $loads = $this->words->measures($plan->job->units);
            $said[] = $this->words->say('hold.q', ['units' => $plan->job->units->value, 'kz' => sprintf('%.3f', $estimate->kz()), 'kzt' => sprintf('%.2f', $estimate->kzt), 'kd' => sprintf('%.2f', $estimate->kd()), 'wind' => $loads->speed($estimate->mph), 'q' => $loads->pressure($estimate->velocityPressure(), 2)]);
            foreach (WindZone::cases() as $zone) {
                $said[] = $this->words->say('hold.net', ['zone' => $zone->value, 'suction' => sprintf('%.1f', $estimate->suction($zone, $pitchDegrees)), 'internal' => sprintf('%.2f', $estimate->internal()), 'pull' => $loads->pressure($pressures->net($zone, $pitchDegrees), 2)]);
            }
            $said[] = $this->words->say('hold.height', ['height' => $loads->run($estimate->meanHeightFeet, 1), 'table' => $estimate->label()]);
        }

        return ['kind' => $pressures === null ? 'none' : ($pressures->isEstimate() ? 'estimate' : 'given'), 'factors' => $said, 'feet' => $estimate === null ? null : round($estimate->meanHeightFeet, 1)];
    }

    /** @return HoldDownSliceShape['snow'] */
    private function snow(Plan $plan, ?FaceHold $hold): array
    {
        $snow = $plan->job->part(SnowInput::class);
        $tape = Wire::tape($plan);
        $roof = $plan->of(RoofStage::class)->roof;
        $hardest = $hold?->hardestFixed();
        $said = [];
        if ($hold !== null && $hold->guards !== []) {
            $loads = $this->words->measures($plan->job->units);
            $load = array_sum(array_map(static fn ($row): float => $row->load ?? 0.0, $hold->guards));
            $said[] = $this->words->say('snow.said', ['rows' => count($this->heights->guards($hold, $plan)), 'guards' => array_sum(array_map(static fn ($row): int => count($row->at), $hold->guards)), 'kind' => $snow->kindOn($plan->job->covering->profile)->value, 'load' => $snow->psf === null ? 'none' : $loads->force($load)]);
            if ($hardest !== null) {
                $said[] = $this->words->say('snow.head', ['demand' => $loads->force($hardest->demand), 'count' => count($hardest->at), 'carries' => $loads->force($hardest->allowable * count($hardest->at))]);
            }
        }

        return [
            'said' => $said,
            'places' => array_map(fn (GuardedPlace $place): string => $this->words->say('snow.place', ['below' => $this->words->say("snow.for.{$place->for->value}"), 'face' => $roof->face($place->face)->name ?? $place->face, 'from' => $tape->print($place->from), 'to' => $tape->print($place->to)]), $snow->places),
            'kinds' => $plan->job->covering->profile->family->isConcealed() ? array_map(static fn (GuardKind $kind): string => $kind->value, GuardKind::cases()) : [GuardKind::Pads->value],
            'kind' => $snow->kindOn($plan->job->covering->profile)->value,
            'psf' => $snow->psf,
        ];
    }

    /** @return HoldDownSliceShape['allowables'] what besides a clip carries something here, by the product's test report or as an example */
    private function allowables(Plan $plan, FaceHold $hold): array
    {
        $holder = FaceHolder::on($plan);
        $guard = $plan->job->part(SnowInput::class)->kindOn($plan->job->covering->profile) === GuardKind::Rail ? Carrier::Clamp : Carrier::Pad;
        $here = match ($plan->job->covering->profile->hold->kind) {
            HoldKind::Screws => [Carrier::Screw, Carrier::PullOver, Carrier::Pad],
            default => [$holder->fixedBy()->carrier(), $guard],
        };
        $own = $plan->job->part(HoldDownInput::class)->allowables;

        return array_map(fn (Carrier $what): array => ['key' => $what->value, 'name' => $this->words->say("carrier.$what->value"), 'pounds' => $holder->carries($what, $hold->face), 'own' => isset($own[$what->value])], $here);
    }
}
