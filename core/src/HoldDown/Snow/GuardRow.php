<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Snow;

use Imbrex\Core\Ground\Geometry\Point;

/** A level run of guards. */
final readonly class GuardRow
{
    /**
     * @param  int  $place  which of the job's guarded places it is for
     * @param  int  $number  from the lowest, 1 first
     * @param  float  $v  up the slope, inches
     * @param  float  $from  across the face; `$to` its other end
     * @param  float|null  $load  lb of snow down the slope; null where nobody has said how much lies
     * @param  float  $each  lb one of its guards may hold
     * @param  non-empty-list<Point>  $at  pads or clamps
     * @param  float|null  $hardest  lb on the guard that holds most; null where nobody has said how much lies
     */
    public function __construct(public string $face, public int $place, public int $number, public float $v, public float $from, public float $to, public ?float $load, public float $each, public array $at, public ?float $hardest)
    {
    }

    /** lb all its guards may hold. */
    public function capacity(): float
    {
        return $this->each * count($this->at);
    }

    /** What its hardest pressed guard holds of what it may. */
    public function ratio(): ?float
    {
        return $this->hardest === null ? null : $this->hardest / $this->each;
    }
}
