<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Comparison;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;

/**
 * Takes one value from many readings of the same thing: the best source decides; of its readings the longest where
 * a short panel would be scrap, the middle one elsewhere, so that a single misreading cannot carry the day.
 */
final readonly class Adopter
{
    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  list<Reading>  $readings
     * @return array<string, Adoption> by what was measured, in the order of the quantities
     */
    public function adoptAll(array $readings): array
    {
        $byName = [];
        foreach (Quantity::cases() as $quantity) {
            foreach ($readings as $reading) {
                if ($reading->quantity === $quantity) {
                    $byName[$reading->name()][] = $reading;
                }
            }
        }

        return array_map($this->adopt(...), $byName);
    }

    /** @param  non-empty-list<Reading>  $own  of one thing */
    public function adopt(array $own): Adoption
    {
        $quantity = $own[0]->quantity;
        usort($own, static fn (Reading $a, Reading $b): int => $a->source->rank() <=> $b->source->rank());
        $source = $own[0]->source;
        $deciding = array_values(array_filter($own, static fn (Reading $r): bool => $r->source->rank() === $source->rank()));
        $values = [$own[0]->value, ...array_map(static fn (Reading $r): float => $r->value, array_slice($deciding, 1))];
        $value = match (true) {
            $quantity === Quantity::Pitch => $this->pitch($values),
            $quantity->longestGoverns() => max($values),
            default => $this->middle($values),
        };

        return new Adoption($quantity, $value, $source, max($values) - min($values), $this->compare($own, $value, $quantity));
    }

    /** @param  non-empty-list<float>  $values */
    private function middle(array $values): float
    {
        sort($values);
        $n = count($values);

        return ($values[intdiv($n - 1, 2)] + $values[intdiv($n, 2)]) / 2.0;
    }

    /**
     * The whole pitch the readings support: it lies among them, the gauge's own tolerance allowed. Otherwise the
     * decimal in their middle.
     *
     * @param  non-empty-list<float>  $values  rise in 12
     */
    private function pitch(array $values): float
    {
        $tolerance = $this->rules->number('survey.pitchTolerance');
        $lowest = ceil(min($values) - $tolerance);
        $highest = floor(max($values) + $tolerance);

        return $lowest === $highest ? $lowest : $this->middle($values);
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Comparison>
     */
    private function compare(array $readings, float $value, Quantity $quantity): array
    {
        $comparisons = [];
        $adopted = false;
        foreach ($readings as $reading) {
            $tolerance = $quantity !== Quantity::Pitch
                ? $reading->tolerance($this->rules)
                : $this->rules->number('survey.pitchSpread');
            $miss = $reading->value - $value;
            $isAdopted = ! $adopted && Tolerance::same($miss, 0.0);
            $adopted = $adopted || $isAdopted;
            $comparisons[] = new Comparison($reading, $miss, $tolerance, abs($miss) <= $tolerance + Tolerance::LENGTH, $isAdopted);
        }

        return $comparisons;
    }
}
