<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Layout\PieceCutter;

/**
 * What all strips of a face take, by where their module lines fall. One strip is led across the face: between the places
 * where an edge of its sheet passes a corner, what it takes grows evenly, so a few looks tell it all. Its course is
 * then folded over one cover: every strip of a layout stands at the same place in its own fold.
 */
final class MetalCurve
{
    /** Places nearer (in) to each other are one, and there counts what is cut right there. */
    private const ONE_PLACE = Tolerance::ON_LINE;

    /** A stretch (in) shorter than this is not looked into. */
    private const LEAST_STRETCH = 1e-3;

    /** Straight parts of one stretch are told apart no deeper than this. */
    private const DEEPEST = 6;

    /** @var list<float> places, 0 to under one cover, where the course changes */
    private array $places = [];

    /** @var list<Taken> right at a place */
    private array $there = [];

    /** @var list<array{int, float, float}> from a place to the next: pieces, inches just beyond the place, and what each further inch adds */
    private array $course = [];

    private readonly float $cover;

    public function __construct(PieceCutter $pieces, Profile $profile)
    {
        $this->cover = $profile->cover;
        $this->fold($this->course($this->strip($pieces, $profile), $this->breaks($pieces, $profile)));
    }

    /** When a module line runs through u, inches. */
    public function at(float $u): Taken
    {
        $phase = $this->phase($u);
        $number = $this->before($phase);
        $next = $this->places[$number + 1] ?? $this->cover;
        if ($phase - $this->places[$number] <= self::ONE_PLACE) {
            return $this->there[$number];
        }
        if ($next - $phase <= self::ONE_PLACE) {
            return $this->there[$number + 1] ?? $this->there[0];
        }
        [$pieces, $inches, $slope] = $this->course[$number];

        return new Taken($pieces, $inches + ($phase - $this->places[$number]) * $slope);
    }

    /** @return list<float> places for a module line, 0 to under one cover, between which nothing but the inches changes, and those evenly */
    public function places(): array
    {
        return $this->places;
    }

    private function strip(PieceCutter $pieces, Profile $profile): StripTakes
    {
        $blank = $pieces->simpleBlank();
        if ($blank === null) {
            return new CutStrip($pieces);
        }
        $open = ['left' => false, 'right' => false];
        foreach ($pieces->metal->edges() as $edge) {
            $open[$edge->isLeftSide() ? 'left' : 'right'] = $open[$edge->isLeftSide() ? 'left' : 'right'] || $edge->side->isBeside();
        }

        return new SimpleStrip($blank, $pieces->metal->span(), $profile->cover, $profile->leftMetal, $profile->rightMetal, $open['left'], $open['right']);
    }

    /** @return list<float> u of a strip's left module line where its course may change */
    private function breaks(PieceCutter $pieces, Profile $profile): array
    {
        $breaks = [];
        foreach ($pieces->corners() as $u) {
            array_push($breaks, $u, $u - $this->cover, $u + $profile->leftMetal, $u - $this->cover - $profile->rightMetal);
        }
        sort($breaks);
        $kept = [];
        foreach ($breaks as $u) {
            if ($kept === [] || $u - $kept[count($kept) - 1] > self::ONE_PLACE) {
                $kept[] = $u;
            }
        }

        return $kept;
    }

    /**
     * The course of one strip across the face.
     *
     * @param  list<float>  $breaks
     * @return list<array{float, Taken, int, float, float}> where a stretch begins, what is taken right there, and over the stretch: pieces, inches, slope
     */
    private function course(StripTakes $strip, array $breaks): array
    {
        $course = [];
        foreach ($breaks as $i => $from) {
            $there = $strip->at($from);
            $to = $breaks[$i + 1] ?? null;
            if ($to === null || $to - $from < self::LEAST_STRETCH) {
                $course[] = [$from, $there, $to === null ? 0 : $there->pieces, $to === null ? 0.0 : $there->inches, 0.0];

                continue;
            }
            $stretches = [];
            $this->stretch($strip, $from, $to, self::DEEPEST, $stretches);
            foreach ($stretches as $k => [$at, $pieces, $inches, $slope]) {
                $course[] = [$at, $k === 0 ? $there : new Taken($pieces, $inches), $pieces, $inches, $slope];
            }
        }

        return $course;
    }

