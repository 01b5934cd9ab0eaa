<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** Where no seam should run, how narrow a rip may be, and what the search counts for each thing one would rather not have. */
final class LayoutRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        $weight = static fn (string $key, float $default): HouseRule => HouseRule::number("finder.$key", RuleUnit::Points, $default, 0.0, 10000.0);

        return [
            HouseRule::number('layout.valleyPointClear', RuleUnit::Inches, 2.0, 0.0, 12.0),
            HouseRule::number('layout.wallClear', RuleUnit::Inches, 3.0, 0.0, 12.0),
            HouseRule::number('layout.narrowestRip', RuleUnit::Inches, 4.0, 1.0, 12.0),
            HouseRule::number('layout.narrowestRipShare', RuleUnit::Share, 1 / 3, 0.1, 0.75),
            HouseRule::number('layout.lineOut', RuleUnit::Inches, 0.125, 0.0625, 2.0),
            HouseRule::number('layout.checkMarkEvery', RuleUnit::Count, 4.0, 1.0, 10.0),
            $weight('narrowRip', 200.0), $weight('keepOut', 60.0), $weight('unmatchedSeam', 6.0), $weight('panel', 10.0), $weight('metal', 1.0), $weight('cut', 2.0), $weight('unevenEnds', 4.0), $weight('oddStart', 1.0),
        ];
    }
}
