<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\HoldDown\Carrier;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\DrillTemplate;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FaceHolder;
use Imbrex\Core\HoldDown\FixedPoint;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\Snow\GuardRow;
use Imbrex\Core\HoldDown\Spacing;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * Puts one face and all that holds it down into its wire shape.
 *
 * @phpstan-import-type HeldSchoolShape from SchoolWriter
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type HeldSeamShape array{number: int, u: float, from: float, to: float, clips: list<float>, said: string}
 * @phpstan-type HeldFaceShape array{
 *     id: string,
 *     name: string,
 *     said: string,
 *     clip: array{key: string, said: string}|null,
 *     screwsAClip: int,
 *     school: string|null,
 *     zones: list<array{zone: 'field'|'edge'|'corner', outline: list<PlanPointShape>}>,
 *     legend: list<array{zone: 'field'|'edge'|'corner', said: string}>,
 *     seams: list<HeldSeamShape>,
 *     over: list<PlanPointShape>,
 *     weakest: array{at: PlanPointShape, seam: int|null, ratio: float, said: string}|null,
 *     screws: list<PlanPointShape>,
 *     rows: list<float>,
 *     rowCounts: list<array{name: string, count: int}>,
 *     schools: list<HeldSchoolShape>,
 *     shown: int,
 *     fixed: list<PlanPointShape>,
 *     crimps: list<PlanPointShape>,
 *     guards: list<HeldGuardShape>,
 *     notes: list<string>,
 *     purlins: bool,
 *     guardRows: list<array{said: string, over: bool}>,
 *     // How stacks of sheets cut alike are drilled; those for most sheets first.
 *     templates: list<array{
 *         said: string,
 *         length: float,
 *         // Inches from the sheets' eave ends.
 *         rows: list<float>,
 *     }>,
 * }
 * @phpstan-type HeldGuardShape array{v: float, from: float, to: float, at: list<PlanPointShape>, over: bool}
 */
