<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Tolerance;
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

    /** So far (in) from a place one looks for what holds beside it. */
    private const BESIDE = 3.0 * self::ONE_PLACE;

    /** A stretch that strays less (in) from a straight line is one. */
    private const EVEN = 5e-4;

    /** A stretch (in) shorter than this is not looked into. */
    private const LEAST_STRETCH = 1e-2;

    /** Straight parts of one stretch are told apart no deeper than this. */
    private const DEEPEST = 8;

    /**
     * Where one looks between the ends of a stretch, as shares of it. With the same pieces at both, corner for corner, all
     * corners run evenly but for one that shows only a little off the place it comes in by: one look tells.
     */
    private const ALIKE = [1.0 / 3.0];

    private const UNLIKE = [1.0 / 3.0, 2.0 / 3.0];

    /** @var list<float> places, 0 to under one cover, where the course changes */
    private array $places = [];

    /** @var list<Taken> right at a place */
    private array $there = [];

    /** @var list<array{int, float, float}> from a place to the next: pieces, inches just beyond the place, and what each further inch adds */
    private array $course = [];

    private readonly float $cover;

    private readonly int $deepest;

    /** @param  float  $share  of the places, how many are looked at: under 1 only on roofs with more corners than any real one */
    public function __construct(PieceCutter $pieces, Profile $profile, float $share = 1.0)
    {
        $this->cover = $profile->cover;
        $breaks = $pieces->breaks();
        $places = $this->apart($breaks, self::ONE_PLACE);
        if ($share < 1.0 && $places !== []) {
            $places = $this->apart($breaks, ($breaks[count($breaks) - 1] - $breaks[0]) / max(1.0, $share * count($places)));
        }
        $this->deepest = $share < 1.0 ? 0 : self::DEEPEST;
        $this->fold($this->course($this->strip($pieces, $profile), $places));
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

        return new SimpleStrip(
            blank: $blank,
            metal: $pieces->metal->span(),
            cover: $profile->cover,
            before: $profile->leftMetal,
            after: $profile->rightMetal,
            openLeft: $open['left'],
            openRight: $open['right'],
        );
    }

    /**
     * @param  list<float>  $breaks  from the left
     * @return list<float> less those that lie no farther (in) from the one before
     */
    private function apart(array $breaks, float $near): array
    {
        $kept = [];
        foreach ($breaks as $u) {
            if ($kept === [] || $u - $kept[count($kept) - 1] > $near) {
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
            $this->stretch($strip, $from, $to, $this->deepest, $stretches);
            foreach ($stretches as $k => [$at, $pieces, $inches, $slope]) {
                $course[] = [$at, $k === 0 ? $there : new Taken($pieces, $inches), $pieces, $inches, $slope];
            }
        }

        return $course;
    }

    /**
     * Looks into a stretch at its ends and once or twice between, and parts it where it bends.
     *
     * @param  list<array{float, int, float, float}>  $stretches  gathers where each begins, its pieces, inches there, slope
     * @param  Taken|null  $first  what is taken just beyond its beginning, `$last` just before its end, where that is known
     */
    private function stretch(StripTakes $strip, float $from, float $to, int $deeper, array &$stretches, ?Taken $first = null, ?Taken $last = null): void
    {
        [$low, $high] = [$from + self::BESIDE, $to - self::BESIDE];
        $first ??= $strip->at($low);
        $last = $high > $low ? $last ?? $strip->at($high) : $first;
        $slope = $high > $low ? ($last->inches - $first->inches) / ($high - $low) : 0.0;
        if ($deeper === 0 || $to - $from < self::LEAST_STRETCH || ($first->pieces === $last->pieces && $this->isEven($strip, $low, $high, $first->inches, $slope, self::areAlike($first, $last) ? self::ALIKE : self::UNLIKE))) {
            $stretches[] = [$from, $first->pieces, $first->inches - self::BESIDE * $slope, $slope];

            return;
        }
        $bend = $this->bend($strip, $low, $high, $first->inches, $last->inches);
        $this->stretch($strip, $from, $bend, $deeper - 1, $stretches, first: $first);
        $this->stretch($strip, $bend, $to, $deeper - 1, $stretches, last: $last);
    }

    /** Whether the same pieces, corner for corner, are taken at both places. */
    private static function areAlike(Taken $one, Taken $other): bool
    {
        return $one->shape !== '' && $one->shape === $other->shape;
    }

    /** @param  list<float>  $looks  where, as shares of the stretch */
    private function isEven(StripTakes $strip, float $low, float $high, float $inches, float $slope, array $looks): bool
    {
        foreach ($looks as $share) {
            $off = $share * ($high - $low);
            if (abs($strip->at($low + $off)->inches - $inches - $off * $slope) > self::EVEN) {
                return false;
            }
        }

        return true;
    }

    /** Where the straight lines a stretch begins and ends with meet; its middle where they do not. */
    private function bend(StripTakes $strip, float $low, float $high, float $atLow, float $atHigh): float
    {
        $step = ($high - $low) / 16.0;
        $first = ($strip->at($low + $step)->inches - $atLow) / $step;
        $last = ($atHigh - $strip->at($high - $step)->inches) / $step;
        $bend = abs($last - $first) < Tolerance::LENGTH ? $low : $high - ($atHigh - $atLow - $first * ($high - $low)) / ($last - $first);

        return $bend > $low + 2.0 * self::BESIDE && $bend < $high - 2.0 * self::BESIDE ? $bend : ($low + $high) / 2.0;
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
                [$own, $now, $then] = $steps[$i];
                [$there[0], $there[1]] = [$there[0] + $now[0], $there[1] + $now[1]];
                $inches += ($own - $at) * $slope;
                [$at, $pieces, $inches, $slope] = [$own, $pieces + $then[0], $inches + $then[1], $slope + $then[2]];
            }
            $this->places[] = $place;
            $this->there[] = new Taken($there[0], $there[1]);
            $this->course[] = [$pieces, $inches - ($at - $place) * $slope, $slope];
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
