<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Roof\Face;

/** How the head of a panel is folded, and when. */
final readonly class HeadFold
{
    /** How far a pan's end is turned up on a steep roof; on a flat one it stands square: trade practice. */
    private const STEEP_DEGREES = 45.0;

    private const SQUARE_DEGREES = 90.0;

    /**
     * @param  float|null  $turnUp  inches of the pan's end that are turned up as a dam; null where none is
     * @param  float  $degrees  it is turned up by, from the pan
     * @param  bool  $closedAfterLaying  both ends are hemmed: one that is closed before cannot be slid on
     */
    private function __construct(public ?float $turnUp, public float $degrees, public bool $closedAfterLaying)
    {
    }

    public static function of(PieceSides $piece, Face $face, RuleSet $rules): self
    {
        $turnsUp = $foot = $head = false;
        foreach ($piece->sides as $side) {
            $turnsUp = $turnsUp || ($side->bound === Bound::Head && $side->turnsPanUp);
            $foot = $foot || ($side->bound === Bound::Foot && $side->hem > 0.0);
            $head = $head || ($side->bound === Bound::Head && $side->hem > 0.0);
        }
        $isFlat = $face->pitch->riseIn12 <= $rules->number('cut.squareTurnUp');

        return new self($turnsUp ? $rules->number('cut.panTurnUp') : null, $isFlat ? self::SQUARE_DEGREES : self::STEEP_DEGREES, $foot && $head);
    }
}
