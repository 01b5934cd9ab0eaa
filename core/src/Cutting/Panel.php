<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Layout\Strip;

/** One piece of metal on a face: what it covers, what it is cut from, what is ordered for it. */
final readonly class Panel
{
    /**
     * @param  Polygon  $metal  what lies between its module lines on the deck, hems apart; face coordinates, inches
     * @param  Polygon  $blank  the same with its hems laid flat
     * @param  Polygon  $sheet  the blank as wide as the formed metal, legs and laps included
     * @param  bool  $cutLeft  ripped or trimmed along its left side; `$cutRight` along its right one
     * @param  float|null  $rip  width where it is cut lengthwise
     * @param  float  $long  longest side of the blank at the metal's own edges; `$short` the shortest
     * @param  list<Polygon>  $holes  in the metal, clockwise
     * @param  float  $orderLength  with the extra, rounded up to the ordering step
     */
    public function __construct(
        public string $id,
        public string $face,
        public Strip $strip,
        public Polygon $metal,
        public Polygon $blank,
        public Polygon $sheet,
        public bool $cutLeft,
        public bool $cutRight,
        public ?float $rip,
        public float $long,
        public float $short,
        public float $orderLength,
        public array $holes = [],
    ) {
    }
}
