<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Roof\OpeningKind;

/** How far the legs of the pieces round an opening reach, inches: house rules, trade practice §9. */
final readonly class FlashingSizes
{
    /**
     * @param  float  $upturn  up the walls
     * @param  float  $flange  of the sides, on the panels beside
     * @param  float  $front  of the front, down-slope
     * @param  float  $ends  of the front, past the corners
     * @param  float  $wings  of the back, past the corners
     * @param  float  $pastFoot  of the sides, below the opening; `$pastHead` above it
     * @param  float  $lap  of the back under the panel above
     * @param  float  $hem  of free edges
     * @param  float  $tab  round a corner
     * @param  float  $slot  of a side at the back corner; 0 = none
     */
    private function __construct(
        public float $upturn,
        public float $flange,
        public float $front,
        public float $ends,
        public float $wings,
        public float $pastFoot,
        public float $pastHead,
        public float $lap,
        public float $hem,
        public float $tab,
        public float $slot,
    ) {
    }

    public static function of(Surround $round, WorkOrder $order): self
    {
        $isSkylight = $round->opening->kind === OpeningKind::Skylight;
        $flange = $round->rule($round->isScrewed() ? 'flangeScrewed' : 'flange');
        $front = $round->rule('front');
        // Sides under the front run on past it, so that what is on them comes off on the panel below; over it they end short of its edge.
        $past = $order === WorkOrder::SidesFirst ? $front + $round->rule('past') : $front - $round->rule('past');

        return new self(
            upturn: $round->rule('upturn'), flange: $flange, front: $front,
            ends: $isSkylight ? $round->rule('overApron') : $flange,
            wings: $flange + $round->rule('overApron'),
            pastFoot: $isSkylight ? $round->rule('pastFoot') : $past,
            pastHead: $isSkylight ? $round->rule('pastHead') : min($round->rule('overApron'), $round->above),
            lap: $round->rule('lap'), hem: $round->rule('hem'), tab: $round->rule('tab'),
            slot: $order === WorkOrder::SidesFirst && ! $isSkylight ? $round->rule('slot') : 0.0,
        );
    }
}
