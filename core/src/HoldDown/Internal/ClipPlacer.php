<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\Spacing;
use Imbrex\Core\Roof\Face;

/** Places the clips of a face: up every seam, off valleys, each with what hangs on it. */
final readonly class ClipPlacer
{
    /** Shorter parts (in) of a seam want no clip. */
    private const SHORT = 1.0;

    private const TIE = 1e-6;

    /** @var list<Band> no clip stands in them */
    private array $valleys;

    /**
     * @param  float  $allowable  lb of one clip
     * @param  list<array{Point, Point}>  $valleys  lines of all the roof's valleys that run on it, on the deck: a pan goes on where the face's own side has ended
     * @param  float|null  $courses  exposure of the old courses clips stand on, inches; null where they do not
     */
    public function __construct(private Face $face, private FaceZones $zones, private Spacing $spacing, private RuleSet $rules, private ?Pressures $pressures, private float $allowable, private ClipSchool $school, array $valleys, private ?float $courses = null)
    {
        $this->valleys = array_map(static fn (array $line): Band => Band::along($line[0], $line[1], $rules->number('hold.offValley'), 1.0), $valleys);
    }

    /**
     * @param  list<Seam>  $seams
     * @return list<Clip>
     */
    public function place(array $seams): array
    {
        $clips = [];
        foreach ($seams as $seam) {
            foreach ($seam->stretches as [$low, $high]) {
                $line = new UpliftLine($this->zones->up($seam->u, $low, $high), $seam->width, $this->pressures, $this->face->pitch->degrees());
                $spacings = $this->spacing->up($seam, $line->zones);
                $ends = $this->ends($low, $high, $spacings);
                array_push($clips, ...$this->loaded($seam, $low, $high, $line, $this->up($seam, $low, $high, $spacings, $ends), $ends));
            }
        }

        return $clips;
    }

    /**
     * How far from a stretch's ends the first and the last clip stand. Where clips stand close, the ends carry no more than the rest.
     *
     * @param  non-empty-list<array{float, float, float}>  $spacings
     * @return array{float, float} inches
     */
    private function ends(float $low, float $high, array $spacings): array
    {
        $end = $this->rules->number('hold.end');
        $first = $this->school === ClipSchool::Dense ? min($end, $this->rules->number('hold.denseFirst')) : $end;

        return [min($first, self::closest($spacings, $low, $low + $end) / 2.0), min($end, self::closest($spacings, $high - $end, $high) / 2.0)];
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $spacings
     * @param  array{float, float}  $ends
     * @return list<float>
     */
    private function up(Seam $seam, float $low, float $high, array $spacings, array $ends): array
    {
        [$from, $to] = [$low + $ends[0], $high - $ends[1]];
        $at = [];
        foreach ($this->free($seam->u, $low, $high) as [$free, $freeTo]) {
            [$a, $b] = [max($free, $from), min($freeTo, $to)];
            $own = match (true) {
                // Too short for two: one in the middle of what is free.
                $a > $b => [($free + $freeTo) / 2.0],
                $this->courses !== null => $this->onCourses($a, $b, $spacings[0][2]),
                default => $this->chalked($a, $b, [$free, $freeTo], $spacings),
            };
            array_push($at, ...$own);
        }

        return $at;
    }

    /**
     * At heights one chalks: to the house's step, where no gap comes out wider than is allowed and none off what is free.
     *
     * @param  float  $from  where the first stands at most, `$to` the last at least
     * @param  array{float, float}  $free  what they may stand on
     * @param  non-empty-list<array{float, float, float}>  $spacings
     * @return non-empty-list<float>
     */
    private function chalked(float $from, float $to, array $free, array $spacings): array
    {
        $step = $this->rules->number('hold.chalk');
        $low = self::chalk($from, $step, -1) < $free[0] ? self::chalk($from, $step, 1) : self::chalk($from, $step, -1);
        $high = self::chalk($to, $step, 1) > $free[1] ? self::chalk($to, $step, -1) : self::chalk($to, $step, 1);
        if ($step <= 0.0 || $low > $high) {
            return ClipLine::between($from, $to, $spacings);
        }
        $set = array_map(static fn (float $v): float => self::chalk($v, $step, 0), ClipLine::between($low, $high, $spacings));
        foreach ($set as $i => $v) {
            $next = $set[$i + 1] ?? INF;
            if ($next < INF && ($next - $v < $step / 2.0 || $next - $v > self::closest($spacings, $v, $next) + self::TIE)) {
                return ClipLine::between($from, $to, $spacings);
            }
        }

        return $set;
    }

    /** Down to the step, up to it, or to the nearest: what lies half way goes down, also where the roof was moved by a rounding. */
    private static function chalk(float $v, float $step, int $way): float
    {
        return $step <= 0.0 ? $v : match ($way) {
            -1 => floor($v / $step + self::TIE),
            1 => ceil($v / $step - self::TIE),
            default => floor($v / $step + 0.5 - self::TIE),
        } * $step;
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $spacings
     * @return float the least there is anywhere between two places, inches
     */
    private static function closest(array $spacings, float $from, float $to): float
    {
        $closest = INF;
        foreach ($spacings as [$low, $high, $most]) {
            $closest = $low < $to && $high > $from ? min($closest, $most) : $closest;
        }

        return $closest;
    }

    /** @return list<array{float, float}> of a stretch, what lies over no valley's pan */
    private function free(float $u, float $low, float $high): array
    {
        $free = [[$low, $high]];
        foreach ($this->valleys as $valley) {
            $pan = $valley->upAt($u);
            if ($pan === null) {
                continue;
            }
            $left = [];
            foreach ($free as [$from, $to]) {
                if ($pan[0] > $from) {
                    $left[] = [$from, min($to, $pan[0])];
                }
                if ($pan[1] < $to) {
                    $left[] = [max($from, $pan[1]), $to];
                }
            }
            $free = $left;
        }

        $longer = static fn (float $than): array => array_values(array_filter($free, static fn (array $part): bool => $than < $part[1] - $part[0]));

        // A clip keeps its inch from the ends: a shorter bit beside a pan gets one only where the seam would have none.
        return $longer(2.0 * self::SHORT) ?: $longer(self::SHORT);
    }

    /**
     * At the butts of old courses, as many of them between two as the spacing lets.
     *
     * @return list<float>
     */
    private function onCourses(float $from, float $to, float $most): array
    {
        $exposure = max(1.0, $this->courses ?? 1.0);
        $step = max(1, (int) floor($most / $exposure + 1e-9));
        [$first, $last] = [(int) ceil($from / $exposure - 1e-9), (int) floor($to / $exposure + 1e-9)];
        if ($first > $last) {
            return [$from];
        }
        $courses = [];
        for ($course = $first; $course <= $last; $course += $step) {
            $courses[] = $course;
        }
        if ($courses[count($courses) - 1] !== $last) {
            $courses[] = $last;
        }

        return array_map(static fn (int $course): float => $course * $exposure, $courses);
    }

    /**
     * @param  list<float>  $at
     * @param  array{float, float}  $ends
     * @return list<Clip>
     */
    private function loaded(Seam $seam, float $low, float $high, UpliftLine $line, array $at, array $ends): array
    {
        $clips = [];
        foreach ($at as $i => $v) {
            // Half way to its neighbours; the first and the last hold their ends. Moved off a pan, they leave the rest to the cleat there.
            $half = count($at) > 1 ? ($at[1] - $at[0]) / 2.0 : INF;
            $halfHigh = count($at) > 1 ? ($at[count($at) - 1] - $at[count($at) - 2]) / 2.0 : INF;
            [$from, $to] = [$i === 0 ? max($low, $v - max($half, $ends[0])) : ($at[$i - 1] + $v) / 2.0, isset($at[$i + 1]) ? ($v + $at[$i + 1]) / 2.0 : min($high, $v + max($halfHigh, $ends[1]))];
            $clips[] = new Clip(
                face: $seam->face,
                seam: $seam->number,
                u: $seam->u,
                v: $v,
                zone: $line->zoneAt($v),
                squareFeet: $line->squareFeet($from, $to),
                demand: $line->pounds($from, $to),
                allowable: $this->allowable,
            );
        }

        return $clips;
    }
}
