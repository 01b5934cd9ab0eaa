<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Rules\HouseRule;

/**
 * One step in the order of work. It sees what it says it needs and reads, and nothing else: so what it came to holds for as
 * long as that is the same, whatever else of a job has changed.
 *
 * @template-covariant R of StageResult
 */
interface Stage
{
    /** @return list<class-string<Stage<StageResult>>> earlier stages whose results it uses; their house rules it may go by, too */
    public static function needs(): array;

    /** @return list<class-string<JobPart>|class-string<Circumstance>|string> what is said to it by the job, what of today it looks at, and by key the house rules of stages it does not need; the covering apart */
    public static function reads(): array;

    /** @return list<HouseRule> habits of the trade it goes by */
    public static function rules(): array;

    /** @return list<Effort> what a job asks of it, before it is worked */
    public static function effort(Job $job, Circumstances $circumstances): array;

    /** @return R */
    public function work(Plan $plan): StageResult;
}
