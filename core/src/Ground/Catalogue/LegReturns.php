<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/**
 * How far the metal of each leg goes on beyond what shows of it, inches: a leg stands up by the seam's height, reaches
 * out by the metal beyond the module line, and ends in this return. Representative, as the profiles are.
 */
final readonly class LegReturns
{
    public function __construct(public float $left, public float $right)
    {
    }
}
