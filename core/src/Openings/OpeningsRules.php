<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** How far the flashing of an opening reaches, what holds it, and how long it takes: trade practice, §9. */
final class OpeningsRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        $inches = static fn (string $key, float $default, float $least, float $most): HouseRule => HouseRule::number("flash.$key", RuleUnit::Inches, $default, $least, $most);

        return [
            $inches('upturn', 4.0, 2.0, 12.0),
            $inches('flange', 3.0, 1.0, 8.0),
            $inches('flangeScrewed', 4.5, 2.0, 12.0),
            $inches('front', 5.0, 2.0, 16.0),
            $inches('past', 1.0, 0.25, 4.0),
            $inches('overApron', 2.0, 0.5, 6.0),
            $inches('pastFoot', 13.0, 4.0, 24.0),
            $inches('pastHead', 9.0, 2.0, 24.0),
            $inches('lap', 6.0, 3.0, 18.0),
            $inches('hem', 0.5, 0.0, 1.0),
            $inches('tab', 1.0, 0.5, 3.0),
            $inches('slot', 2.0, 0.0, 4.0),
            $inches('screws', 8.0, 2.0, 24.0),
            $inches('screwsClose', 4.0, 1.0, 24.0),
            $inches('counterFace', 3.0, 1.5, 8.0),
            $inches('counterLap', 2.0, 1.0, 4.0),
            $inches('kerf', 0.625, 0.375, 1.5),
            $inches('bootScrews', 1.5, 0.5, 4.0),
            $inches('wholeLonger', 24.0, 0.0, 60.0),
            HouseRule::number('flash.minutes', RuleUnit::Count, 25.0, 1.0, 240.0),
        ];
    }
}
