<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal\Snow;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\Snow\GuardedPlace;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\GuardRow;

/**
 * Places rows of snow guards over what lies below a face. Snow slides without friction: on each foot of width the load down the slope is
 * what lies on the level × run in plan × sin θ; each row takes what lies above it up to the next. As many rows as the guards need, as far as there is room for them (trade practice, §10).
 */
final readonly class GuardPlacer
{
    /** Nearer (in) to the upper end of the metal, or over something cut out, a guard holds nothing. */
    private const CLEAR = 6.0;

    /** A clamp so near (in) to a pan's side stands on its seam. */
    private const AT_SEAM = 1e-3;

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
     * @param  list<Seam>  $seams  of the face: rails are clamped on them
     * @param  float  $left  of the face, across it, inches
     * @return array{list<GuardRow>, array<string, float>} rows, and lb of snow held by panel
     */
    public function place(GuardedPlace $place, int $number, array $panels, array $seams, float $left): array
    {
        $columns = $this->columns($panels, $left + $place->from, $left + $place->to);
        $first = $this->rules->number('snow.first');
        $deepest = max([0.0, ...array_map(static fn (SnowColumn $column): float => $column->high - $column->low - $first, $columns)]);
        if ($deepest <= 0.0) {
            return [[], []];
        }
        $most = max(1, (int) floor($deepest / $this->rules->number('snow.apart')));
        $count = (int) min($most, max([1, ...array_map(fn (SnowColumn $column): float => ceil(($this->load($column, $deepest) ?? 0.0) / $this->capacity() - 1e-9), $columns)]));
        // Beside a rake a clamp has more than its own pan to hold: as many rows more as that asks.
        while (true) {
            [$rows, $held] = $this->rows($place->face, $number, $columns, $seams, $count, $deepest / $count);
            $hardest = max([0.0, ...array_map(static fn (GuardRow $row): float => $row->ratio() ?? 0.0, $rows)]);
            if ($hardest <= 1.0 + 1e-9 || $count >= $most) {
                return [$rows, $held];
            }
            $count = (int) min($most, max($count + 1, ceil($count * $hardest - 1e-9)));
        }
    }

    /**
     * @param  list<SnowColumn>  $columns
     * @param  list<Seam>  $seams
     * @param  float  $step  from row to row, inches
     * @return array{list<GuardRow>, array<string, float>} rows, and lb of snow held by panel
     */
    private function rows(string $face, int $place, array $columns, array $seams, int $count, float $step): array
    {
        $first = $this->rules->number('snow.first');
        [$rows, $held] = [[], []];
        for ($i = 0; $i < $count; $i++) {
            $level = [];
            foreach ($columns as $column) {
                $v = $column->onMetal($column->low + $first + $i * $step, self::CLEAR);
                if ($v === null || $v > $column->high - self::CLEAR) {
                    continue;
                }
                $to = $i + 1 < $count ? min($column->high, $column->low + $first + ($i + 1) * $step) : $column->high;
                $level[] = [$column, $v, $this->load($column, max(0.0, $to - $v))];
            }
            foreach ($this->runs($level) as $run) {
                $row = $this->row($face, $place, $i + 1, $run, $seams);
                foreach ($row === null ? [] : $run as [$column, $v, $load]) {
                    $panel = $column->panelAt($v)?->id;
                    $panel !== null && $held[$panel] = ($held[$panel] ?? 0.0) + ($load ?? 0.0);
                }
                $row !== null && $rows[] = $row;
            }
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
        // Between waves there is no room for a guard: as many together as it stands on.
        $sides = [$left];
        foreach ($this->profile->ribs as $rib) {
            if ($module + $rib > max($left + 1.0, $sides[count($sides) - 1] + $this->rules->number('snow.bay') - 1e-6) && $module + $rib < $right - 1.0) {
                $sides[] = $module + $rib;
            }
        }
        if (count($sides) > 1 && $right - $sides[count($sides) - 1] < $this->rules->number('snow.bay') - 1e-6) {
            array_pop($sides);
        }

        return array_map(static fn (float $from, float $to): array => [$from, $to], $sides, [...array_slice($sides, 1), $right]);
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
     * @return list<non-empty-list<array{SnowColumn, float, float|null}>> side by side at one height
     */
    private function runs(array $level): array
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

        return $runs;
    }

    /**
     * @param  non-empty-list<array{SnowColumn, float, float|null}>  $run
     * @param  list<Seam>  $seams
     * @return GuardRow|null null where no seam is there to clamp a rail on
     */
    private function row(string $face, int $place, int $number, array $run, array $seams): ?GuardRow
    {
        $at = $this->kind === GuardKind::Rail ? $this->clamps($run, $seams) : $this->pads($run);
        $load = $this->psf === null ? null : (float) array_sum(array_column($run, 2));

        return $at === [] ? null : new GuardRow(
            face: $face,
            place: $place,
            number: $number,
            v: $run[0][1],
            from: $run[0][0]->left,
            to: $run[count($run) - 1][0]->right,
            load: $load,
            each: $this->each,
            at: $at,
            hardest: $load === null ? null : $this->hardest($run, $at),
        );
    }

    /**
     * @param  non-empty-list<array{SnowColumn, float, float|null}>  $run
     * @return non-empty-list<Point> side by side in each column
     */
    private function pads(array $run): array
    {
        $at = [];
        $pads = max(1, (int) $this->rules->number('snow.pads'));
        foreach ($run as [$column, $v]) {
            for ($i = 0; $i < $pads; $i++) {
                $at[] = new Point($column->left + $column->width() * ($i + 0.5) / $pads, $v);
            }
        }

        return $at;
    }

    /**
     * @param  non-empty-list<array{SnowColumn, float, float|null}>  $run
     * @param  list<Seam>  $seams
     * @return list<Point> on every seam the rail runs over; at a rake or a wall there is none
     */
    private function clamps(array $run, array $seams): array
    {
        [$v, $from, $to] = [$run[0][1], $run[0][0]->left, $run[count($run) - 1][0]->right];
        $at = [];
        foreach ($seams as $seam) {
            $stands = array_filter($seam->stretches, static fn (array $part): bool => $part[0] <= $v && $part[1] >= $v);
            if ($stands !== [] && $seam->u > $from - 1e-6 && $seam->u < $to + 1e-6) {
                $at[] = new Point($seam->u, $v);
            }
        }

        return $at;
    }

    /**
     * What the hardest pressed guard holds: each pad its share of its column, each clamp half of the pan on either side, all of one beside which no
     * other stands.
     *
     * @param  non-empty-list<array{SnowColumn, float, float|null}>  $run
     * @param  non-empty-list<Point>  $at
     * @return float lb
     */
    private function hardest(array $run, array $at): float
    {
        if ($this->kind === GuardKind::Pads) {
            return max(array_map(fn (array $one): float => ($one[2] ?? 0.0) / max(1.0, $this->rules->number('snow.pads')), $run));
        }
        $held = array_fill(0, count($at), 0.0);
        $last = count($at) - 1;
        $right = 0;
        foreach ($run as [$column, , $load]) {
            // Both go from left to right: the first clamp beyond the column's middle, and the one before it.
            while ($right <= $last && $at[$right]->u < $column->middle()) {
                $right++;
            }
            $beside = array_values(array_filter([$right - 1, $right], static fn (int $i): bool => isset($at[$i]) && abs($at[$i]->u - $column->middle()) < $column->width() / 2.0 + self::AT_SEAM));
            $off = static fn (int $i): float => isset($at[$i]) ? abs($at[$i]->u - $column->middle()) : INF;
            $near = $beside === [] ? [$off($right - 1) <= $off($right) ? $right - 1 : $right] : $beside;
            foreach ($near as $clamp) {
                $held[$clamp] += ($load ?? 0.0) / count($near);
            }
        }

        return max($held);
    }
}
