<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Geometry\KeptLean;

/** One panel's place on a face: u of its module lines, or of the metal's limit where it is ripped; inches. */
final readonly class Strip
{
    use KeptLean;

    /**
     * @param  int  $position  from the left rake, 1 first
     * @param  int  $laid  in the order of laying, 1 first
     * @param  float  $moduleLeft  u of the uncut panel's left module line
     */
    public function __construct(
        public int $position,
        public int $laid,
        public float $moduleLeft,
        public float $cover,
        public float $left,
        public float $right,
    ) {
    }

    public function moduleRight(): float
    {
        return $this->moduleLeft + $this->cover;
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }
}
