<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Rules;

use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\Undeclared;

/** The house rules as they hold for one job: the job's own values over the defaults. */
final readonly class RuleSet
{
    /**
     * @param  array<string, HouseRule>  $known  by key
     * @param  array<string, float|string>  $own
     * @param  array<string, true>|null  $seen  keys of the rules that may be gone by; null = all
     */
    private function __construct(private array $known, private array $own, private UnitSystem $units, private ?array $seen = null)
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

    /** @param  array<string, true>  $keys  of those that may be gone by */
    public function only(array $keys): self
    {
        return new self($this->known, $this->own, $this->units, $keys);
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, float|string> of these, the values that are the job's own
     */
    public function own(array $keys): array
    {
        $own = array_intersect_key($this->own, array_flip($keys));
        ksort($own);

        return $own;
    }

    /** Whose defaults hold where the job has no value of its own. */
    public function units(): UnitSystem
    {
        return $this->units;
    }

    /** The value of a number rule, in the rule's unit. */
    public function number(string $key): float
    {
        $this->look($key);

        return (float) ($this->own[$key] ?? $this->rule($key)->defaultIn($this->units));
    }

    public function choice(string $key): string
    {
        $this->look($key);

        return (string) ($this->own[$key] ?? $this->rule($key)->defaultIn($this->units));
    }

    private function look(string $key): void
    {
        if ($this->seen !== null && ! isset($this->seen[$key])) {
            throw Undeclared::rule($key);
        }
    }

    private function rule(string $key): HouseRule
    {
        return $this->known[$key] ?? throw RuleFault::unknown((string) $key);
    }
}
