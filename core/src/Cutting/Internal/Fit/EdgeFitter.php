<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal\Fit;

use Imbrex\Core\Cutting\Fit\FittedLine;
use Imbrex\Core\Cutting\Fit\TapedMark;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Roof\Edge;

/** Fits an edge's line to what was taped there, and keeps readings apart that cannot be meant until somebody confirms them. */
final readonly class EdgeFitter
{
    /** A foot misread is one to this (in). */
    private const ABOUT_A_FOOT = 0.25;

    private const FOOT = 12.0;

    /** An inch misread is one to this (in); it is asked back where the two marks of one panel are all there is. */
    private const ABOUT_AN_INCH = 0.125;

    /** An edge turned by more degrees is not the one drawn. */
    private const MOST_TURN = 4.0;

    /** How far roofs turn and move from their drawing as a rule, degrees and inches: tells the likelier of two readings. */
    private const USUAL_TURN = 0.5;

    private const USUAL_MOVE = 1.0;

    /** Nobody reads a tape on a roof to better than this, inches. */
    private const LEAST_SIGMA = 1.0 / 16.0;

    private LineFitter $fitter;

    public function __construct(private RuleSet $rules)
    {
        $this->fitter = new LineFitter;
    }

    /** @param  list<TapedMark>  $marks  in the order they were taped */
    public function fit(Edge $edge, array $marks): FittedLine
    {
        $used = $marks;
        $apart = [];
        while (($out = $this->doubtful($edge, $used)) !== null) {
            $used = array_values(array_filter($used, static fn (TapedMark $mark): bool => $mark !== $out));
            $apart[$out->observation->id] = true;
        }
        $line = $this->fitter->fit($edge, $used);
        $misses = [];
        foreach ($marks as $mark) {
            $misses[$mark->observation->id] = $line->miss($mark);
        }
        $fitted = new FittedLine($used === [] ? null : $line, $marks, $misses, array_intersect_key($misses, $apart));

        return $fitted->worst() > $this->rules->number('fit.miss') ? $fitted->doubting($this->likeliestWrong($edge, $used)?->observation->id) : $fitted;
    }

    /**
     * The reading to be kept apart first; null where all can be meant.
     *
     * @param  list<TapedMark>  $marks
     */
    private function doubtful(Edge $edge, array $marks): ?TapedMark
    {
        $open = array_values(array_filter($marks, static fn (TapedMark $mark): bool => ! $mark->observation->confirmed));
        if ($open === [] || ! $this->cannotAllBeMeant($edge, $marks)) {
            return null;
        }

        return $this->likeliestWrong($edge, $marks, $open);
    }

    /** @param  list<TapedMark>  $marks */
    private function cannotAllBeMeant(Edge $edge, array $marks): bool
    {
        $line = $this->fitter->fit($edge, $marks);
        if (abs($line->turnDegrees()) > self::MOST_TURN || abs($line->move) > $this->rules->number('fit.mostMove')) {
            return true;
        }
        if (count($marks) === 2) {
            $off = abs($this->fitter->fit($edge, [$marks[0]])->above($marks[1]));

            if (! LineFitter::tellAnAngle($line, $marks)) {
                return $off > $this->rules->number('fit.apart');
            }

            return abs($off - self::FOOT) < self::ABOUT_A_FOOT || (self::onOnePanel($marks) && abs($off - 1.0) < self::ABOUT_AN_INCH);
        }
        $shares = $this->fitter->shares($line, $marks);
        foreach ($marks as $i => $mark) {
            // What is left of a misreading after the line has bent towards it.
            if (abs($line->above($mark)) / sqrt(max(1.0 - $shares[$i], 1e-9)) > $this->rules->number('fit.apart') && $shares[$i] < 1.0 - 1e-9) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<TapedMark>  $marks */
    private static function onOnePanel(array $marks): bool
    {
        $panels = array_map(static fn (TapedMark $mark): ?string => $mark->observation->panel(), $marks);

        return $panels[0] !== null && count(array_unique($panels)) === 1;
    }

    /**
     * The one without which the others agree best with each other and, as far as they leave it open, with the drawing.
     *
     * @param  list<TapedMark>  $marks
     * @param  list<TapedMark>|null  $among  null = all of them
     */
    private function likeliestWrong(Edge $edge, array $marks, ?array $among = null): ?TapedMark
    {
        $wrong = null;
        $least = INF;
        foreach ($among ?? $marks as $mark) {
            $rest = array_values(array_filter($marks, static fn (TapedMark $other): bool => $other !== $mark));
            $line = $this->fitter->fit($edge, $rest);
            $cost = ($line->turnDegrees() / self::USUAL_TURN) ** 2 + ($line->move / self::USUAL_MOVE) ** 2;
            foreach ($rest as $other) {
                $cost += ($line->above($other) / max($other->sigma, self::LEAST_SIGMA)) ** 2;
            }
            // Of two that are as likely the later one: what stood first was worked by.
            if ($cost <= $least) {
                [$wrong, $least] = [$mark, $cost];
            }
        }

        return $wrong;
    }
}
