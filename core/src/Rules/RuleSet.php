<?php

declare(strict_types=1);

namespace Imbrex\Core\Rules;

/** The house rules as they hold for one job: the job's own values over the defaults. */
final readonly class RuleSet
{
    /** @param  array<string, float|string>  $own */
    private function __construct(private array $own)
    {
    }

    /**
     * @param  array<string, float|string>  $own  values in each rule's unit, by key
     *
     * @throws RuleFault for an unknown key or a value out of range
     */
    public static function with(array $own): self
    {
        foreach ($own as $key => $value) {
            $rule = HouseRules::get($key);
            if (! $rule->accepts($value)) {
                throw RuleFault::outOfRange($rule, $value);
            }
        }

        return new self($own);
    }

    /** The value of a number rule, in the rule's unit. */
    public function number(string $key): float
    {
        return (float) ($this->own[$key] ?? HouseRules::get($key)->default);
    }

    public function choice(string $key): string
    {
        return (string) ($this->own[$key] ?? HouseRules::get($key)->default);
    }
}
