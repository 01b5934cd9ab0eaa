<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** Notches, hems, laps, pairs, and how much longer than its blank a sheet is ordered. */
final class CuttingRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        return [
            HouseRule::number('cut.notchBack', RuleUnit::Inches, 1.0, 0.5, 2.0),
            HouseRule::number('cut.notchTab', RuleUnit::Inches, 0.75, 0.25, 1.5),
            HouseRule::choice('cut.eaveEnd', ['tab', 'plug', 'radius', 'cap']),
            HouseRule::number('cut.capPast', RuleUnit::Inches, 0.75, 0.25, 3.0),
            HouseRule::number('cut.panTurnUp', RuleUnit::Inches, 1.0, 0.5, 2.0),
            HouseRule::number('cut.squareTurnUp', RuleUnit::RiseIn12, 3.0, 0.0, 24.0),
            HouseRule::choice('cut.hemSchool', ['square', 'quick']),
            HouseRule::number('cut.hemJaw', RuleUnit::Inches, 0.25, 0.0625, 1.0),
            HouseRule::number('cut.leastTip', RuleUnit::Inches, 4.0, 1.0, 12.0),
            HouseRule::number('cut.cleatFlange', RuleUnit::Inches, 1.5, 0.5, 4.0),
            HouseRule::number('fit.miss', RuleUnit::Inches, 0.25, 0.0625, 2.0),
            HouseRule::number('fit.apart', RuleUnit::Inches, 0.5, 0.125, 6.0),
            HouseRule::number('fit.mostMove', RuleUnit::Inches, 6.0, 1.0, 24.0),
            HouseRule::choice('cut.overLong', ['lap', 'report']),
            HouseRule::number('cut.endLap', RuleUnit::Inches, 6.0, 4.0, 24.0),
            HouseRule::number('cut.endLapLowSlope', RuleUnit::Inches, 12.0, 4.0, 36.0),
            HouseRule::number('cut.endLapStagger', RuleUnit::Inches, 24.0, 0.0, 120.0),
            HouseRule::number('cut.endLapClear', RuleUnit::Inches, 24.0, 0.0, 120.0),
            HouseRule::choice('cut.pairs', ['one-sheet', 'apart']),
            HouseRule::number('cut.kerf', RuleUnit::Inches, 0.125, 0.0, 2.0),
            HouseRule::choice('order.school', ['fixed', 'risk', 'in-all']),
            HouseRule::number('order.inAll', RuleUnit::Inches, 2.0, 0.0, 24.0),
            HouseRule::number('order.extra', RuleUnit::Inches, 2.0, 0.0, 24.0),
            HouseRule::number('order.step', RuleUnit::Inches, 0.25, 0.0625, 12.0),
            HouseRule::choice('order.currency', ['USD', 'CAD', 'AUD', 'NZD', 'GBP', 'EUR', 'CHF', 'DKK', 'NOK', 'SEK', 'ZAR', 'JPY']),
            HouseRule::number('order.metalPerInch', RuleUnit::MoneyPerInch, 0.35, 0.01, 100.0),
            HouseRule::number('order.scrapCost', RuleUnit::Money, 150.0, 1.0, 100000.0),
        ];
    }
}
