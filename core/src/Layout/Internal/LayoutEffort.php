<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Internal\Finder\Looks;
use Imbrex\Core\Roof\ExpectedFace;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;

/** What the search for the seams asks: a strip led across every face, past every corner. */
final class LayoutEffort
{
    /** To look at a corner of a strip, of a plain face and of one with openings. */
    private const A_LOOK = 0.6;

    private const A_LOOK_ROUND_OPENINGS = 2.5;

    /** To move a corner by what its edge asks of the metal, and to keep seams clear of it. */
    private const A_CORNER = 0.4;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        $cover = $job->covering->profile->cover;
        $outlines = [];
        $width = 0.0;
        foreach (ExpectedFace::byField($job) as $field => $faces) {
            $outlines[$field] = array_sum(array_map(static fn (ExpectedFace $face): float => Looks::asked($face->columns, $face->corners, $face->width, $cover), $faces));
            $width = max([$width, ...array_column($faces, 'width')]);
        }
        $round = self::roundOpenings($job, $width, $cover);
        $asked = array_sum($outlines) + $round;
        $share = Looks::taken($asked) / max(1.0, $asked);
        $efforts = [];
        foreach ($outlines as $field => $looks) {
            $efforts[] = new Effort($looks * $share * self::A_LOOK, $field, 'outlines', array_sum(array_column(ExpectedFace::byField($job)[$field], 'corners')));
        }
        if ($round > 0.0) {
            $corners = array_sum(array_map(static fn (Opening $opening): int => count($opening->outline->corners), self::openings($job)));
            $efforts[] = new Effort($round * $share * self::A_LOOK_ROUND_OPENINGS + $corners * self::A_CORNER, 'openings', 'openings', $corners);
        }

        return $efforts;
    }

    /**
     * Looks that openings ask. Of their faces one knows the names that blocks may not have yet: all are taken to lie on the widest.
     *
     * @param  float  $width  of the widest face, inches
     */
    private static function roundOpenings(Job $job, float $width, float $cover): float
    {
        $columns = [];
        $corners = 0;
        foreach (self::openings($job) as $opening) {
            $corners += count($opening->outline->corners) + Looks::CORNERS_AN_OPENING;
            foreach ($opening->outline->corners as $corner) {
                $columns[$opening->face.sprintf(' %.3f', $corner->u)] = true;
            }
        }

        return $columns === [] ? 0.0 : Looks::asked(count($columns), $corners, $width, $cover);
    }

    /** @return list<Opening> that part panels */
    private static function openings(Job $job): array
    {
        return array_values(array_filter($job->part(RoofInput::class)->openings, static fn (Opening $opening): bool => $opening->kind->partsPanels()));
    }
}
