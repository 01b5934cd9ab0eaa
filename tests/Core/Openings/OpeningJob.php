<?php

declare(strict_types=1);

namespace Tests\Core\Openings;

use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\Job;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\OpeningsInput;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\Uphill;
use Imbrex\Core\Roof\UphillSchool;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

/** A shed of 40 ft with one opening half way up a slope of 6 in 12. */
final class OpeningJob
{
    public const HALF = 134.16407864998737;

    /** @param  list<PieceRole>  $pieces  an order of somebody's own */
    public static function plan(Opening $opening, ?WorkOrder $order = null, string $profile = 'snap-lock-1.5-16', array $pieces = []): Plan
    {
        return Plan::for(Job::of('Shed', UnitSystem::Imperial, JobMaker::covering($profile), new RoofInput(RoofJob::gable(480.0, 480.0), [], [$opening]), new OpeningsInput($order === null ? [] : [$opening->id => $order], $pieces === [] ? [] : [$opening->id => $pieces])));
    }

    public static function opening(OpeningKind $kind, float $width, float $height, UphillSchool $uphill = UphillSchool::Apron, bool $readyMade = true): Opening
    {
        return Opening::outlined('c', 'shed.S', $kind, 'It', Polygon::rectangle(200.0, self::HALF - $height, 200.0 + $width, self::HALF), readyMade: $readyMade)->shedding(new Uphill($uphill));
    }

    /** @param  list<PieceRole>  $pieces */
    public static function flashed(OpeningKind $kind, float $width, float $height, UphillSchool $uphill = UphillSchool::Apron, ?WorkOrder $order = null, string $profile = 'snap-lock-1.5-16', bool $readyMade = true, array $pieces = []): FlashedOpening
    {
        return self::plan(self::opening($kind, $width, $height, $uphill, $readyMade), $order, $profile, $pieces)->of(OpeningsStage::class)->openings['c'];
    }
}
