<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\UphillSchool;

/** What finding faces and edges asks: every block is held against every other, every cricket's faces against all other faces. */
final class RoofEffort
{
    private const A_PAIR_OF_BLOCKS = 3.0;

    private const A_PAIR_OF_CRICKETS = 2.5;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        $input = $job->part(RoofInput::class);
        $blocks = count($input->blocks);
        $crickets = count(array_filter($input->openings, static fn (Opening $opening): bool => $opening->uphill->school === UphillSchool::Cricket));

        return [
            ...$blocks === 0 ? [] : [new Effort(self::A_PAIR_OF_BLOCKS * $blocks ** 2, 'roof.blocks', 'blocks', $blocks)],
            ...$crickets === 0 ? [] : [new Effort(self::A_PAIR_OF_CRICKETS * $crickets ** 2, 'openings', 'openings', $crickets)],
        ];
    }
}
