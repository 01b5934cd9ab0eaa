<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\RoofLog\RoofLogStage;
use Imbrex\Core\Survey\SurveyStage;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Water\WaterStage;

/** The one list of stages, in the order of work. */
final class Stages
{
    /** @var array<string, class-string<Stage<StageResult>>> by the name findings carry */
    public const IN_ORDER = [
        'survey' => SurveyStage::class,
        'roof' => RoofStage::class,
        'builds' => BuildsStage::class,
        'layout' => LayoutStage::class,
        'cutting' => CuttingStage::class,
        'edges' => EdgesStage::class,
        'trims' => TrimsStage::class,
        'openings' => OpeningsStage::class,
        'hold-down' => HoldDownStage::class,
        'movement' => MovementStage::class,
        'water' => WaterStage::class,
        'fit' => FitStage::class,
        'load-out' => LoadOutStage::class,
        'roof-log' => RoofLogStage::class,
    ];

    /** @var array<class-string, list<class-string<Stage<StageResult>>>> */
    private static array $behind = [];

    /**
     * Itself and all it rests on.
     *
     * @param  class-string<Stage<StageResult>>  $stage
     * @return list<class-string<Stage<StageResult>>>
     */
    public static function behind(string $stage): array
    {
        return self::$behind[$stage] ??= array_values(array_unique([$stage, ...array_merge(...array_map(self::behind(...), $stage::needs()))]));
    }

    /**
     * Keys of the house rules a stage may go by: its own, those of the stages it rests on, and what any of them says it reads of others'.
     *
     * @param  class-string<Stage<StageResult>>  $stage
     * @return array<string, true>
     */
    public static function rulesFor(string $stage): array
    {
        $rules = array_merge(...array_map(static fn (string $one): array => [...array_column($one::rules(), 'key'), ...$one::reads()], self::behind($stage)));

        return array_fill_keys($rules, true);
    }
}