    /**
     * Looks into a stretch, and parts it where its course bends.
     *
     * @param  list<array{float, int, float, float}>  $stretches  gathers where each begins, its pieces, inches there, slope
     */
    private function stretch(StripTakes $strip, float $from, float $to, int $deeper, array &$stretches): void
    {
        $step = ($to - $from) / 8.0;
        $looks = array_map(static fn (int $k): Taken => $strip->at($from + $k * $step), [1, 4, 7]);
        $slope = ($looks[2]->inches - $looks[0]->inches) / (6.0 * $step);
        $off = abs($looks[1]->inches - ($looks[0]->inches + $looks[2]->inches) / 2.0);
        $even = $looks[0]->pieces === $looks[2]->pieces && $off < Tolerance::LENGTH * 10.0;
        if ($even || $deeper === 0 || $to - $from < self::LEAST_STRETCH) {
            $stretches[] = [$from, $looks[0]->pieces, $looks[0]->inches - $step * $slope, $slope];

            return;
        }
        $bend = $this->bend($strip, $from, $to, $step / 8.0);
        $this->stretch($strip, $from, $bend, $deeper - 1, $stretches);
        $this->stretch($strip, $bend, $to, $deeper - 1, $stretches);
    }

    /** Where the straight lines from both ends of a stretch meet; its middle where they do not. */
    private function bend(StripTakes $strip, float $from, float $to, float $step): float
    {
        $at = array_map(static fn (float $u): float => $strip->at($u)->inches, [$from + $step, $from + 2 * $step, $to - 2 * $step, $to - $step]);
        [$first, $last] = [($at[1] - $at[0]) / $step, ($at[3] - $at[2]) / $step];
        $bend = abs($first - $last) < 1e-9 ? $from : ($at[3] - $last * ($to - $step) - $at[0] + $first * ($from + $step)) / ($first - $last);

        return $bend > $from + $step / 8.0 && $bend < $to - $step / 8.0 ? $bend : ($from + $to) / 2.0;
    }

    /**
     * Lays the strip's course over itself, one cover on the next: each place changes the sum by as much as it changes
     * the one strip that stands there.
     *
     * @param  list<array{float, Taken, int, float, float}>  $course
     */
    private function fold(array $course): void
    {
        $steps = [[0.0, [0, 0.0], [0, 0.0, 0.0]]];
        [$pieces, $inches, $slope] = [0, 0.0, 0.0];
        foreach ($course as &$stretch) {
            $stretch[0] = $this->snapped($stretch[0]);
        }
        unset($stretch);
        foreach ($course as $i => [$from, $there, $p, $v, $s]) {
            [$wasFrom, , $wasPieces, $wasInches, $wasSlope] = $course[$i - 1] ?? [$from, null, 0, 0.0, 0.0];
            $was = $wasInches + ($from - $wasFrom) * $wasSlope;
            $steps[] = [$this->phase($from), [$there->pieces - $wasPieces, $there->inches - $was], [$p - $wasPieces, $v - $was, $s - $wasSlope]];
            // What stands just before phase 0 in each fold: the strip's course at every whole cover.
            $to = $course[$i + 1][0] ?? $from;
            for ($k = (int) ceil($from / $this->cover); $k * $this->cover < $to; $k++) {
                if ($k * $this->cover > $from) {
                    [$pieces, $inches, $slope] = [$pieces + $p, $inches + $v + ($k * $this->cover - $from) * $s, $slope + $s];
                } else {
                    [$pieces, $inches, $slope] = [$pieces + $wasPieces, $inches + $was, $slope + $wasSlope];
                }
            }
        }
        usort($steps, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $at = 0.0;
        for ($i = 0, $n = count($steps); $i < $n;) {
            $place = $steps[$i][0];
            $inches += ($place - $at) * $slope;
            [$at, $there] = [$place, [$pieces, $inches]];
            for (; $i < $n && $steps[$i][0] - $place <= self::ONE_PLACE; $i++) {
                [, $now, $then] = $steps[$i];
                [$there[0], $there[1]] = [$there[0] + $now[0], $there[1] + $now[1]];
                [$pieces, $inches, $slope] = [$pieces + $then[0], $inches + $then[1], $slope + $then[2]];
            }
            $this->places[] = $place;
            $this->there[] = new Taken($there[0], $there[1]);
            $this->course[] = [$pieces, $inches, $slope];
        }
    }

    /** A place at a whole cover, but for noise, is put there. */
    private function snapped(float $u): float
    {
        $whole = round($u / $this->cover) * $this->cover;

        return abs($u - $whole) < Tolerance::LENGTH ? $whole : $u;
    }

    private function phase(float $u): float
    {
        $phase = fmod($u, $this->cover);
        $phase = $phase < 0.0 ? $phase + $this->cover : $phase;

        return $this->cover - $phase < Tolerance::LENGTH ? 0.0 : $phase;
    }

    /** The number of the last place at or before a phase; the first one lies at 0. */
    private function before(float $phase): int
    {
        [$low, $high] = [0, count($this->places) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $this->places[$middle] <= $phase ? [$middle, $high] : [$low, $middle - 1];
        }

        return $low;
    }
}
