<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Rules\RuleSet;

/**
 * What an edge's detail asks of the metal, in inches square to the edge on the deck: offset past the roof line
 * (negative = held back) and hem folded or turned up besides.
 */
final readonly class EdgeAllowance
{
    private function __construct(public float $offset, public float $hem)
    {
    }

    /** Metal kept this far (in) from an opening or a starter, with nothing folded. */
    public static function clear(float $inches): self
    {
        return new self(-$inches, 0.0);
    }

    /** The same detail with a hem of this depth (in), measured square to the bend. */
    public function hemmed(float $hem): self
    {
        return new self($this->offset, $hem);
    }

    /** The same detail with the metal held back so far (in) from the roof line. */
    public function heldBack(float $inches): self
    {
        return new self(-$inches, $this->hem);
    }

    /** @param  bool  $isLowEnd  whether the panels begin at the edge, which tells the upper roof of a pitch change from the lower; at the end of panels laid sideways whether it is these */
    public static function of(EdgeKind $kind, Family $family, bool $vented, RuleSet $rules, bool $isLowEnd = false): self
    {
        $edge = match (true) {
            $kind === EdgeKind::Ridge && $vented => 'ridge-vented',
            $kind === EdgeKind::CrossEnd => $isLowEnd ? 'cross-end-above' : 'cross-end-below',
            $kind === EdgeKind::Transition => $isLowEnd ? 'transition-above' : 'transition-below',
            default => $kind->value,
        };
        $fixing = $family->isConcealed() ? 'concealed' : 'exposed';

        return new self(
            $rules->number("edge.$edge.$fixing.offset"),
            $rules->number("edge.$edge.$fixing.hem"),
        );
    }
}
