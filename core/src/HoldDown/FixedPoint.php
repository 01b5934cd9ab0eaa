<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Ground\Geometry\Point;

/** Where a panel is held so that it moves from there, and what pulls at it down the slope: its own weight, and the snow its guards hold. */
final readonly class FixedPoint
{
    /**
     * @param  string  $panel  id
     * @param  list<Point>  $at  screws or rivets, on the face
     * @param  float  $demand  lb down the slope
     * @param  float  $allowable  lb of one screw or rivet
     */
    public function __construct(public string $panel, public array $at, public float $demand, public float $allowable)
    {
    }

    public function ratio(): float
    {
        return $this->demand / max(1e-9, $this->allowable * count($this->at));
    }
}
