<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Snow;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Rules\RuleSet;

/**
 * Places rows of snow guards over what lies below a face. Snow slides without friction: on each foot of width the load down the slope is
 * what lies on the level × run in plan × sin θ; each row takes what lies above it up to the next. As many rows as the guards need (trade practice, §10).
 */
final readonly class GuardPlacer
{
    /** Nearer (in) to the upper end of the metal, or over something cut out, a guard holds nothing. */
    private const CLEAR = 6.0;

    /** Rows (in) so near in height are one. */
    private const LEVEL = 0.5;

    /**
     * @param  float  $each  lb one pad or clamp may hold
     * @param  float|null  $psf  on the level; null where nobody has said
     */
    public function __construct(private Profile $profile, private RuleSet $rules, private GuardKind $kind, private float $each, private ?float $psf, private float $pitchDegrees)
    {
    }

    /**
     * @param  int  $number  of the place among the job's
     * @param  list<Panel>  $panels  of the face
     * @param  float  $left  of the face, across it, inches
     * @return array{list<GuardRow>, array<string, float>} rows, and lb of snow held by panel
     */
    public function place(GuardedPlace $place, int $number, array $panels, float $left): array
    {
        $columns = $this->columns($panels, $left + $place->from, $left + $place->to);
        $first = $this->rules->number('snow.first');
        $deepest = max([0.0, ...array_map(static fn (SnowColumn $column): float => $column->high - $column->low - $first, $columns)]);
        if ($deepest <= 0.0) {
            return [[], []];
        }
        $count = max([1, ...array_map(fn (SnowColumn $column): int => (int) ceil(($this->load($column, $deepest) ?? 0.0) / $this->capacity() - 1e-9), $columns)]);
        $step = $deepest / $count;
        [$rows, $held] = [[], []];
        for ($i = 0; $i < $count; $i++) {
            $level = [];
            foreach ($columns as $column) {
                $v = $column->onMetal($column->low + $first + $i * $step, self::CLEAR);
                if ($v === null || $v > $column->high - self::CLEAR) {
                    continue;
                }
                $to = $i + 1 < $count ? min($column->high, $column->low + $first + ($i + 1) * $step) : $column->high;
                $load = $this->load($column, max(0.0, $to - $v));
                $panel = $column->panelAt($v)?->id;
                $panel !== null && $held[$panel] = ($held[$panel] ?? 0.0) + ($load ?? 0.0);
                $level[] = [$column, $v, $load];
            }
            array_push($rows, ...$this->runs($place->face, $number, $i + 1, $level));
        }

        return [$rows, $held];
    }

    /**
     * Whole pans, or bays between ribs, that a stretch touches.
     *
     * @param  list<Panel>  $panels
     * @return list<SnowColumn> from the left
     */
    private function columns(array $panels, float $from, float $to): array
    {
        $strips = [];
        foreach ($panels as $panel) {
            $strips[$panel->strip->position][] = $panel;
        }
        $columns = [];
        foreach ($strips as $pieces) {
            $strip = $pieces[0]->strip;
            foreach ($this->bays($strip->moduleLeft, $strip->left, $strip->right) as [$left, $right]) {
                $column = $right > $from + 1e-6 && $left < $to - 1e-6 ? SnowColumn::of($left, $right, $pieces) : null;
                $column !== null && $columns[] = $column;
            }
        }
        usort($columns, static fn (SnowColumn $a, SnowColumn $b): int => $a->left <=> $b->left);

        return $columns;
    }

    /** @return list<array{float, float}> across the face */
    private function bays(float $module, float $left, float $right): array
    {
        if ($this->profile->family->isConcealed()) {
            return [[$left, $right]];
        }
        $cuts = array_filter(array_map(static fn (float $rib): float => $module + $rib, $this->profile->ribs), static fn (float $u): bool => $u > $left + 1.0 && $u < $right - 1.0);
        $sides = [$left, ...array_values($cuts), $right];

        return array_map(static fn (float $from, float $to): array => [$from, $to], array_slice($sides, 0, -1), array_slice($sides, 1));
    }

    /** lb of snow down the slope that lies on so much of a column, inches up the slope. */
    private function load(SnowColumn $column, float $up): ?float
    {
        $radians = deg2rad($this->pitchDegrees);

        return $this->psf === null ? null : $this->psf * $up * cos($radians) * $column->width() / Profile::SQUARE_INCHES_PER_SQUARE_FOOT * sin($radians);
    }

    /** lb one row holds in one column. */
    private function capacity(): float
    {
        return $this->each * ($this->kind === GuardKind::Pads ? $this->rules->number('snow.pads') : 1.0);
    }

    /**
     * @param  list<array{SnowColumn, float, float|null}>  $level  columns from the left, each with where its guard is and what it holds
     * @return list<GuardRow> side by side at one height
     */
    private function runs(string $face, int $place, int $number, array $level): array
    {
        $runs = [];
        foreach ($level as $one) {
            $last = count($runs) - 1;
            $before = $last >= 0 ? $runs[$last][count($runs[$last]) - 1] : null;
            if ($before !== null && abs($before[1] - $one[1]) < self::LEVEL && abs($before[0]->right - $one[0]->left) < 1e-6) {
                $runs[$last][] = $one;
            } else {
                $runs[] = [$one];
            }
        }

        return array_map(fn (array $run): GuardRow => new GuardRow(
            $face, $place, $number, $run[0][1], $run[0][0]->left, $run[count($run) - 1][0]->right,
            $this->psf === null ? null : (float) array_sum(array_column($run, 2)), $this->capacity() * count($run), $this->guards($run),
        ), $runs);
    }

    /**
     * @param  non-empty-list<array{SnowColumn, float, float|null}>  $run
     * @return list<Point> pads side by side in each column, or a clamp on every seam
     */
    private function guards(array $run): array
    {
        $at = [];
        foreach ($run as [$column, $v]) {
            $pads = $this->kind === GuardKind::Pads ? (int) $this->rules->number('snow.pads') : 0;
            for ($i = 0; $i < $pads; $i++) {
                $at[] = new Point($column->left + $column->width() * ($i + 0.5) / $pads, $v);
            }
            $this->kind === GuardKind::Rail && $at[] = new Point($column->left, $v);
        }
        $last = $run[count($run) - 1];

        return $this->kind === GuardKind::Rail ? [...$at, new Point($last[0]->right, $last[1])] : $at;
    }
}
