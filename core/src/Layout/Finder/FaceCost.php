<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Layout\MovedEdge;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Layout\Span;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/** What a face costs by where its module lines fall: all that does not depend on its neighbours. */
final class FaceCost
{
    private const SQUARE_INCHES_PER_SQUARE_FOOT = 144.0;

    /** Ends whose widths differ by no more (in) look alike. */
    private const EVEN = 1.0 / 16.0;

    /** Costs are kept by the millionth of an inch. */
    private const KEPT = 1e6;

    public readonly Span $span;

    /** @var list<KeepOut> */
    public readonly array $keepOuts;

    public readonly float $narrowest;

    public readonly bool $leftRake;

    public readonly bool $rightRake;

    private readonly MetalCurve $metal;

    private readonly float $cover;

    /** @var list<array{float, float}> u from and to of what is cut at an angle or notched: each strip under it takes a cut */
    private array $cuts = [];

    /** @var list<array{float, float}> u from and to of openings: a strip wholly under one falls into two pieces */
    private array $openings = [];

    /** @var array<int, float> */
    private array $kept = [];

    /** @var list<float> */
    private array $starts = [];

    public function __construct(Face $face, private readonly Profile $profile, bool $vented, RuleSet $rules, private readonly Weights $weights)
    {
        $moved = MovedFace::metal($face, $profile, $vented, $rules);
        $this->cover = $profile->cover;
        $this->span = $moved->span();
        $this->narrowest = $profile->narrowestRip($rules);
        $this->keepOuts = (new KeepOuts($rules))->on($face, $moved);
        $edges = $moved->edges();
        $this->leftRake = self::rakeAt($edges, true, $this->span->left);
        $this->rightRake = self::rakeAt($edges, false, $this->span->right);
        $this->metal = new MetalCurve(MovedFace::blank($face, $profile, $vented, $rules)->regions, $this->span, $profile->cover, $profile->leftMetal, $profile->rightMetal);
        foreach ($edges as $edge) {
            if (! $edge->side->isBeside() && $edge->side->kind !== EdgeKind::Opening && abs($edge->to->v - $edge->from->v) > Tolerance::SAME_CUT && abs($edge->to->u - $edge->from->u) > Tolerance::SAME_CUT) {
                $this->cuts[] = [min($edge->from->u, $edge->to->u), max($edge->from->u, $edge->to->u)];
            }
        }
        foreach ($face->openings as $opening) {
            if ($opening->kind->partsPanels()) {
                $bounds = $opening->outline->bounds();
                $this->cuts[] = $this->openings[] = [$bounds->left, $bounds->right];
            }
        }
    }

    /** @param  list<float>  $modules  where the starting schools put a module line */
    public function startsAt(array $modules): void
    {
        $this->starts = $modules;
        $this->kept = [];
    }

    /** Points, by the weights. */
    public function total(float $module): float
    {
        $phase = fmod($module, $this->cover);
        $key = (int) round(($phase < 0.0 ? $phase + $this->cover : $phase) * self::KEPT);

        return $this->kept[$key] ??= $this->score($module)->total($this->weights);
    }

    /** Less than this no module line can bring it to. */
    public function floor(): float
    {
        $cuts = 0;
        foreach ($this->cuts as [$from, $to]) {
            $cuts += max(1, (int) ceil(($to - $from) / $this->cover - Tolerance::ON_LINE));
        }
        $panels = max(1, (int) ceil($this->span->width() / $this->cover - Tolerance::ON_LINE));

        return (new Score(0, 0, 0, $panels, $this->squareFeet($this->metal->least()), $cuts))->total($this->weights);
    }

    public function score(float $module): Score
    {
        $c = $this->cover;
        $start = $this->span->left - $this->into($this->span->left, $module);
        $panels = max(1, (int) ceil(($this->span->right - $start) / $c - Tolerance::LENGTH));
        $ends = $this->ends($start, $panels);
        $rips = array_filter($ends, static fn (float $end): bool => $end < $c - Tolerance::LENGTH);
        $narrow = count(array_filter($rips, fn (float $rip): bool => $rip < $this->narrowest - Tolerance::LENGTH));
        $uneven = count($ends) === 2 && abs($ends[0] - $ends[1]) > self::EVEN ? 1 : 0;
        $keepOuts = 0;
        foreach ($this->keepOuts as $out) {
            $hit = $this->seamsBetween($out->left, $out->right, $module);
            if ($out->what === 'tip') {
                $narrow += min(1, $hit);
            } else {
                $keepOuts += $hit;
            }
        }
        $cuts = count($rips);
        foreach ($this->cuts as [$from, $to]) {
            $cuts += (int) floor(($to - $module) / $c - Tolerance::LENGTH) - (int) floor(($from - $module) / $c + Tolerance::LENGTH) + 1;
        }
        foreach ($this->openings as [$from, $to]) {
            $panels += max(0, (int) floor(($to - $module) / $c + Tolerance::LENGTH) - (int) ceil(($from - $module) / $c - Tolerance::LENGTH));
        }

        return new Score($narrow, $keepOuts, 0, $panels, $this->squareFeet($this->metal->at($module)), $cuts, $uneven, $this->isOdd($module) ? 1 : 0);
    }

    /** @return list<KeepOut> those a seam runs through */
    public function broken(float $module): array
    {
        return array_values(array_filter($this->keepOuts, fn (KeepOut $out): bool => $this->seamsBetween($out->left, $out->right, $module) > 0));
    }

    /** Inches from u to the nearest seam. */
    public function clearOf(float $u, float $module): float
    {
        $off = $this->into($u, $module);

        return min($off, $this->cover - $off);
    }

    /**
     * Widths of the panels at the rakes, left first: a cover, or what it is ripped to.
     *
     * @return list<float>
     */
    private function ends(float $start, int $panels): array
    {
        if ($panels === 1) {
            return $this->leftRake || $this->rightRake ? [$this->span->width()] : [];
        }
        $left = $start + $this->cover - $this->span->left;
        $right = $this->span->right - $start - ($panels - 1) * $this->cover;

        return [...($this->leftRake ? [$left] : []), ...($this->rightRake ? [$right] : [])];
    }

    private function isOdd(float $module): bool
    {
        foreach ($this->starts as $start) {
            if ($this->clearOf($start, $module) <= Tie::MEETS) {
                return false;
            }
        }

        return $this->starts !== [];
    }

    private function seamsBetween(float $from, float $to, float $module): int
    {
        return max(0, (int) ceil(($to - $module) / $this->cover - Tolerance::LENGTH) - 1 - (int) floor(($from - $module) / $this->cover + Tolerance::LENGTH));
    }

    /** How far u lies into its strip, 0 to under one cover. */
    private function into(float $u, float $module): float
    {
        $strips = ($u - $module) / $this->cover;

        return max(0.0, ($strips - floor($strips + Tolerance::LENGTH)) * $this->cover);
    }

    private function squareFeet(float $inches): float
    {
        return $inches * $this->profile->coil / self::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** @param  list<MovedEdge>  $edges */
    private static function rakeAt(array $edges, bool $left, float $end): bool
    {
        foreach ($edges as $edge) {
            $at = $left ? min($edge->from->u, $edge->to->u) : max($edge->from->u, $edge->to->u);
            if ($edge->side->isBeside() && $edge->isLeftSide() === $left && abs($at - $end) < Tolerance::ON_LINE) {
                return true;
            }
        }

        return false;
    }
}
