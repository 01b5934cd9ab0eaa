<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** One figure somebody brought down from the roof. */
final readonly class Reading
{
    /**
     * @param  float  $value  inches; rise in 12 for a pitch
     * @param  float  $at  share of the eave from its left end where an eave-to-ridge or pitch reading was taken, 0 to 1
     * @param  string|null  $time  when it was taken, as written down; never interpreted
     */
    public function __construct(
        public string $id,
        public Quantity $quantity,
        public float $value,
        public Source $source,
        public float $at = 0.5,
        public ?string $time = null,
    ) {
    }
}
