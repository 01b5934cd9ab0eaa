<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\StageResult;

/**
 * A stage that says it needs the roof and reads the layouts, and then looks where a test tells it to.
 *
 * @implements Stage<StageResult>
 */
final class Curious implements Stage, StageResult
{
    /** @var Closure(Plan): mixed */
    public static Closure $look;

    public static function needs(): array
    {
        return [RoofStage::class];
    }

    public static function reads(): array
    {
        return [LayoutInput::class];
    }

    public static function rules(): array
    {
        return [];
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): StageResult
    {
        (self::$look)($plan);

        return $this;
    }

    public function findings(): array
    {
        return [];
    }
}
