<?php

declare(strict_types=1);

namespace Imbrex\Core\Rules;

/** The catalogue of house rules: the one home of every default that is a habit of the trade. */
final class HouseRules
{
    /** @var array<string, HouseRule>|null */
    private static ?array $all = null;

    /** @return array<string, HouseRule> by key, in the order of work */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach ([...self::survey(), ...self::roof(), ...self::openings(), ...self::layout(), ...self::finder(), ...self::edges(), ...self::cutting(), ...self::order()] as $rule) {
                self::$all[$rule->key] = $rule;
            }
        }

        return self::$all;
    }

    /** @throws RuleFault when there is no such rule */
    public static function get(string $key): HouseRule
    {
        return self::all()[$key] ?? throw RuleFault::unknown($key);
    }

    /** @return list<HouseRule> */
    private static function survey(): array
    {
        return [
            HouseRule::choice('tape.division', ['1/16', '1/8', '1/32', 'mm']),
            HouseRule::number('survey.spread', RuleUnit::Inches, 0.25, 0.0, 2.0),
            HouseRule::number('survey.miss', RuleUnit::Inches, 0.5, 0.0625, 6.0),
            HouseRule::number('survey.tapeTolerance', RuleUnit::Inches, 0.125, 0.03125, 1.0),
            HouseRule::number('survey.laserTolerance', RuleUnit::Inches, 0.125, 0.03125, 1.0),
            HouseRule::number('survey.countTolerance', RuleUnit::Inches, 1.0, 0.125, 12.0),
            HouseRule::number('survey.reportTolerance', RuleUnit::Percent, 2.0, 0.1, 10.0),
            HouseRule::number('survey.wheelTolerance', RuleUnit::Percent, 3.5, 0.5, 10.0),
            HouseRule::number('survey.pitchTolerance', RuleUnit::RiseIn12, 0.1, 0.0, 1.0),
            HouseRule::number('survey.pitchSpread', RuleUnit::RiseIn12, 0.6, 0.1, 3.0),
            HouseRule::number('survey.hiddenUnderRake', RuleUnit::Inches, 1.5, 0.0, 3.0),
            HouseRule::number('survey.layersAllowed', RuleUnit::Count, 2.0, 0.0, 3.0),
        ];
    }

    /** @return list<HouseRule> */
    private static function roof(): array
    {
        return [
            HouseRule::number('roof.runsUnder', RuleUnit::Inches, 6.0, 1.0, 48.0),
            HouseRule::number('roof.tie', RuleUnit::Inches, 0.5, 0.0625, 6.0),
        ];
    }

    /**
     * How far metal keeps from what comes through the roof, and how much flat pan a boot wants round a pipe.
     *
     * @return list<HouseRule>
     */
    private static function openings(): array
    {
        $clear = static fn (string $key, float $default): HouseRule => HouseRule::number("opening.$key", RuleUnit::Inches, $default, 0.0, 24.0);

        return [
            $clear('skylight.below', 3.0), $clear('skylight.above', 4.0), $clear('skylight.beside', 0.375), $clear('skylight.besideCorrugated', 6.0),
            $clear('chimney.below', 0.5), $clear('chimney.above', 4.0), $clear('chimney.beside', 0.5),
            $clear('curb.below', 0.5), $clear('curb.above', 4.0), $clear('curb.beside', 0.5),
            HouseRule::number('opening.bootFlange', RuleUnit::Inches, 1.5, 0.5, 6.0),
            HouseRule::number('opening.bootClear', RuleUnit::Inches, 1.0, 0.0, 6.0),
            HouseRule::number('opening.flatBeside', RuleUnit::Inches, 3.0, 0.0, 12.0),
            HouseRule::number('opening.cornerClear', RuleUnit::Inches, 1.0, 0.0, 12.0),
        ];
    }

    /**
     * What the layout search counts for each thing one would rather not have.
     *
     * @return list<HouseRule>
     */
    private static function finder(): array
    {
        $weight = static fn (string $key, float $default): HouseRule => HouseRule::number("finder.$key", RuleUnit::Points, $default, 0.0, 10000.0);

        return [
            $weight('narrowRip', 200.0), $weight('keepOut', 60.0), $weight('unmatchedSeam', 6.0), $weight('panel', 10.0), $weight('metal', 1.0), $weight('cut', 2.0), $weight('unevenEnds', 4.0), $weight('oddStart', 1.0),
        ];
    }

    /** @return list<HouseRule> */
    private static function layout(): array
    {
        return [
            HouseRule::number('layout.valleyPointClear', RuleUnit::Inches, 2.0, 0.0, 12.0),
            HouseRule::number('layout.wallClear', RuleUnit::Inches, 3.0, 0.0, 12.0),
            HouseRule::number('layout.narrowestRip', RuleUnit::Inches, 4.0, 1.0, 12.0),
            HouseRule::number('layout.narrowestRipShare', RuleUnit::Share, 1 / 3, 0.1, 0.75),
            HouseRule::number('layout.checkMarkEvery', RuleUnit::Count, 4.0, 1.0, 10.0),
        ];
    }

    /**
     * How far each edge's metal reaches past the roof line (offset, negative = held back) and how much is folded
     * or turned up besides (hem), by panel family: trade practice for concealed and for screw-down panels.
     *
     * @return list<HouseRule>
     */
    private static function edges(): array
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
        ];
    }

    /** @return list<HouseRule> */
    private static function cutting(): array
    {
        return [
            HouseRule::number('cut.notchBack', RuleUnit::Inches, 1.0, 0.5, 2.0),
            HouseRule::number('cut.notchTab', RuleUnit::Inches, 0.75, 0.25, 1.5),
            HouseRule::number('cut.panTurnUp', RuleUnit::Inches, 1.0, 0.5, 2.0),
            HouseRule::choice('cut.hemSchool', ['square', 'quick']),
            HouseRule::number('cut.leastTip', RuleUnit::Inches, 4.0, 1.0, 12.0),
            HouseRule::number('cut.cleatFlange', RuleUnit::Inches, 1.5, 0.5, 4.0),
            HouseRule::choice('cut.overLong', ['lap', 'report']),
            HouseRule::number('cut.endLap', RuleUnit::Inches, 6.0, 4.0, 24.0),
            HouseRule::number('cut.endLapLowSlope', RuleUnit::Inches, 12.0, 4.0, 36.0),
            HouseRule::number('cut.endLapStagger', RuleUnit::Inches, 24.0, 0.0, 120.0),
            HouseRule::number('cut.endLapClear', RuleUnit::Inches, 24.0, 0.0, 120.0),
            HouseRule::choice('cut.pairs', ['one-sheet', 'apart']),
            HouseRule::number('cut.kerf', RuleUnit::Inches, 0.125, 0.0, 2.0),
        ];
    }

    /** @return list<HouseRule> */
    private static function order(): array
    {
        return [
            HouseRule::choice('order.school', ['fixed', 'risk']),
            HouseRule::number('order.extra', RuleUnit::Inches, 2.0, 0.0, 24.0),
            HouseRule::number('order.step', RuleUnit::Inches, 0.25, 0.0625, 12.0),
            HouseRule::number('order.metalPerInch', RuleUnit::MoneyPerInch, 0.35, 0.01, 100.0),
            HouseRule::number('load.handHold', RuleUnit::Inches, 120.0, 48.0, 240.0),
            HouseRule::number('order.scrapCost', RuleUnit::Money, 150.0, 1.0, 100000.0),
        ];
    }
}
