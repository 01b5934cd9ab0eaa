<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/** Tolerances and limits of what was measured. */
final class SurveyRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        return [
            HouseRule::choice('tape.division', ['1/16', '1/8', '1/32', 'mm'], metric: 'mm'),
            HouseRule::number('survey.spread', RuleUnit::Inches, 0.25, 0.0, 2.0),
            HouseRule::number('survey.miss', RuleUnit::Inches, 0.5, 0.0625, 6.0),
            HouseRule::number('survey.tapeTolerance', RuleUnit::Inches, 0.125, 0.03125, 1.0),
            HouseRule::number('survey.laserTolerance', RuleUnit::Inches, 0.125, 0.03125, 1.0),
            HouseRule::number('survey.countTolerance', RuleUnit::Inches, 1.0, 0.125, 12.0),
            HouseRule::number('survey.countPerPanel', RuleUnit::Inches, 0.0625, 0.0, 1.0),
            HouseRule::number('survey.drawingTolerance', RuleUnit::Percent, 1.0, 0.1, 10.0),
            HouseRule::number('survey.reportTolerance', RuleUnit::Percent, 2.0, 0.1, 10.0),
            HouseRule::number('survey.wheelTolerance', RuleUnit::Percent, 3.5, 0.5, 10.0),
            HouseRule::number('survey.pitchTolerance', RuleUnit::RiseIn12, 0.1, 0.0, 1.0),
            HouseRule::number('survey.pitchSpread', RuleUnit::RiseIn12, 0.6, 0.1, 3.0),
            HouseRule::number('survey.hiddenUnderRake', RuleUnit::Inches, 1.5, 0.0, 3.0),
            HouseRule::number('survey.layersAllowed', RuleUnit::Count, 2.0, 0.0, 3.0),
        ];
    }
}
