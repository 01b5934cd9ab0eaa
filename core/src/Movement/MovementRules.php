<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** Temperatures metal comes to, and what a hem must keep hold of: trade practice. */
final class MovementRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        return [
            HouseRule::number('move.cold', RuleUnit::Fahrenheit, -5.0, -60.0, 60.0),
            HouseRule::number('move.hotAir', RuleUnit::Fahrenheit, 100.0, 60.0, 130.0),
            HouseRule::number('move.white', RuleUnit::FahrenheitMore, 40.0, 0.0, 120.0),
            HouseRule::number('move.mid', RuleUnit::FahrenheitMore, 60.0, 0.0, 120.0),
            HouseRule::number('move.dark', RuleUnit::FahrenheitMore, 80.0, 0.0, 120.0),
            HouseRule::number('move.engaged', RuleUnit::Inches, 0.25, 0.0, 1.0),
            HouseRule::number('move.splice', RuleUnit::Inches, 0.1875, 0.0, 1.0),
            HouseRule::number('move.habitLeast', RuleUnit::Inches, 0.25, 0.0, 1.0),
            HouseRule::number('move.habitMost', RuleUnit::Inches, 0.5, 0.0, 1.5),
        ];
    }
}
