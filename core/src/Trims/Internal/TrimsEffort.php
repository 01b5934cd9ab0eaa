<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Roof\ExpectedFace;
use Imbrex\Core\Trims\TrimsInput;

/** What trims ask: so many pieces as their sticks are short. */
final class TrimsEffort
{
    /** Trims one over the other along an edge, about: of standing seams and of sheets. */
    private const LAYERS = [3.0, 1.2];

    /** To divide, mark and cut one piece; and what of it stays in memory, in pieces of metal. */
    private const ONE = 3.0;

    private const KEPT = 0.2;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        $input = $job->part(TrimsInput::class);
        $stick = min([$job->rules->number('trim.stick'), ...array_merge(...array_values($input->stocks))]);
        $around = array_sum(array_map(static fn (ExpectedFace $face): float => 2.0 * ($face->width + $face->height), ExpectedFace::of($job)));
        $pieces = self::LAYERS[$job->covering->profile->family->isConcealed() ? 0 : 1] * $around / $stick;

        return $pieces < 1.0 ? [] : [new Effort($pieces * self::ONE, $input->stocks === [] ? 'rules.trim.stick' : 'trims.stocks', 'trims', (int) $pieces, $pieces * self::KEPT)];
    }
}
