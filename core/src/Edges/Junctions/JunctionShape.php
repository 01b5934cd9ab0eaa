<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Edges\Internal\Junctions\Fold;
use Imbrex\Core\Ground\Geometry\Point;

/**
 * A junction folded up out of its sheet, as it stands on the roof at its pitch: x, y in plan, z up, inches, its point at 0.
 * Roofs that meet are drawn at one pitch.
 *
 * Axes say where an inch along x and along y of the sheet goes.
 *
 * @phpstan-type Axes array{array{float, float, float}, array{float, float, float}}
 */
final readonly class JunctionShape
{
    private const R = JunctionRun::REACH;

    /** As much of a fascia is drawn, inches. */
    private const FASCIA = 9.0;

    private const UP = [0.0, 0.0, 1.0];

    private const DOWN = [0.0, 0.0, -1.0];

    private const ALONG = [1.0, 0.0, 0.0];

    /** @param  float  $rise  of the roof, over a run of one */
    private function __construct(private JunctionKind $kind, private float $rise)
    {
    }

    /** @return list<list<array{float, float, float}>> deck, fascias and walls */
    public static function ground(BuiltJunction $built): array
    {
        $shape = new self($built->junction->kind, $built->rise);
        $grounds = array_map(static fn (Fold $fold): array => $fold->stand($fold->ground, null), $shape->folds());

        return array_values(array_filter($grounds, static fn (array $corners): bool => $corners !== []));
    }

    /** @return array<string, list<list<array{float, float, float}>>> the flats each piece is bent into, by key */
    public static function pieces(BuiltJunction $built): array
    {
        $folds = (new self($built->junction->kind, $built->rise))->folds();
        $pieces = [];
        foreach ($built->junction->pieces as $piece) {
            $pieces[$piece->key] = [];
            foreach ($piece->areas as $area) {
                foreach ($folds as $fold) {
                    $flat = $fold->stand($area->corners, $piece->key);
                    if ($flat !== []) {
                        $pieces[$piece->key][] = $flat;
                    }
                }
            }
        }

        return $pieces;
    }

    /** @return array<string, array{float|int, float|int, float|int}> where each piece is seen best when all lie, in the round, by key */
    public static function seen(BuiltJunction $built): array
    {
        $folds = (new self($built->junction->kind, $built->rise))->folds();
        $best = JunctionRun::seen($built->junction);
        $seen = [];
        foreach (self::pieces($built) as $key => $flats) {
            // What is seen best may be cut off in the round: the middle of its first flat, then.
            $first = $flats[0] ?? [[0.0, 0.0, 0.0]];
            $seen[$key] = [array_sum(array_column($first, 0)) / count($first), array_sum(array_column($first, 1)) / count($first), array_sum(array_column($first, 2)) / count($first)];
            // A hair wide, for what has no area lies in no part.
            $speck = [$best[$key], new Point($best[$key]->u + 0.05, $best[$key]->v), new Point($best[$key]->u, $best[$key]->v + 0.05)];
            foreach (array_reverse($folds) as $fold) {
                $seen[$key] = $fold->stand($speck, $key)[0] ?? $seen[$key];
            }
        }

        return $seen;
    }

    /** @return list<Fold> */
    private function folds(): array
    {
        $r = self::R;
        $t = $this->rise;
        $down = $this->slope(0.0, -1.0);
        $eave = [self::ALONG, self::UP];
        $rake = [self::DOWN, [0.0, 1.0, $t]];
        $beside = [self::UP, [0.0, 1.0, $t]];

        return match ($this->kind) {
            JunctionKind::EaveRake => [
                self::plane(self::box(-$r, 0, 0, $r), $down),
                self::plane(self::box(-$r, -$r, 0, 0), $eave, self::box(-$r, -self::FASCIA, 0, 0), ['panel' => $down]),
                self::plane(self::box(0, 0, $r, $r), $rake, self::box(0, 0, self::FASCIA, $r)),
                // The trim's tab turns back along the rake, the rake trim's nose across the eave.
                self::plane(self::box(0, -$r, $r, 0), [[0.0, 1.0, 0.0], self::UP], [], ['rake-trim' => [self::DOWN, self::ALONG]]),
            ],
            JunctionKind::EaveValley, JunctionKind::EaveHip => $this->eaveCorner($this->kind === JunctionKind::EaveValley),
            JunctionKind::RakeRidge => [
                self::plane(self::box(-$r, -$r, 0, 0), $down),
                self::plane(self::box(-$r, 0, 0, $r), $this->slope(0.0, 1.0)),
                self::plane(self::box(0, -$r, $r, 0), $rake, self::box(0, -$r, self::FASCIA, 0)),
                self::plane(self::box(0, 0, $r, $r), [self::DOWN, [0.0, 1.0, -$t]], self::box(0, 0, self::FASCIA, $r)),
            ],
            JunctionKind::RakeHeadwall => [
                self::plane(self::box(-$r, -$r, 0, 0), $down),
                self::plane(self::box(0, -$r, $r, 0), $rake, self::box(0, -$r, self::FASCIA, 0)),
                self::plane(self::box(-$r, 0, $r, $r), $eave, self::box(-$r, 0, 0, $r)),
            ],
            JunctionKind::HipRidge => [
                self::plane([[0, 0], [$r, -$r], [$r, $r]], $this->slope(1.0, 0.0)),
                self::plane([[-$r, -$r], [$r, -$r], [0, 0], [-$r, 0]], $down),
                self::plane([[-$r, 0], [0, 0], [$r, $r], [-$r, $r]], $this->slope(0.0, 1.0)),
            ],
            JunctionKind::HipHip => [
                self::plane([[0, 0], [$r, -$r], [$r, $r]], $this->slope(1.0, 0.0)),
                self::plane([[0, 0], [-$r, $r], [-$r, -$r]], $this->slope(-1.0, 0.0)),
                self::plane([[0, 0], [-$r, -$r], [$r, -$r]], $down),
                self::plane([[0, 0], [$r, $r], [-$r, $r]], $this->slope(0.0, 1.0)),
            ],
            JunctionKind::ValleyPeak, JunctionKind::LowRidgeSlope => [
                self::plane(self::box(-$r, 0, $r, $r), $this->kind === JunctionKind::ValleyPeak ? $this->slope(0.0, 1.0) : $down),
                self::plane([[0, 0], [$r, -$r], [$r, 0]], $down),
                self::plane([[0, 0], [-$r, 0], [-$r, -$r]], $down),
                self::plane([[0, 0], [0, -$r], [$r, -$r]], $this->slope(1.0, 0.0)),
                self::plane([[0, 0], [-$r, -$r], [0, -$r]], $this->slope(-1.0, 0.0)),
            ],
            JunctionKind::LowRidgeWall => [
                self::plane(self::box(-$r, -$r, 0, 0), $this->slope(-1.0, 0.0)),
                self::plane(self::box(0, -$r, $r, 0), $this->slope(1.0, 0.0)),
                self::plane(self::box(-$r, 0, 0, $r), [[1.0, 0.0, $t], self::UP]),
                self::plane(self::box(0, 0, $r, $r), [[1.0, 0.0, -$t], self::UP]),
            ],
            JunctionKind::OutsideCorner => [
                self::plane(self::box(-$r, -$r, 0, $r), $down),
                self::plane(self::box(0, -$r, $r, 0), $down),
                self::plane([[0, 0], [$r, 0], [$r, $r]], [self::ALONG, [-1.0, 0.0, 1.0]]),
                self::plane([[0, 0], [$r, $r], [0, $r]], [[0.0, -1.0, 1.0 - $t], [0.0, 1.0, $t]]),
            ],
            JunctionKind::InsideCorner => [
                self::plane(self::box(-$r, -$r, 0, 0), $down),
                self::plane(self::box(0, -$r, $r, 0), $beside),
                self::plane(self::box(-$r, 0, 0, $r), $eave),
                // Each flashing is turned round onto the other wall.
                self::plane(self::box(0, 0, $r, $r), [[0.0, -1.0, 0.0], self::UP], [], ['sidewall-flashing' => [self::UP, [-1.0, 0.0, 0.0]], 'siding' => null]),
            ],
            JunctionKind::SidewallEave => [
                self::plane(self::box(-$r, 0, 0, $r), $down),
                self::plane(self::box(-$r, -$r, 0, 0), $eave, self::box(-$r, -self::FASCIA, 0, 0), ['panel' => $down, 'kick-out' => $down]),
                self::plane(self::box(0, -$r, $r, $r), $beside),
            ],
            JunctionKind::ValleyHeadwall => [
                self::plane(self::box(-$r, -$r, 0, $r), $down),
                self::plane(self::box(0, 0, $r, $r), $down),
                self::plane(self::box(0, -$r, $r, 0), $beside),
            ],
        };
    }

    /**
     * @param  list<array{float|int, float|int}>  $area
     * @param  Axes  $axes
     * @param  list<array{float|int, float|int}>|null  $ground  what of it is deck, fascia or wall; null = all
     * @param  array<string, Axes|null>  $otherwise
     */
    private static function plane(array $area, array $axes, ?array $ground = null, array $otherwise = []): Fold
    {
        return new Fold(self::points($area), $axes[0], $axes[1], self::points($ground ?? $area), $otherwise);
    }

    /**
     * @param  list<array{float|int, float|int}>  $corners
     * @return list<Point>
     */
    private static function points(array $corners): array
    {
        return array_map(static fn (array $p): Point => new Point((float) $p[0], (float) $p[1]), $corners);
    }

    /** @return list<array{float, float}> */
    private static function box(float $left, float $bottom, float $right, float $top): array
    {
        return [[$left, $bottom], [$right, $bottom], [$right, $top], [$left, $top]];
    }

    /**
     * Two eaves at a corner; their fascias are mitred along the sheet's y.
     *
     * @return list<Fold>
     */
    private function eaveCorner(bool $turnsIn): array
    {
        $r = self::R;
        $d = M_SQRT1_2;
        $folds = [];
        foreach ([-1.0, 1.0] as $side) {
            // Along the eave away from the corner, and square to it into the roof.
            [$out, $in] = $turnsIn ? [[$side * $d, -$d], [$side * $d, $d]] : [[$side * $d, $d], [-$side * $d, $d]];
            $roof = $this->slope(-$in[0], -$in[1]);
            $along = 2.0 * $d * $side;
            $fascia = [[$along * $out[0], $along * $out[1], $in[0]], [0.0, 0.0, $in[1]]];
            $ends = $turnsIn ? [[$side * $r, -$r], [$side * $r, $r]] : [[$side * $r, $r], [$side * $r, $r]];
            $upper = [[0.0, 0.0], ...$ends, [0.0, $r]];
            $lower = $turnsIn ? [[0.0, 0.0], [0.0, -$r], [$side * $r, -$r]] : [[0.0, 0.0], [0.0, -$r], [$side * $r, -$r], [$side * $r, $r]];
            $far = [2.0 * $r * $out[0], 2.0 * $r * $out[1]];
            $board = [[0.0, 0.0], [0.0, -self::FASCIA / $d], [$far[0] - self::FASCIA * $in[0], $far[1] - self::FASCIA * $in[1]], $far];
            [$deck, $air] = [self::turned($upper, $side > 0.0), self::turned($lower, $side > 0.0)];
            $folds[] = new Fold($deck, $roof[0], $roof[1], $deck);
            $folds[] = new Fold($air, $fascia[0], $fascia[1], self::turned($board, $side > 0.0), ['panel' => $roof, 'panel-far' => $roof]);
        }

        return $folds;
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @return list<Point> the same corner once, against the clock
     */
    private static function turned(array $corners, bool $isRight): array
    {
        $points = [];
        foreach ($corners as [$x, $y]) {
            $points["$x $y"] = new Point($x, $y);
        }
        $points = array_values($points);

        return $isRight ? $points : array_reverse($points);
    }

    /**
     * @param  float  $x  which way it falls, with `$y` of length one
     * @return Axes
     */
    private function slope(float $x, float $y): array
    {
        return [[1.0, 0.0, -$this->rise * $x], [0.0, 1.0, -$this->rise * $y]];
    }
}
