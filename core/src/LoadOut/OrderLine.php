<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

/** Panels of one length. */
final readonly class OrderLine
{
    /**
     * @param  float  $length  each, inches
     * @param  list<string>  $panels  ids
     * @param  int  $ripped  how many of them are cut lengthwise
     */
    public function __construct(
        public string $profile,
        public string $hand,
        public float $length,
        public int $quantity,
        public int $ripped,
        public array $panels,
        public float $squareFeet,
        public float $pounds,
        public float $poundsEach,
        public int $handHolds,
    ) {
    }
}
