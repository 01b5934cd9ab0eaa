<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Rules\HouseRule;

/**
 * One step in the order of work. It sees its own part of the job and what earlier stages came to, and nothing else.
 *
 * @template-covariant R of StageResult
 */
interface Stage
{
    /** @return list<HouseRule> habits of the trade it goes by */
    public static function rules(): array;

    /** @return list<Effort> what a job asks of it, before it is worked */
    public static function effort(Job $job): array;

    /** @return R */
    public function work(Plan $plan): StageResult;
}
