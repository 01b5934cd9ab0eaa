<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** How one reading stands against the adopted value; inches, or rise in 12 for a pitch. */
final readonly class Comparison
{
    public function __construct(
        public Reading $reading,
        public float $miss,
        public float $tolerance,
        public bool $agrees,
        public bool $adopted,
    ) {
    }
}
