<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\Seam;

/** Where a loose cap is crimped by hand until the seamer comes: at its ends and at every clip (trade practice, §14). */
final class Crimps
{
    /**
     * @param  list<Seam>  $seams
     * @param  list<Clip>  $clips
     * @param  float  $end  from a seam's ends, inches
     * @return list<array{float, float}> u and v on the face
     */
    public static function of(array $seams, array $clips, float $end): array
    {
        $at = [];
        foreach ($seams as $seam) {
            foreach ($seam->stretches as [$low, $high]) {
                array_push($at, [$seam->u, min($low + $end, ($low + $high) / 2.0)], [$seam->u, max($high - $end, ($low + $high) / 2.0)]);
            }
        }

        return [...$at, ...array_map(static fn (Clip $clip): array => [$clip->u, $clip->v], $clips)];
    }
}
