<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Geometry\Point;

/** A narrow stretch of a face along its panels: whatever falls on it, or comes from above, leaves at its foot. */
final readonly class Cell
{
    /**
     * @param  float  $from  across the face, inches; `$to` its other side
     * @param  float  $low  in its middle, inches up the slope; `$high` where it begins above
     * @param  float  $squareFeet  in plan, that rain falls on
     * @param  int  $loop  of the face, and `$side` of the loop, at its foot
     * @param  string|null  $opening  id of what stands at its foot instead
     * @param  bool  $leavesHigh  of a panel laid sideways: whether its water leaves at the other end, where `$side` is
     */
    public function __construct(public string $face, public float $from, public float $to, public float $low, public float $high, public float $squareFeet, public int $loop, public int $side, public ?string $opening, public bool $leavesHigh = false)
    {
    }

    public function middle(): Point
    {
        return new Point(($this->from + $this->to) / 2.0, ($this->low + $this->high) / 2.0);
    }
}
