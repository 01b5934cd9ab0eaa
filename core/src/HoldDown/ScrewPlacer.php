<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Rules\RuleSet;

/** Places the screws of screw-down sheets: end rows along whatever each sheet ends at, field rows on lines the whole face shares, side laps stitched. */
final readonly class ScrewPlacer
{
    /** A row nearer (in) to a sheet's end than this is that end's. */
    private const CLEAR = 4.0;

    /** From a cut side (in) no screw stands nearer. */
    private const OFF_SIDE = 0.5;

    public function __construct(private Profile $profile, private RuleSet $rules, private Polygon $deck)
    {
    }

    /**
     * @param  list<Panel>  $panels  of one face
     * @param  list<float>  $rows  where rows run across the face, up the slope
     * @return list<Screw>
     */
    public function place(array $panels, array $rows): array
    {
        $screws = [];
        foreach ($panels as $panel) {
            foreach ($this->profile->endScrews as $x) {
                foreach ($this->up($panel, $x) as [$low, $high]) {
                    foreach ($this->ends($low, $high) as $v) {
                        // Past the deck there is nothing to screw into.
                        if (! $this->deck->contains(new Point($panel->strip->moduleLeft + $x, $v))) {
                            continue;
                        }
                        $screws[] = new Screw($panel->face, $panel->id, ScrewRow::End, $panel->strip->moduleLeft + $x, $v);
                    }
                }
            }
            foreach ($this->profile->fieldScrews as $x) {
                foreach ($this->up($panel, $x) as [$low, $high]) {
                    foreach ($rows as $v) {
                        if ($v > $low + $this->end() + self::CLEAR && $v < $high - $this->end() - self::CLEAR) {
                            $screws[] = new Screw($panel->face, $panel->id, ScrewRow::Field, $panel->strip->moduleLeft + $x, $v);
                        }
                    }
                }
            }
            array_push($screws, ...$this->lap($panel));
        }

        return $screws;
    }

    private function end(): float
    {
        return $this->rules->number('hold.rowEnd');
    }

    /** @return list<float> */
    private function ends(float $low, float $high): array
    {
        $end = $this->end();

        // A tip too short for both is held by its neighbours.
        return $high - $low <= 2.0 * $end ? [] : [$low + $end, $high - $end];
    }

    /** @return list<Screw> up the right side, which the next sheet laps; a cut one is no lap */
    private function lap(Panel $panel): array
    {
        if ($panel->cutRight || $this->profile->stitchSpacing <= 0.0) {
            return [];
        }
        $screws = [];
        foreach ($this->up($panel, $panel->strip->right - $panel->strip->moduleLeft - 2.0 * self::OFF_SIDE) as [$low, $high]) {
            [$first, $last] = [$low + $this->profile->stitchSpacing / 2.0, $high - $this->profile->stitchSpacing / 2.0];
            $at = $last <= $first ? [($low + $high) / 2.0] : RowLines::of($first, $last, 0.0, $this->profile->stitchSpacing);
            foreach ($at as $v) {
                if (! $this->deck->contains(new Point($panel->strip->right - self::OFF_SIDE, $v))) {
                    continue;
                }
                $screws[] = new Screw($panel->face, $panel->id, ScrewRow::Lap, $panel->strip->right, $v);
            }
        }

        return $screws;
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
