<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\Ground\Rules\RuleUnit;

/**
 * How far each edge's metal reaches past the roof line (offset, negative = held back) and how much is folded or turned up
 * besides (hem), by panel family: trade practice for concealed and for screw-down panels.
 */
final class BuildsRules
{
    /** @return list<HouseRule> */
    public static function all(): array
    {
        $offset = static fn (string $key, float $default, float $least, float $most): HouseRule => HouseRule::number("edge.$key.offset", RuleUnit::Inches, $default, $least, $most);
        $hem = static fn (string $key, float $default, float $most): HouseRule => HouseRule::number("edge.$key.hem", RuleUnit::Inches, $default, 0.0, $most);

        return [
            $offset('eave.concealed', 1.0, 0.0, 1.5), $hem('eave.concealed', 1.0, 1.5),
            $offset('eave.exposed', 1.0, 0.0, 2.0), $hem('eave.exposed', 0.0, 1.5),
            $offset('ridge.concealed', 0.0, -3.0, 0.0), $hem('ridge.concealed', 0.0, 1.5),
            $offset('ridge.exposed', -1.0, -3.0, 0.0), $hem('ridge.exposed', 0.0, 0.0),
            $offset('ridge-vented.concealed', -2.0, -4.0, -0.5), $hem('ridge-vented.concealed', 0.0, 0.0),
            $offset('ridge-vented.exposed', -2.0, -4.0, -0.5), $hem('ridge-vented.exposed', 0.0, 0.0),
            $offset('peak.concealed', 0.0, -1.0, 1.0), $hem('peak.concealed', 1.0, 1.5),
            $offset('peak.exposed', 0.0, -1.0, 1.0), $hem('peak.exposed', 0.0, 1.5),
            $offset('rake.concealed', 0.0, -1.0, 1.0), $hem('rake.concealed', 1.5, 2.5),
            $offset('rake.exposed', -0.25, -1.0, 1.0), $hem('rake.exposed', 0.0, 0.0),
            // A gap between the rake's starter and the first panel's clips.
            HouseRule::number('edge.rake.standOff', RuleUnit::Inches, 0.375, 0.0, 1.5),
            // Left open where lengths of trim and cleat butt, for they move.
            HouseRule::number('edge.spliceGap', RuleUnit::Inches, 0.1875, 0.0, 0.5),
            $offset('hip.concealed', -0.5, -3.0, 0.0), $hem('hip.concealed', 0.0, 1.5),
            $offset('hip.exposed', -1.0, -3.0, 0.0), $hem('hip.exposed', 0.0, 0.0),
            // Held back by the reveal: the bare pan from the valley's centre to the panel's end.
            $offset('valley.concealed', -4.0, -9.0, -1.0), $hem('valley.concealed', 1.0, 1.5),
            $offset('valley.exposed', -4.0, -9.0, -1.0), $hem('valley.exposed', 0.0, 0.0),
            $offset('headwall.concealed', -1.0, -2.0, 0.0), $hem('headwall.concealed', 0.0, 1.5),
            $offset('headwall.exposed', -0.5, -2.0, 0.0), $hem('headwall.exposed', 0.0, 0.0),
            $offset('sidewall.concealed', -0.5, -2.0, 0.0), $hem('sidewall.concealed', 1.5, 2.5),
            $offset('sidewall.exposed', -0.5, -2.0, 0.0), $hem('sidewall.exposed', 0.0, 0.0),
            // A pitch change is a headwall to the roof below it and an eave to the roof above.
            $offset('transition-below.concealed', -1.0, -3.0, 0.0), $hem('transition-below.concealed', 0.0, 1.5),
            $offset('transition-below.exposed', -0.5, -3.0, 0.0), $hem('transition-below.exposed', 0.0, 0.0),
            $offset('transition-above.concealed', 1.0, 0.0, 1.5), $hem('transition-above.concealed', 1.0, 1.5),
            $offset('transition-above.exposed', 1.0, 0.0, 2.0), $hem('transition-above.exposed', 0.0, 1.5),
            // Panels laid sideways are folded down over a zee; those that run up the slope go on under it.
            $offset('cross-end-above.concealed', 0.5, 0.0, 2.0), $hem('cross-end-above.concealed', 1.0, 2.0),
            $offset('cross-end-below.concealed', 2.0, 0.0, 6.0), $hem('cross-end-below.concealed', 0.0, 1.5),
            // What single builds ask where it is not what is usual at their edge.
            HouseRule::number('build.hooked-drip.offset', RuleUnit::Inches, 0.75, 0.0, 1.5),
            HouseRule::number('build.stiffened-eave.offset', RuleUnit::Inches, 1.5, 0.5, 2.0),
            HouseRule::number('build.closing-hem.hem', RuleUnit::Inches, 0.75, 0.5, 1.5),
            HouseRule::number('build.leg-refitted.offset', RuleUnit::Inches, -1.0, -2.0, 0.0),
        ];
    }
}
