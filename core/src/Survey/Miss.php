<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** By how many inches a reading misses the plane the best readings close to. */
final readonly class Miss
{
    public function __construct(public Reading $reading, public float $inches)
    {
    }
}
