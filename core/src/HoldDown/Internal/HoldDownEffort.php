<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Effort;
use Imbrex\Core\HoldDown\Carrier;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\PurlinLines;
use Imbrex\Core\HoldDown\Snow\GuardedPlace;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\HoldDown\Spacing;
use Imbrex\Core\HoldDown\WindEstimate;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Job;
use Imbrex\Core\Roof\ExpectedFace;

/** What holding down asks beyond the usual: a plain panel's own fasteners are in its step; rows or clips set very close are not. */
final class HoldDownEffort
{
    /** So many a panel are usual, and of a long one so many an inch. */
    private const USUAL = 40.0;

    private const AN_INCH = 0.35;

    /** A panel in clips has one leg of them, 16 in apart where they stand as usual. */
    private const USUAL_CLIPS = 24.0;

    private const CLIPS_AN_INCH = 0.06;

    /** lb a clip holds at least by the examples, degrees of a pitch as pressures go by: what is asked is told before any roof is made. */
    private const WEAK = 90.0;

    private const PITCH = 18.4;

    /** To place one and load it; and what of it stays in memory, in pieces. */
    private const ONE = 0.1;

    private const KEPT = 0.025;

    /** To place a guard and load it. */
    private const A_GUARD = 0.1;

    private const SQUARE_FOOT = 144.0;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        $more = 0.0;
        foreach (ExpectedFace::of($job) as $face) {
            $more += ceil($face->across / 2.0 / $job->covering->profile->cover) * max(0.0, self::aPanel($job, $face->height) - self::usual($job, $face->height));
        }

        $guards = self::guards($job);

        return [
            ...($more <= 0.0 ? [] : [new Effort($more * self::ONE, 'holdDown', 'fasteners', (int) $more, $more * self::KEPT)]),
            ...($guards <= 0.0 ? [] : [new Effort($guards * self::A_GUARD, 'snow', 'fasteners', (int) $guards, $guards * self::KEPT)]),
        ];
    }

    /** Snow guards: as many rows as what lies above asks of the least they may hold, as far as there is room for them; every row has one a seam. */
    private static function guards(Job $job): float
    {
        $snow = $job->part(SnowInput::class);
        $profile = $job->covering->profile;
        $rules = $job->covering->rules;
        $faces = ExpectedFace::of($job);
        $height = max([0.0, ...array_map(static fn (ExpectedFace $face): float => $face->height, $faces)]);
        $wide = max([0.0, ...array_map(static fn (ExpectedFace $face): float => $face->width, $faces)]);
        $isRail = $snow->kindOn($profile) === GuardKind::Rail;
        $each = $job->part(HoldDownInput::class)->allowables[$isRail ? Carrier::Clamp->value : Carrier::Pad->value] ?? self::WEAK;
        $pads = $isRail ? 1.0 : $rules->number('snow.pads');
        $asked = ($snow->psf ?? 0.0) * $height * $profile->cover / self::SQUARE_FOOT * sin(deg2rad(self::PITCH)) / ($each * $pads);
        $rows = min(max(1.0, ceil($asked)), max(1.0, $height / $rules->number('snow.apart')));
        $across = array_sum(array_map(static fn (GuardedPlace $place): float => max(0.0, min($wide, $place->to) - $place->from), $snow->places));

        return $across / $profile->cover * $rows * $pads;
    }

    /** @param  float  $long  inches */
    private static function usual(Job $job, float $long): float
    {
        return $job->covering->profile->family->isConcealed() ? max(self::USUAL_CLIPS, self::CLIPS_AN_INCH * $long) : max(self::USUAL, self::AN_INCH * $long);
    }

    /**
     * How far apart clips stand in the field of a roof somewhere held by pressure.
     *
     * @param  list<HoldWish>  $wishes
     * @return list<float> inches; none where nothing is
     */
    private static function pressed(Job $job, array $wishes): array
    {
        $input = $job->part(HoldDownInput::class);
        $schools = array_map(static fn (HoldWish $wish): ?ClipSchool => $wish->school, $wishes);
        if (! in_array(ClipSchool::Pressure, [...$schools, ClipSchool::from($job->covering->rules->choice('hold.school'))], true)) {
            return [];
        }
        $pressures = match (true) {
            $input->pressures !== null => Pressures::given($input->pressures),
            $input->estimate !== null => Pressures::estimated(new WindEstimate($input->estimate->exposure, $input->estimate->mph, $input->estimate->meanHeightFeet ?? WindEstimate::HIGHEST, $input->estimate->kzt)),
            default => null,
        };

        return [Spacing::pressing($job->covering, $pressures, $input->clipAllowable ?? self::WEAK, self::PITCH)->byPressure(WindZone::Field, $job->covering->profile->cover)];
    }

    /** @param  float  $long  inches */
    private static function aPanel(Job $job, float $long): float
    {
        $rules = $job->covering->rules;
        $profile = $job->covering->profile;
        $input = $job->part(HoldDownInput::class);
        $wishes = [$input->usual, ...array_values($input->faces)];
        $said = array_filter(array_map(static fn (HoldWish $wish): ?float => $wish->spacing, $wishes), static fn (?float $spacing): bool => $spacing !== null);
        if (! $profile->family->isConcealed()) {
            $purlins = array_filter(array_map(static fn (HoldWish $wish): ?PurlinLines => $wish->purlins, $wishes));
            $rows = max([$long / min([...$said, $rules->number('hold.rows')]), ...array_map(static fn (PurlinLines $lines): float => (float) count($lines->between(0.0, $long)), array_values($purlins))]);

            return count($profile->fieldScrews) * $rows + 2.0 * count($profile->endScrews) + ($profile->stitchSpacing > 0.0 ? $long / $profile->stitchSpacing : 0.0);
        }

        return $long / min([...$said, $rules->number('hold.uniform'), $rules->number('hold.slots'), ...self::pressed($job, $wishes)]);
    }
}
