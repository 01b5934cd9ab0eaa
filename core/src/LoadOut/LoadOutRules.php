<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** How a load is carried, and on what its lists are printed. */
final class LoadOutRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        return [
            HouseRule::choice('print.paper', ['letter', 'A4'], metric: 'A4'),
            HouseRule::number('load.handHold', RuleUnit::Inches, 120.0, 48.0, 240.0),
        ];
    }
}