final readonly class HeldFaceWriter
{
    public function __construct(private SchoolWriter $schools, private FaceHeights $heights, private Words $words)
    {
    }

    /** @return HeldFaceShape */
    public function face(FaceHold $hold, Face $face, Plan $plan): array
    {
        $points = static fn (array $of): array => array_map(static fn (Clip|Screw|Point $one): array => [$one->u, $one->v], array_values($of));

        return [
            'id' => $face->id,
            'name' => $face->name,
            'said' => $this->heights->counted($hold, $face),
            'clip' => $hold->clip === null ? null : ['key' => $hold->clip->key, 'said' => $this->clip($hold, $plan)],
            'screwsAClip' => $hold->screwsAClip,
            'school' => $hold->school?->value,
            'zones' => array_map(static fn (array $zone): array => ['zone' => $zone[0]->value, 'outline' => Wire::line($zone[1])], $hold->zones->outlines()),
            'legend' => array_map(fn (WindZone $zone): array => $this->zone($zone, $hold, $plan), WindZone::cases()),
            'seams' => $this->seams($hold, $face, $plan),
            'shown' => $hold->weakest()->seam ?? $this->longest($hold->seams),
            'over' => $points($hold->over()),
            'weakest' => $this->weakest($hold, $plan),
            'screws' => $points($hold->screws),
            'rows' => $hold->rows,
            'rowCounts' => $this->rowCounts($hold),
            'fixed' => $points(array_merge(...array_map(static fn (FixedPoint $one): array => $one->at, $hold->fixed))),
            'crimps' => $hold->crimps,
            'guards' => array_map(static fn (GuardRow $row): array => [
                'v' => $row->v, 'from' => $row->from, 'to' => $row->to, 'at' => $points($row->at), 'over' => ($row->ratio() ?? 0.0) > 1.0 + 1e-9,
            ], $hold->guards),
            'guardRows' => array_map(static fn (array $row): array => ['said' => $row['said'], 'over' => $row['over']], $this->heights->guards($hold, $plan)),
            'templates' => array_map(fn (DrillTemplate $one): array => ['said' => $this->words->say('drill.stack', ['count' => count($one->panels), 'length' => Wire::tape($plan)->print($one->length)]), 'length' => $one->length, 'rows' => array_column($one->rows, 0)], DrillTemplate::of($hold, $plan->of(CuttingStage::class)->panelsOf($hold->face))),
            'notes' => $this->notes($hold, $plan),
            'purlins' => $hold->school === null,
            'schools' => $hold->school === null ? [] : $this->schools->all($hold, $face, $plan),
        ];
    }

    private function clip(FaceHold $hold, Plan $plan): string
    {
        $tape = Wire::tape($plan)->inInches();
        $clip = $hold->clip;

        return $clip === null ? '' : $this->words->say('hold.clip', ['clip' => $this->words->say("clip.$clip->key"), 'height' => $tape->print($clip->height), 'travel' => $tape->print($clip->travel), 'screws' => $hold->screwsAClip, 'screw' => $this->words->say("hold.screw.$clip->screw"), 'slip' => $clip->wantsSlipSheet ? 'yes' : 'no']);
    }

    /** @return list<HeldSeamShape> */
    private function seams(FaceHold $hold, Face $face, Plan $plan): array
    {
        $clips = [];
        foreach ($hold->clips as $clip) {
            $clips[$clip->seam][] = $clip->v;
        }
        $tape = Wire::tape($plan);

        return array_map(fn (Seam $seam): array => [
            'number' => $seam->number, 'u' => $seam->u, 'from' => $seam->stretches[0][0] ?? 0.0, 'to' => $seam->stretches[count($seam->stretches) - 1][1] ?? 0.0,
            'clips' => $clips[$seam->number] ?? [],
            'said' => $this->words->say('hold.seam-at', ['number' => $seam->number, 'off' => $tape->print($seam->u - $face->outline->bounds()->left)]),
        ], $hold->seams);
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

    /** @return HeldFaceShape['legend'][0] */
    private function zone(WindZone $zone, FaceHold $hold, Plan $plan): array
    {
        $pressures = $plan->of(HoldDownStage::class)->pressures;
        $net = $pressures?->net($zone, $hold->pitchDegrees);
        $by = Spacing::pressing($plan->job->covering, $pressures, $hold->allowable, $hold->pitchDegrees);
        $most = $hold->school === null || $net === null ? null : $by->byPressure($zone, $plan->job->covering->profile->cover);

        return ['zone' => $zone->value, 'said' => $this->words->say('hold.zone', ['zone' => $zone->value, 'pull' => $net === null ? 'none' : $this->words->measures($plan->job->units)->pressure($net), 'most' => $most === null ? 'none' : Wire::tape($plan)->inInches()->print($most, Rounding::Down)])];
    }

    /** @return HeldFaceShape['weakest'] */
    private function weakest(FaceHold $hold, Plan $plan): ?array
    {
        $weakest = $hold->weakest();
        if ($weakest === null) {
            return null;
        }
        $input = $plan->job->part(HoldDownInput::class);
        $isOwn = $weakest instanceof Clip ? $input->clipAllowable !== null : isset($input->allowables[Carrier::Screw->value], $input->allowables[Carrier::PullOver->value]);
        $seam = $weakest instanceof Clip ? $weakest->seam : null;

        return ['at' => [$weakest->u, $weakest->v], 'seam' => $seam, 'ratio' => round($weakest->ratio() ?? 0.0, 2), 'said' => $this->words->say('hold.weakest', [
            'zone' => $weakest->zone->value, 'seam' => $seam ?? 0, 'up' => Wire::tape($plan)->print($weakest->v),
            'demand' => $this->words->measures($plan->job->units)->force($weakest->demand ?? 0.0), 'allowable' => $this->words->measures($plan->job->units)->force($weakest->allowable), 'own' => $isOwn ? 'yes' : 'no',
        ])];
    }

    /** @return list<array{name: string, count: int}> rows there are screws in */
    private function rowCounts(FaceHold $hold): array
    {
        $counts = array_count_values(array_map(static fn (Screw $screw): string => $screw->row->value, $hold->screws));
        $there = array_values(array_filter(ScrewRow::cases(), static fn (ScrewRow $row): bool => ($counts[$row->value] ?? 0) > 0));

        return array_map(fn (ScrewRow $row): array => ['name' => $this->words->say("hold.row.$row->value"), 'count' => $counts[$row->value] ?? 0], $there);
    }

    /** @return list<string> what fixes the panels, what is crimped, where screws stand across a sheet */
    private function notes(FaceHold $hold, Plan $plan): array
    {
        $notes = [];
        $points = array_map(static fn (FixedPoint $one): int => count($one->at), $hold->fixed);
        if ($points !== []) {
            $notes[] = $this->words->say('hold.fixed', ['at' => $plan->job->part(HoldDownInput::class)->fixed->value, 'by' => FaceHolder::on($plan)->fixedBy()->value, 'least' => min($points), 'most' => max($points), 'same' => min($points) === max($points) ? 'yes' : 'no']);
        }
        if ($hold->crimps !== []) {
            $notes[] = $this->words->say('hold.crimps', ['count' => count($hold->crimps)]);
        }
        $profile = $plan->job->covering->profile;
        $tape = Wire::tape($plan)->inInches();
        foreach ($hold->school === null ? ['end' => $profile->endScrews, 'field' => $profile->fieldScrews] : [] as $row => $across) {
            $notes[] = $this->words->say('hold.across', ['row' => $row, 'places' => $this->words->list(array_map(static fn (float $x): string => $tape->print($profile->leftMetal + $x), $across))]);
        }

        return $notes;
    }
}
