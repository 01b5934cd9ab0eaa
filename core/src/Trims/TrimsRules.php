<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** Sticks, how runs are divided, and what their ends are longer than the edge: trade practice. */
final class TrimsRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        $inches = static fn (string $key, float $default, float $least, float $most): HouseRule => HouseRule::number("trim.$key", RuleUnit::Inches, $default, $least, $most);

        return [
            HouseRule::choice('trim.school', RunSchool::keys()),
            $inches('stick', 120.0, 24.0, 480.0),
            $inches('sheet', 48.0, 12.0, 60.0),
            $inches('least', 24.0, 6.0, 60.0),
            $inches('kerf', 0.0, 0.0, 0.25),
            $inches('keep', 24.0, 6.0, 96.0),
            $inches('tab', 1.0, 0.0, 6.0),
            $inches('wallOn', 2.0, 0.0, 6.0),
            $inches('noseFold', 1.25, 0.0, 6.0),
            $inches('valleyPast', 2.0, 1.0, 3.0),
            $inches('valleyHem', 1.0, 0.0, 2.0),
            $inches('valleyLong', 6.0, 0.0, 24.0),
            $inches('saddleFoot', 8.0, 6.0, 16.0),
            $inches('valleyLeave', 0.25, 0.0, 1.0),
            $inches('headLong', 4.0, 0.0, 12.0),
            $inches('receiverBack', 1.0, 0.0, 3.0),
        ];
    }
}
