<?php

declare(strict_types=1);

namespace Tests\Core\Rules;

use Imbrex\Core\Ground\Rules\RuleFault;
use Imbrex\Core\HouseRules;
use PHPUnit\Framework\TestCase;

final class RuleSetTest extends TestCase
{
    public function test_own_values_stand_over_defaults(): void
    {
        $rules = HouseRules::with(['order.extra' => 3.5, 'order.school' => 'risk']);

        self::assertSame(3.5, $rules->number('order.extra'));
        self::assertSame('risk', $rules->choice('order.school'));
        self::assertSame(0.25, $rules->number('order.step'));
    }

    public function test_every_default_is_accepted_by_its_own_rule(): void
    {
        foreach (HouseRules::all() as $rule) {
            self::assertTrue($rule->accepts($rule->default), $rule->key);
        }
    }

    public function test_what_a_rule_cannot_take_is_refused(): void
    {
        foreach ([['order.extra', 99.0], ['order.extra', -1.0], ['order.extra', NAN], ['order.extra', 'two'], ['order.school', 'luck'], ['no.such.rule', 1.0]] as [$key, $value]) {
            try {
                HouseRules::with([$key => $value]);
                self::fail("$key took ".var_export($value, true));
            } catch (RuleFault $fault) {
                self::assertSame($key, $fault->key);
            }
        }
    }
}
