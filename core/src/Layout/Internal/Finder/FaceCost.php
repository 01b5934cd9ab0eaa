<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\Internal\MovedEdge;
use Imbrex\Core\Layout\Internal\Span;
use Imbrex\Core\Layout\Internal\StripGrid;
use Imbrex\Core\Layout\PieceCutter;
use Imbrex\Core\Roof\Face;

/** What a face costs by where its module lines fall: all that does not depend on its neighbours. */
final class FaceCost
{
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

    private readonly Profile $profile;

    private readonly float $cover;

    /** @var list<array{float, float}> u from and to of what is cut at an angle or notched: each strip under it takes a cut */
    private array $cuts = [];

    /** @var array<int, float> */
    private array $kept = [];

    private ?float $floor = null;

    /** @var list<float> */
    private array $starts = [];

    /** @param  float  $share  of the places of a module line where the metal changes its course, how many are looked at */
    public function __construct(Face $face, Builds $builds, private readonly Weights $weights, float $share = 1.0)
    {
        $pieces = new PieceCutter($face, $builds);
        $profile = $this->profile = $builds->covering->profile;
        $rules = $builds->covering->rules;
        $this->cover = $profile->cover;
        $this->span = $pieces->metal->span();
        $this->narrowest = $profile->narrowestRip($rules);
        $this->keepOuts = (new KeepOuts($builds->covering))->on($face, $pieces->metal);
        $edges = $pieces->metal->edges();
        $this->leftRake = self::rakeAt($edges, true, $this->span->left);
        $this->rightRake = self::rakeAt($edges, false, $this->span->right);
        $this->metal = new MetalCurve($pieces, $profile, $share);
        foreach ($edges as $edge) {
            if (! $edge->side->isBeside() && $edge->side->kind !== EdgeKind::Opening && abs($edge->to->v - $edge->from->v) > Tolerance::SAME_CUT && $edge->right() - $edge->left() > Tolerance::SAME_CUT) {
                $this->cuts[] = [$edge->left(), $edge->right()];
            }
        }
        foreach ($face->openings as $opening) {
            if ($opening->kind->partsPanels()) {
                $bounds = $opening->outline->bounds();
                $this->cuts[] = [$bounds->left, $bounds->right];
            }
        }
    }

    /** @param  list<float>  $modules  where the ways to start put a module line */
    public function startsAt(array $modules): void
    {
        $this->starts = $modules;
        $this->kept = [];
        $this->floor = null;
    }

    /** @return array{float, float} where sixteenths are counted from, u in inches, and which way: 1 to the right, −1 to the left */
    public function origin(): array
    {
        return match ($this->profile->hand) {
            Hand::FemaleLeft => [$this->span->left, 1.0],
            Hand::FemaleRight => [$this->span->right, -1.0],
            default => [$this->span->middle(), 1.0],
        };
    }

    /** Points, by the weights. */
    public function total(float $module): float
    {
        $phase = fmod($module, $this->cover);
        $key = (int) round(($phase < 0.0 ? $phase + $this->cover : $phase) * self::KEPT);

        return $this->kept[$key] ??= $this->score($module)->total($this->weights);
    }

    /** Less than this no module line can bring it to: between two places what it costs grows or falls evenly. */
    public function floor(): float
    {
        return $this->floor ??= min(INF, ...array_map($this->total(...), $this->places()));
    }

    /**
     * Places for a module line, over one cover, at one of which it costs the least it can: wherever a count changes, and
     * wherever the metal bends its course.
     *
     * @return list<float> u, inches
     */
    public function places(): array
    {
        $places = $this->metal->places();
        [$left, $right] = [$this->span->left, $this->span->right];
        array_push($places, $left, $right, $left + $this->narrowest, $right - $this->narrowest, ...$this->starts);
        foreach ([-self::EVEN, 0.0, self::EVEN] as $off) {
            // Both ends alike: half of what is left over together with no panel, or with one.
            array_push($places, $left + ($this->span->width() + $off) / 2.0, $left + ($this->span->width() + $off + $this->cover) / 2.0);
        }
        foreach ($this->keepOuts as $out) {
            array_push($places, $out->left, $out->right);
        }
        foreach ($this->cuts as [$from, $to]) {
            array_push($places, $from, $to);
        }
        $kept = [];
        foreach ($places as $u) {
            $phase = fmod($u, $this->cover);
            $phase = $phase < 0.0 ? $phase + $this->cover : $phase;
            $kept[(int) round($phase * self::KEPT)] ??= $phase;
        }
        ksort($kept);

        return array_values($kept);
    }

    public function score(float $module): Score
    {
        $c = $this->cover;
        $grid = StripGrid::over($this->span, $c, $module);
        $ends = $this->ends($grid);
        $rips = array_filter($ends, static fn (float $end): bool => $end < $c - Tolerance::ON_LINE);
        $narrow = count(array_filter($rips, fn (float $rip): bool => $rip < $this->narrowest - Tolerance::LENGTH));
        $uneven = count($ends) === 2 && abs($ends[0] - $ends[1]) > self::EVEN + Tolerance::LENGTH ? 1 : 0;
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
            $cuts += (int) floor(($to - $module - Tolerance::LENGTH) / $c) - (int) floor(($from - $module + Tolerance::LENGTH) / $c) + 1;
        }
        $taken = $this->metal->at($module);

        return new Score(
            narrow: $narrow,
            keepOuts: $keepOuts,
            unmatched: 0,
            panels: $taken->pieces,
            squareFeet: $this->profile->squareFeet($taken->inches),
            cuts: $cuts,
            uneven: $uneven,
            odd: $this->isOdd($module) ? 1 : 0,
        );
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
    private function ends(StripGrid $grid): array
    {
        if ($grid->count === 1) {
            return $this->leftRake || $this->rightRake ? [$this->span->width()] : [];
        }

        return [...($this->leftRake ? [$grid->first()] : []), ...($this->rightRake ? [$grid->last()] : [])];
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

    /** @param  list<MovedEdge>  $edges */
    private static function rakeAt(array $edges, bool $left, float $end): bool
    {
        foreach ($edges as $edge) {
            $at = $left ? $edge->left() : $edge->right();
            if ($edge->side->isBeside() && $edge->isLeftSide() === $left && abs($at - $end) < Tolerance::ON_LINE) {
                return true;
            }
        }

        return false;
    }
}
