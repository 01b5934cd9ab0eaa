<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Ground\Geometry\Point;

/** One part of a drop's way. */
final readonly class DropStep
{
    /**
     * @param  string  $face  id of the one it is on
     * @param  string  $id  of the pan (`hall.S-28`), the edge or the opening
     * @param  Point  $from  on the face, inches; `$to` where it leaves it
     */
    public function __construct(public WaterWay $on, public string $face, public string $id, public Point $from, public Point $to)
    {
    }
}
