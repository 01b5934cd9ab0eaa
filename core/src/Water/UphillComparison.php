<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\Uphill;
use Imbrex\Core\Roof\UphillSchool;

/** One way to build the uphill side of an opening beside the others: what it takes, and what it does with the water. */
final readonly class UphillComparison
{
    private const MINUTES_AN_HOUR = 60.0;

    /**
     * @param  bool  $fits  whether it can be built there
     * @param  int  $pieces  to bend, cut and set, the panels behind it with them
     * @param  float  $held  gallons a minute that turn aside on the level
     * @param  bool  $isAsked  whether many codes ask for it
     */
    private function __construct(public UphillSchool $school, public bool $fits, public int $pieces, public float $hours, public float $held, public bool $isAsked)
    {
    }

    /** @return list<self> every school; the plan is worked with each of them */
    public static function all(Plan $plan, FlashedOpening $flashed): array
    {
        $advice = $plan->of(WaterStage::class)->advice[$flashed->id()] ?? null;
        if ($advice === null) {
            return [];
        }
        $isWide = $flashed->round->opening->width() > $plan->job->rules->number('water.cricket');
        $all = [];
        foreach (UphillSchool::cases() as $school) {
            $built = $school === $flashed->uphill ? $flashed : self::with($plan, $flashed->round->opening, $school);
            $pieces = array_sum(array_map(static fn (OpeningPiece $piece): int => $piece->role === PieceRole::FillBoards ? 1 : max(1, $piece->count), $built->bent()));
            $all[] = new self(
                $school,
                $built->uphill === $school,
                $pieces,
                $pieces * $flashed->round->rule('minutes') / self::MINUTES_AN_HOUR,
                $advice->held($school, count($built->piece(PieceRole::CrossPanels)->of ?? [])),
                $school === UphillSchool::Cricket && $isWide,
            );
        }

        return $all;
    }

    private static function with(Plan $plan, Opening $opening, UphillSchool $school): FlashedOpening
    {
        $input = $plan->job->part(RoofInput::class);
        $openings = array_map(static fn (Opening $one): Opening => $one->id === $opening->id ? $one->shedding(new Uphill($school, $one->uphill->riseIn12)) : $one, $input->openings);

        return Plan::for($plan->job->with(new RoofInput($input->blocks, $input->checks, $openings, $input->decks)))->of(OpeningsStage::class)->openings[$opening->id];
    }
}
