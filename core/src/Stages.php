<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Roof\RoofStage;
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
        'load-out' => LoadOutStage::class,
    ];

    /** @param  class-string<Stage<StageResult>>  $stage */
    public static function isBeforeTheDay(string $stage): bool
    {
        foreach (self::IN_ORDER as $one) {
            if (is_a($one, LooksAtTheDay::class, true)) {
                return false;
            }
            if ($one === $stage) {
                return true;
            }
        }

        return false;
    }
}
