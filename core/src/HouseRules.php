<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleFault;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\UnitSystem;

/** All house rules, each from the folder of the stage that goes by it: the one home of every default that is a habit of the trade. */
final class HouseRules
{
    /** @var array<string, HouseRule>|null */
    private static ?array $all = null;

    /** @return array<string, HouseRule> by key, in the order of work */
    public static function all(): array
    {
        return self::$all ??= array_column(array_merge(...array_values(self::byStage())), null, 'key');
    }

    /** @return array<string, list<HouseRule>> by the name of the stage that goes by them, in the order of work */
    public static function byStage(): array
    {
        return array_filter(array_map(static fn (string $stage): array => $stage::rules(), Stages::IN_ORDER), static fn (array $rules): bool => $rules !== []);
    }

    /** @throws RuleFault when there is no such rule */
    public static function get(string $key): HouseRule
    {
        return self::all()[$key] ?? throw RuleFault::unknown($key);
    }

    /**
     * The rules as they hold for one job.
     *
     * @param  array<string, float|string>  $own  values in each rule's unit, by key
     *
     * @throws RuleFault for an unknown key or a value out of range
     */
    public static function with(array $own = [], UnitSystem $units = UnitSystem::Imperial): RuleSet
    {
        return RuleSet::of(self::all(), $own, $units);
    }
}
