<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\Taped;
use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Roof\ExpectedFace;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;

/** What cutting asks: every piece, and every corner it goes round. */
final class CuttingEffort
{
    /** To cut round a corner and mark it. */
    private const A_CORNER = 2.0;

    /** To hold one mark against another with a third left out, and to cut a face once more for what a mark changed. */
    private const A_MARK = 0.035;

    private const A_RECUT = 20.0;

    /** @return list<Effort> */
    public static function of(Job $job, Circumstances $circumstances): array
    {
        $profile = $job->covering->profile;
        $parted = $job->covering->rules->choice('cut.overLong') !== 'report';
        $efforts = [];
        foreach (ExpectedFace::byField($job) as $field => $faces) {
            // A strip is two sides of the outline, there and back; one longer than can be made is lapped.
            $lengths = static fn (ExpectedFace $face): float => $parted ? ceil(max(1.0, $face->height / $profile->longest)) : 1.0;
            $pieces = array_sum(array_map(static fn (ExpectedFace $face): float => ceil($face->across / 2.0 / $profile->cover) * $lengths($face), $faces));
            $efforts[] = new Effort($pieces, $field, 'pieces', (int) $pieces, $pieces);
            $efforts[] = self::ofCorners($field, 'outlines', array_sum(array_column($faces, 'corners')));
        }
        $openings = array_filter($job->part(RoofInput::class)->openings, static fn (Opening $opening): bool => $opening->kind->partsPanels());
        if ($openings !== []) {
            $efforts[] = self::ofCorners('openings', 'openings', array_sum(array_map(static fn (Opening $opening): int => count($opening->outline->corners), $openings)));
        }

        $marks = array_count_values(array_map(static fn (Observation $observation): string => $observation->edge, $circumstances->part(Taped::class)->marks));
        if ($marks !== []) {
            $efforts[] = new Effort(array_sum(array_map(static fn (int $n): float => self::A_MARK * $n ** 3 + self::A_RECUT * $n, $marks)), 'facts', 'marks', array_sum($marks));
        }

        return $efforts;
    }

    private static function ofCorners(string $field, string $of, int $corners): Effort
    {
        return new Effort($corners * self::A_CORNER, $field, $of, $corners, $corners * self::A_CORNER);
    }
}
