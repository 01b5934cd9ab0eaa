<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** Two panels out of one sheet: a single angled cut is the head of the lower and the foot of the upper. */
final readonly class Pair
{
    /**
     * @param  string  $lower  id of the panel at B of the sheet, `$upper` of the one at T
     * @param  bool  $turned  the upper one lies end for end
     * @param  float  $upperAt  inches from B of the sheet to the lowest point of the upper panel
     * @param  float  $length  of the sheet, blanks and kerf, inches
     * @param  float  $orderLength  with the extra, rounded up to the ordering step
     * @param  float  $saved  inches of order length against two sheets
     */
    public function __construct(
        public string $lower,
        public string $upper,
        public bool $turned,
        public float $upperAt,
        public float $length,
        public float $orderLength,
        public float $saved,
    ) {
    }

    public function partner(string $panel): string
    {
        return $panel === $this->lower ? $this->upper : $this->lower;
    }
}
