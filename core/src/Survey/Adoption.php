<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** The value taken for one quantity, and how every reading of it agrees; inches, or rise in 12 for a pitch. */
final readonly class Adoption
{
    /**
     * @param  float  $spread  longest less shortest among the readings of the best source
     * @param  list<Comparison>  $comparisons  best source first, in the order they were taken
     */
    public function __construct(
        public Quantity $quantity,
        public float $value,
        public Source $source,
        public float $spread,
        public array $comparisons,
    ) {
    }

    /** What was measured: eave, along-2. */
    public function name(): string
    {
        return $this->comparisons[0]->reading->name();
    }

    /** @return list<Reading> those of the best source, which alone decide */
    public function deciding(): array
    {
        $deciding = [];
        foreach ($this->comparisons as $comparison) {
            if ($comparison->reading->source->rank() === $this->source->rank()) {
                $deciding[] = $comparison->reading;
            }
        }

        return $deciding;
    }
}
