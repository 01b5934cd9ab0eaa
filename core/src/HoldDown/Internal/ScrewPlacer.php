<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\PurlinLines;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\Layout\Strip;
use Imbrex\Core\Roof\Face;

/**
 * Places the screws of screw-down sheets: end rows along whatever each sheet ends at, field rows on lines the whole face shares, side
 * laps stitched, extra rows beside openings. The roof is parted half way between screws, so that every square foot hangs on one.
 */
final readonly class ScrewPlacer
{
    /** A row nearer (in) to a sheet's end than this is that end's. */
    private const CLEAR = 4.0;

    /** From a cut side (in) no screw stands nearer. */
    private const OFF_SIDE = 0.5;

    /** So far (in) to either side of a lap's line both sheets are there. */
    private const LAPPED = 0.3;

    /** Farther (in) from a cut end than this a purlin does not hold it. */
    private const REACH = 12.0;

    private SheetEnds $sheetEnds;

    /**
     * @param  list<bool>  $closed  by side of the face: whether its ribs are closed there
     * @param  list<float|null>  $endRows  by side of the face: from the sheet's end to the row its build has there, inches square to the side
     * @param  float  $allowable  lb of one screw
     * @param  PurlinLines|null  $purlins  every screw but a lap's stands on them; null where the deck is solid, or its purlins follow the rows
     */
    public function __construct(private Profile $profile, private RuleSet $rules, private Face $face, array $closed, array $endRows, private FaceZones $zones, private ?Pressures $pressures, private float $allowable, private ?PurlinLines $purlins = null)
    {
        $this->sheetEnds = new SheetEnds($face, $closed, $endRows);
    }

    /**
     * @param  list<Panel>  $panels  of one face
     * @param  list<float>  $rows  where rows run across the face, up the slope
     * @return list<Screw>
     */
    public function place(array $panels, array $rows): array
    {
        $screws = $strips = $pieces = [];
        foreach ($panels as $panel) {
            $strips[$panel->strip->position] = $panel->strip;
            $pieces[$panel->strip->position][] = $panel;
        }
        foreach ($panels as $panel) {
            $beside = [$strips[$panel->strip->position - 1] ?? null, $strips[$panel->strip->position + 1] ?? null];
            foreach ($this->columns($panel, $this->profile->endScrews, $beside) as [$u, $width, $stretches]) {
                array_push($screws, ...$this->ended($panel, $u, $width, $stretches, $rows));
            }
            foreach ($this->columns($panel, $this->profile->fieldScrews, $beside) as [$u, $width, $stretches]) {
                array_push($screws, ...$this->field($panel, $u, $width, $stretches, $rows));
            }
            array_push($screws, ...$this->lap($panel, $pieces[$panel->strip->position + 1] ?? []), ...$this->besideOpenings($panel, $rows));
        }

        return $screws;
    }

    /**
     * Lines of screws up a sheet, each with the width of metal it holds: half way to the next, on the sheet beside it, too.
     *
     * @param  list<float>  $across  from the left module line
     * @param  array{Strip|null, Strip|null}  $beside  left and right of it
     * @return list<array{float, float, list<array{float, float}>}> across the face, inches wide, where there is metal
     */
    private function columns(Panel $panel, array $across, array $beside): array
    {
        $there = [];
        foreach ($across as $x) {
            $stretches = $this->up($panel, $x);
            if ($stretches !== []) {
                $there[] = [$panel->strip->moduleLeft + $x, $stretches];
            }
        }
        $columns = [];
        foreach ($there as $i => [$u, $stretches]) {
            $left = $i === 0 ? ($beside[0] === null ? $panel->strip->left : ($u + $this->nearest($beside[0], $across, $panel->strip->left)) / 2.0) : ($there[$i - 1][0] + $u) / 2.0;
            $next = $there[$i + 1][0] ?? ($beside[1] === null ? null : $this->nearest($beside[1], $across, $panel->strip->right));
            $right = $next === null ? $panel->strip->right : ($u + $next) / 2.0;
            $columns[] = [$u, $right - $left, $stretches];
        }

        return $columns;
    }

    /**
     * @param  list<float>  $across  from the left module line
     * @return float the line of screws of a sheet that is nearest to where it meets the next, across the face
     */
    private function nearest(Strip $strip, array $across, float $lap): float
    {
        $nearest = null;
        foreach ($across as $x) {
            $u = $strip->moduleLeft + $x;
            if ($u >= $strip->left + self::OFF_SIDE && $u <= $strip->right - self::OFF_SIDE && ($nearest === null || abs($u - $lap) < abs($nearest - $lap))) {
                $nearest = $u;
            }
        }

        return $nearest ?? $lap;
    }

    /**
     * @param  list<array{float, float}>  $stretches
     * @param  list<float>  $rows
     * @return list<Screw> of end rows
     */
    private function ended(Panel $panel, float $u, float $width, array $stretches, array $rows): array
    {
        $screws = [];
        foreach ($stretches as [$low, $high]) {
            $line = $this->line($u, $width, $low, $high);
            $stack = $this->stack($panel, $u, $low, $high, $rows);
            $last = count($stack) - 1;
            foreach ($last < 1 ? [] : [[0, $low], [$last, $high]] as [$i, $end]) {
                // Past the deck there is nothing to screw into.
                if ($this->face->outline->contains(new Point($u, $stack[$i]))) {
                    [$from, $to] = $i === 0 ? [$low, ($stack[0] + $stack[1]) / 2.0] : [($stack[$last - 1] + $stack[$last]) / 2.0, $high];
                    $screws[] = $this->screw($panel, $this->sheetEnds->row($panel, $u, $end), $u, $stack[$i], $line, $from, $to);
                }
            }
        }

        return $screws;
    }

    /**
     * @param  list<array{float, float}>  $stretches
     * @param  list<float>  $rows
     * @return list<Screw>
     */
    private function field(Panel $panel, float $u, float $width, array $stretches, array $rows): array
    {
        $screws = [];
        foreach ($stretches as [$low, $high]) {
            $line = $this->line($u, $width, $low, $high);
            $stack = $this->stack($panel, $u, $low, $high, $rows);
            for ($i = 1; $i < count($stack) - 1; $i++) {
                $screws[] = $this->screw($panel, ScrewRow::Field, $u, $stack[$i], $line, ($stack[$i - 1] + $stack[$i]) / 2.0, ($stack[$i] + $stack[$i + 1]) / 2.0);
            }
        }

        return $screws;
    }

    /**
     * Where screws stand up one stretch: its end rows, and the face's rows between.
     *
     * @param  list<float>  $rows
     * @return list<float> nothing where it is too short: such a tip is held by its neighbours
     */
    private function stack(Panel $panel, float $u, float $low, float $high, array $rows): array
    {
        $end = $this->rules->number('hold.rowEnd');
        // A build that closes an end has its row in the middle of the closure.
        [$inLow, $inHigh] = [$this->sheetEnds->inset($panel, $u, $low) ?? $end, $this->sheetEnds->inset($panel, $u, $high) ?? $end];
        if ($high - $low <= $inLow + $inHigh) {
            return [];
        }
        $first = $this->purlins?->beside($low + self::OFF_SIDE, true, self::REACH) ?? $low + $inLow;
        $last = $this->purlins?->beside($high - self::OFF_SIDE, false, self::REACH) ?? $high - $inHigh;
        if ($last - $first < self::CLEAR) {
            [$first, $last] = [$low + $inLow, $high - $inHigh];
        }

        return [$first, ...array_values(array_filter($rows, static fn (float $v): bool => $v > $first + self::CLEAR && $v < $last - self::CLEAR)), $last];
    }

    private function line(float $u, float $width, float $low, float $high): UpliftLine
    {
        return new UpliftLine($this->zones->up($u, $low, $high), $width, $this->pressures, $this->face->pitch->degrees());
    }

    private function screw(Panel $panel, ScrewRow $row, float $u, float $v, UpliftLine $line, float $from, float $to): Screw
    {
        return new Screw(
            face: $panel->face,
            panel: $panel->id,
            row: $row,
            u: $u,
            v: $v,
            zone: $line->zoneAt($v),
            squareFeet: $line->squareFeet($from, $to),
            demand: $line->pounds($from, $to),
            allowable: $this->allowable,
        );
    }

    /**
     * @param  list<Panel>  $next  the sheets to its right
     * @return list<Screw> up the right side, as far as a next sheet laps it
     */
    private function lap(Panel $panel, array $next): array
    {
        $spacing = $this->profile->stitchSpacing;
        $u = $panel->strip->moduleRight();
        $screws = [];
        foreach ($spacing <= 0.0 ? [] : MetalUp::both($panel->upAt($u - self::LAPPED), MetalUp::joined(MetalUp::at($next, $u + self::LAPPED))) as [$low, $high]) {
            [$first, $last] = [$low + $spacing / 2.0, $high - $spacing / 2.0];
            foreach ($high - $low < 2.0 * self::OFF_SIDE ? [] : ($last <= $first ? [($low + $high) / 2.0] : RowLines::of($first, $last, 0.0, $spacing)) as $v) {
                if ($this->face->outline->contains(new Point($u - self::OFF_SIDE, $v))) {
                    $screws[] = $this->holdingNothing($panel, ScrewRow::Lap, $u, $v);
                }
            }
        }

        return $screws;
    }

    /**
     * Half way between the rows, up both sides of what is cut out.
     *
     * @param  list<float>  $rows
     * @return list<Screw>
     */
    private function besideOpenings(Panel $panel, array $rows): array
    {
        $screws = [];
        // Between purlins there is nothing to screw into.
        foreach ($this->purlins !== null ? [] : $this->face->openings as $opening) {
            $hole = $opening->outline->bounds();
            foreach ($this->besides($panel, $hole->left, $hole->right) as $u) {
                foreach (array_slice($rows, 1) as $i => $row) {
                    $v = ($rows[$i] + $row) / 2.0;
                    if ($v > $hole->bottom && $v < $hole->top && $this->isMetal($panel, $u, $v)) {
                        $screws[] = $this->holdingNothing($panel, ScrewRow::Extra, $u, $v);
                    }
                }
            }
        }

        return $screws;
    }

    /** @return list<float> the sheet's own lines of screws nearest to an opening on either side, across the face */
    private function besides(Panel $panel, float $left, float $right): array
    {
        $lines = array_map(static fn (float $x): float => $panel->strip->moduleLeft + $x, $this->profile->endScrews);
        $step = count($this->profile->ribs) > 1 ? $this->profile->ribs[1] - $this->profile->ribs[0] : $this->profile->cover;
        $leftOf = array_filter($lines, static fn (float $u): bool => $u < $left - self::OFF_SIDE && $u > $left - $step);
        $rightOf = array_filter($lines, static fn (float $u): bool => $u > $right + self::OFF_SIDE && $u < $right + $step);

        return [...($leftOf === [] ? [] : [max($leftOf)]), ...($rightOf === [] ? [] : [min($rightOf)])];
    }

    private function isMetal(Panel $panel, float $u, float $v): bool
    {
        foreach ($this->up($panel, $u - $panel->strip->moduleLeft) as [$low, $high]) {
            if ($v > $low + self::OFF_SIDE && $v < $high - self::OFF_SIDE) {
                return true;
            }
        }

        return false;
    }

    /** A screw that stitches or closes: the wind pulls at the rows. */
    private function holdingNothing(Panel $panel, ScrewRow $row, float $u, float $v): Screw
    {
        return new Screw(
            face: $panel->face,
            panel: $panel->id,
            row: $row,
            u: $u,
            v: $v,
            zone: $this->zones->at(new Point($u, $v)),
            squareFeet: 0.0,
            demand: $this->pressures === null ? null : 0.0,
            allowable: $this->allowable,
        );
    }

    /**
     * @param  float  $x  across the sheet from its left module line
     * @return list<array{float, float}> where there is metal, up the slope
     */
    private function up(Panel $panel, float $x): array
    {
        $u = $panel->strip->moduleLeft + $x;
        if ($u < $panel->strip->left + self::OFF_SIDE || $u > $panel->strip->right - self::OFF_SIDE) {
            return [];
        }

        return $panel->upAt($u);
    }
}
