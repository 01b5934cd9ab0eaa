<?php

declare(strict_types=1);

namespace Imbrex\Core\Rules;

/** The house rules as they hold for one job: the job's own values over the defaults. */
final readonly class RuleSet
{
    /**
     * @param  array<string, HouseRule>  $known  by key
     * @param  array<string, float|string>  $own
     */
    private function __construct(private array $known, private array $own)
    {
    }

    /**
     * @param  array<string, HouseRule>  $known  by key
     * @param  array<string, float|string>  $own  values in each rule's unit, by key
     *
     * @throws RuleFault for an unknown key or a value out of range
     */
    public static function of(array $known, array $own): self
    {
        foreach ($own as $key => $value) {
            $rule = $known[$key] ?? throw RuleFault::unknown((string) $key);
            if (! $rule->accepts($value)) {
                throw RuleFault::outOfRange($rule, $value);
            }
        }

        return new self($known, $own);
    }

    /** The value of a number rule, in the rule's unit. */
    public function number(string $key): float
    {
        return (float) ($this->own[$key] ?? $this->rule($key)->default);
    }

    public function choice(string $key): string
    {
        return (string) ($this->own[$key] ?? $this->rule($key)->default);
    }

    private function rule(string $key): HouseRule
    {
        return $this->known[$key] ?? throw RuleFault::unknown((string) $key);
    }
}
