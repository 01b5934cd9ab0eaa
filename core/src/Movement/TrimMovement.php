<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

/** How a run of trim moves: each piece from its middle, so that a joint takes half of either piece beside it. */
final readonly class TrimMovement
{
    /**
     * @param  string  $run  id
     * @param  string  $metal  key
     * @param  float  $length  of the run, inches
     * @param  float  $total  how far it would grow in one piece between cold and hot, inches
     * @param  int  $joints  between its pieces
     * @param  float  $joint  what the widest moving joint takes between cold and hot, inches
     * @param  float|null  $gapToday  what is left at that joint so that heat does not close it, inches; null where nobody has measured how warm the metal is
     */
    public function __construct(public string $run, public string $metal, public float $length, public float $total, public int $joints, public float $joint, public ?float $gapToday)
    {
    }
}
