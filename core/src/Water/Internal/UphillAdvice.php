<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Water\Flow;

/** How one would build the uphill side of an opening by its width, what arrives there, the snow and the pitch; the choice stays with whoever builds it. Trade practice, §9. */
final readonly class UphillAdvice
{
    /** Flatter (rise in 12) than this water stands behind an apron for long. */
    private const FLAT = 3.0;

    /** Narrower (in) than this it does not matter. */
    private const NARROW = 12.0;

    /**
     * @param  float  $squareFeet  of roof in plan, whose rain arrives at its uphill side
     * @param  float  $gallons  a minute
     * @param  list<string>  $reasons  `width`, `water`, `snow`, `pitch`; none where an apron will do
     */
    private function __construct(public UphillSchool $school, public float $squareFeet, public float $gallons, public array $reasons)
    {
    }

    /**
     * @param  list<Flow>  $flows
     * @return array<string, self> by id of the opening; pipes have none
     */
    public static function all(Plan $plan, array $flows): array
    {
        $arrives = [];
        foreach ($flows as $flow) {
            if ($flow->of === 'opening') {
                $arrives[$flow->id] = $flow;
            }
        }
        $advice = [];
        foreach ($plan->of(OpeningsStage::class)->openings as $id => $flashed) {
            if ($flashed->round->opening->kind !== OpeningKind::Pipe) {
                $advice[(string) $id] = self::of($plan, $flashed, $arrives[$id]->squareFeet ?? 0.0, $arrives[$id]->gallons ?? 0.0);
            }
        }

        return $advice;
    }

    private static function of(Plan $plan, FlashedOpening $flashed, float $squareFeet, float $gallons): self
    {
        $rules = $plan->job->rules;
        $width = $flashed->round->opening->width();
        $reasons = array_keys(array_filter([
            'width' => $width > $rules->number('water.cricket'),
            'water' => $gallons > $rules->number('water.apron'),
            'snow' => $width > self::NARROW && ($plan->job->part(SnowInput::class)->psf ?? 0.0) > $rules->number('water.snowApron'),
            'pitch' => $width > self::NARROW && $flashed->round->face->pitch->riseIn12 < self::FLAT,
        ]));

        return new self($reasons === [] ? UphillSchool::Apron : UphillSchool::Cricket, $squareFeet, $gallons, $reasons);
    }

    /**
     * Gallons a minute that have to turn aside on the level behind an opening, and stand there while they do: all of it
     * behind an apron, a share in each of the panels laid sideways, none on a cricket's slopes.
     *
     * @param  int  $panels  laid sideways
     */
    public function held(UphillSchool $school, int $panels): float
    {
        return match ($school) {
            UphillSchool::Apron => $this->gallons,
            UphillSchool::Cricket => 0.0,
            UphillSchool::Cross => $this->gallons / max(1, $panels),
        };
    }
}
