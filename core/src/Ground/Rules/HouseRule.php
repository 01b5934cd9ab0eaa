<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Rules;

use Imbrex\Core\Ground\Units\UnitSystem;

/**
 * A habit of the trade that is neither geometry nor physics: a default with its unit, range and reason, changeable
 * per company and per job. The reason's words stand in the message catalogue under `rule.<key>`.
 */
final readonly class HouseRule
{
    /**
     * @param  list<string>  $choices the accepted words of a rule that is a choice; empty for a number
     * @param  float|string  $metric  the default of a metric job
     */
    private function __construct(
        public string $key,
        public RuleUnit $unit,
        public float|string $default,
        public float $least,
        public float $most,
        public array $choices,
        public float|string $metric,
    ) {
    }

    /**
     * @param  float  $least smallest and `$most` largest accepted value, both in the rule's unit
     * @param  float|null  $metric  the default of a metric job, where it is another
     */
    public static function number(string $key, RuleUnit $unit, float $default, float $least, float $most, ?float $metric = null): self
    {
        return new self(key: $key, unit: $unit, default: $default, least: $least, most: $most, choices: [], metric: $metric ?? $default);
    }

    /**
     * @param  list<string>  $choices the first is the default
     * @param  string|null  $metric  the default of a metric job, where it is another
     */
    public static function choice(string $key, array $choices, ?string $metric = null): self
    {
        return new self(
            key: $key,
            unit: RuleUnit::Choice,
            default: $choices[0] ?? '',
            least: 0.0,
            most: 0.0,
            choices: $choices,
            metric: $metric ?? $choices[0] ?? '',
        );
    }

    public function defaultIn(UnitSystem $units): float|string
    {
        return $units === UnitSystem::Metric ? $this->metric : $this->default;
    }

    public function accepts(float|string $value): bool
    {
        if ($this->unit === RuleUnit::Choice) {
            return in_array($value, $this->choices, true);
        }

        return is_float($value) && is_finite($value) && $value >= $this->least && $value <= $this->most;
    }
}
