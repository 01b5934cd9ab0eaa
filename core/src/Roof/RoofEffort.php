<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Effort;
use Imbrex\Core\Job;

/** What finding faces and edges asks: every block is held against every other. */
final class RoofEffort
{
    private const A_PAIR_OF_BLOCKS = 3.0;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        $blocks = count($job->part(RoofInput::class)->blocks);

        return $blocks === 0 ? [] : [new Effort(self::A_PAIR_OF_BLOCKS * $blocks ** 2, 'roof.blocks', 'blocks', $blocks)];
    }
}
