<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** How hard it rains, and what is kept to spare: trade practice, §12. */
final class WaterRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        return [
            HouseRule::number('water.rain', RuleUnit::Inches, 4.0, 0.5, 30.0),
            HouseRule::number('water.spare', RuleUnit::Inches, 1.0, 0.0, 6.0),
            HouseRule::number('water.crimp', RuleUnit::Inches, 1.0, 0.0, 3.0),
            HouseRule::number('water.cricket', RuleUnit::Inches, 30.0, 6.0, 120.0),
            HouseRule::number('water.apron', RuleUnit::Count, 2.0, 0.1, 50.0),
            HouseRule::number('water.snowApron', RuleUnit::Count, 20.0, 0.0, 300.0),
            HouseRule::number('water.ontoOpening', RuleUnit::Count, 0.5, 0.0, 50.0),
            HouseRule::number('water.onePan', RuleUnit::Count, 8.0, 1.0, 100.0),
        ];
    }
}
