<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Roof\Face;

/** The ways to start as they apply to a face, and which of them a layout is. */
final readonly class Starts
{
    /** Starts at the same place to this (in) are one. */
    public const SAME = 1e-4;

    public function __construct(private Profile $profile, private LayoutPlanner $planner)
    {
    }

    /** @return list<Start> the ways a roofer could start this face */
    public function of(Face $face, FaceCost $cost): array
    {
        $choices = [];
        if ($cost->leftRake && $cost->rightRake) {
            $choices[] = [new LayoutChoice(StartKind::Balanced), null];
        }
        // The rake the panel's hand starts at comes first.
        $rakes = $this->profile->hand->runsLeftToRight() ? [true, false] : [false, true];
        foreach ($rakes as $left) {
            if ($left ? $cost->leftRake : $cost->rightRake) {
                $choices[] = [new LayoutChoice(StartKind::OneEnd, $left), null];
            }
        }
        $choices[] = [new LayoutChoice(StartKind::CentreSeam), null];
        $choices[] = [new LayoutChoice(StartKind::CentrePan), null];
        $points = KeepOuts::valleyPointsOf($face);
        foreach ($points as $u) {
            $choices[] = [new LayoutChoice(StartKind::ControlPoint, at: $u, asSeam: false), 'valley-point'];
            $choices[] = [new LayoutChoice(StartKind::ControlPoint, at: $u), 'valley-point'];
        }
        if ($points === []) {
            $choices[] = [new LayoutChoice(StartKind::ControlPoint, at: $cost->span->middle()), null];
        }

        $starts = array_map(fn (array $choice): Start => new Start($choice[0], $this->planner->moduleLine($cost->span, $choice[0]), $choice[1]), $choices);
        $cost->startsAt(array_map(static fn (Start $s): float => $s->module, $starts));

        return $starts;
    }

    /**
     * The one that puts a module line there.
     *
     * @param  list<Start>  $starts
     */
    public function at(array $starts, float $module): ?Start
    {
        foreach ($starts as $start) {
            if ($this->sameLines($start->module, $module)) {
                return $start;
            }
        }

        return null;
    }

    /**
     * What lies where a choice starts.
     *
     * @param  list<Start>  $starts
     */
    public function placeOf(array $starts, LayoutChoice $choice): ?string
    {
        foreach ($starts as $start) {
            if ($this->isSame($start->choice, $choice)) {
                return $start->place;
            }
        }

        return null;
    }

    public function isSame(LayoutChoice $start, LayoutChoice $choice): bool
    {
        $hand = $this->profile->hand->runsLeftToRight();

        return $start->start === $choice->start && match ($start->start) {
            StartKind::OneEnd => ($start->fromLeft ?? $hand) === ($choice->fromLeft ?? $hand),
            StartKind::ControlPoint => $start->asSeam === $choice->asSeam && abs(($start->at ?? 0.0) - ($choice->at ?? $start->at ?? 0.0)) < self::SAME,
            default => true,
        };
    }

    /** Whether module lines through a and through b are the same lines. */
    public function sameLines(float $a, float $b): bool
    {
        $off = fmod(abs($a - $b), $this->profile->cover);

        return min($off, $this->profile->cover - $off) < self::SAME;
    }
}
