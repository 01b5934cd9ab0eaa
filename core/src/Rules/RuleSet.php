<?php

declare(strict_types=1);

namespace Imbrex\Core\Rules;

use Imbrex\Core\Units\UnitSystem;

/** The house rules as they hold for one job: the job's own values over the defaults. */
final readonly class RuleSet
{
    /**
     * @param  array<string, HouseRule>  $known  by key
     * @param  array<string, float|string>  $own
     */
    private function __construct(private array $known, private array $own, private UnitSystem $units)
    {
    }

    /**
     * @param  array<string, HouseRule>  $known  by key
     * @param  array<string, float|string>  $own  values in each rule's unit, by key
     *
     * @throws RuleFault for an unknown key or a value out of range
     */
    public static function of(array $known, array $own, UnitSystem $units = UnitSystem::Imperial): self
    {
        foreach ($own as $key => $value) {
            $rule = $known[$key] ?? throw RuleFault::unknown((string) $key);
            if (! $rule->accepts($value)) {
                throw RuleFault::outOfRange($rule, $value);
            }
        }

        return new self($known, $own, $units);
    }

    /** The value of a number rule, in the rule's unit. */
    public function number(string $key): float
    {
        return (float) ($this->own[$key] ?? $this->rule($key)->defaultIn($this->units));
    }

    public function choice(string $key): string
    {
        return (string) ($this->own[$key] ?? $this->rule($key)->defaultIn($this->units));
    }

    private function rule(string $key): HouseRule
    {
        return $this->known[$key] ?? throw RuleFault::unknown((string) $key);
    }
}
