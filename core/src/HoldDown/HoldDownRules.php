<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;
use Imbrex\Core\Ground\Units\Length;

/** Where clips and screws stand, and what one costs: trade practice, §10. */
final class HoldDownRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        $inches = static fn (string $key, float $default, float $least, float $most): HouseRule => HouseRule::number("hold.$key", RuleUnit::Inches, $default, $least, $most);

        return [
            HouseRule::choice('hold.school', ClipSchool::keys()),
            $inches('uniform', 24.0, 6.0, 60.0),
            $inches('dense', 12.0, 6.0, 36.0),
            HouseRule::number('hold.densePanels', RuleUnit::Count, 3.0, 0.0, 20.0),
            $inches('denseEave', 48.0, 0.0, 240.0),
            $inches('most', 36.0, 6.0, 60.0),
            $inches('least', 4.0, 2.0, 12.0),
            $inches('step', 0.5, 0.0, 6.0),
            HouseRule::number('hold.chalk', RuleUnit::Inches, 0.5, 0.0, 1.0, metric: 10.0 / Length::MILLIMETRES_PER_INCH),
            $inches('end', 10.0, 2.0, 24.0),
            $inches('denseFirst', 5.0, 1.0, 24.0),
            $inches('offValley', 12.0, 6.0, 36.0),
            $inches('slots', 12.0, 4.0, 24.0),
            HouseRule::number('hold.screws', RuleUnit::Count, 2.0, 2.0, 3.0),
            $inches('rowEnd', 2.0, 0.5, 6.0),
            $inches('rows', 24.0, 6.0, 60.0),
            HouseRule::choice('hold.fix', FixedBy::keys()),
            $inches('crimp', 2.0, 0.5, 12.0),
            HouseRule::number('hold.clipMoney', RuleUnit::Money, 0.9, 0.0, 100.0),
            HouseRule::number('hold.screwMoney', RuleUnit::Money, 0.12, 0.0, 100.0),
            HouseRule::number('hold.clipsAnHour', RuleUnit::Count, 60.0, 5.0, 600.0),
            HouseRule::number('snow.first', RuleUnit::Inches, 18.0, 6.0, 60.0),
            HouseRule::number('snow.apart', RuleUnit::Inches, 12.0, 6.0, 60.0),
            HouseRule::number('snow.bay', RuleUnit::Inches, 6.0, 2.0, 24.0),
            HouseRule::number('snow.pads', RuleUnit::Count, 1.0, 1.0, 4.0),
        ];
    }
}
