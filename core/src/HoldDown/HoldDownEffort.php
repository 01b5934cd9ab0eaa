<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Roof\ExpectedFace;

/** What holding down asks beyond the usual: a plain panel's own fasteners are in its step; rows or clips set very close are not. */
final class HoldDownEffort
{
    /** So many a panel are usual, and of a long one so many an inch. */
    private const USUAL = 40.0;

    private const AN_INCH = 0.35;

    /** To place one and load it; and what of it stays in memory, in pieces. */
    private const ONE = 0.1;

    private const KEPT = 0.025;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        $more = 0.0;
        foreach (ExpectedFace::of($job) as $face) {
            $more += ceil($face->across / 2.0 / $job->covering->profile->cover) * max(0.0, self::aPanel($job, $face->height) - max(self::USUAL, self::AN_INCH * $face->height));
        }

        return $more <= 0.0 ? [] : [new Effort($more * self::ONE, 'holdDown', 'fasteners', (int) $more, $more * self::KEPT)];
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

        return $long / min([...$said, $rules->number('hold.uniform'), $rules->number('hold.slots')]);
    }
}
