<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** How a check agrees with the blocks. */
final readonly class CheckResult
{
    /**
     * @param  float  $expected  what the blocks come to; inches, or rise in 12
     * @param  float  $tolerance  of the reading's own source, both ways
     * @param  list<string>  $faces  ids of the faces it speaks for
     */
    public function __construct(public Check $check, public float $expected, public float $tolerance, public array $faces)
    {
    }

    public function miss(): float
    {
        return $this->check->value - $this->expected;
    }

    public function agrees(float $beyond): bool
    {
        return abs($this->miss()) <= max($this->tolerance, $beyond);
    }
}
