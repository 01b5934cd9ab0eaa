<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** What meets what, how far metal keeps from what comes through the roof, and how much flat pan a boot wants round a pipe. */
final class RoofRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        $clear = static fn (string $key, float $default): HouseRule => HouseRule::number("opening.$key", RuleUnit::Inches, $default, 0.0, 24.0);

        return [
            HouseRule::number('roof.runsUnder', RuleUnit::Inches, 6.0, 1.0, 48.0),
            HouseRule::number('roof.tie', RuleUnit::Inches, 0.5, 0.0625, 6.0),
            HouseRule::number('opening.skylightPitch', RuleUnit::RiseIn12, 3.0, 0.0, 12.0),
            HouseRule::number('opening.readyMadeHeight', RuleUnit::Inches, 1.5, 0.5, 3.0),
            $clear('skylight.below', 3.0), $clear('skylight.above', 4.0), $clear('skylight.beside', 0.375), $clear('skylight.besideCorrugated', 6.0),
            $clear('chimney.below', 0.5), $clear('chimney.above', 4.0), $clear('chimney.beside', 0.5),
            $clear('curb.below', 0.5), $clear('curb.above', 4.0), $clear('curb.beside', 0.5),
            $clear('vent.below', 0.5), $clear('vent.above', 4.0), $clear('vent.beside', 0.5),
            HouseRule::number('opening.bootFlange', RuleUnit::Inches, 1.5, 0.5, 6.0),
            HouseRule::number('opening.bootClear', RuleUnit::Inches, 1.0, 0.0, 6.0),
            HouseRule::number('opening.crossBeside', RuleUnit::Inches, 6.0, 1.0, 24.0),
            HouseRule::number('opening.crossFlat', RuleUnit::Inches, 2.0, 0.0, 12.0),
            HouseRule::number('opening.cricketReveal', RuleUnit::Inches, 6.0, 1.0, 9.0),
            HouseRule::number('opening.offValley', RuleUnit::Inches, 12.0, 0.0, 60.0),
            HouseRule::number('opening.flatBeside', RuleUnit::Inches, 3.0, 0.0, 12.0),
            HouseRule::number('opening.cornerClear', RuleUnit::Inches, 1.0, 0.0, 12.0),
        ];
    }
}
