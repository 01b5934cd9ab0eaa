<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Openings\LyingPiece;
use Imbrex\Core\Openings\PieceRole;

/**
 * Whether the finished laps round an opening shed, judged from where each piece lies on the deck and which lies over which:
 * water is followed straight down in narrow columns, rides a piece to its lower edge, falls on the next below, and turns
 * aside at the wall. Where there is nothing below it, it stands on the deck.
 */
final readonly class LapCheck
{
    /** As far (in) from the opening it is followed. */
    private const REACH = 60.0;

    /** Just beyond (in) an edge or a corner. */
    private const BEYOND = 1e-3;

    /** Parts of a way in which nothing new comes. */
    private const LONGEST = 40;

    /**
     * @param  list<LyingPiece>  $pieces  from the lowest to the highest
     */
    public function __construct(private Surround $round, private array $pieces)
    {
    }

    /** @return list<LapFault> one for each piece water runs off to where it must not be */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->columns() as $x) {
            foreach ($this->places($x) as $y) {
                $fault = $this->isWall($x, $y) ? null : $this->follow($x, $y);
                if ($fault !== null) {
                    $faults["{$fault->piece->value} {$fault->over?->value}"] ??= $fault;
                }
            }
        }

        return array_values($faults);
    }

    /** @return array<string, list<string>> roles each lies over, by its own */
    public function laps(): array
    {
        $laps = [];
        foreach ($this->pieces as $rank => $piece) {
            $under = array_filter(array_slice($this->pieces, 0, $rank), static fn (LyingPiece $other): bool => $other->meets($piece));
            $own = $piece->role->value;
            $roles = array_map(static fn (LyingPiece $other): string => $other->role->value, $under);
            $laps[$own] = array_values(array_diff(array_unique([...$laps[$own] ?? [], ...$roles]), [$own]));
        }

        return $laps;
    }

    /** @return list<PieceRole> what a drop rides from a place down, each once */
    public function way(float $x, float $y): array
    {
        $way = [];
        $this->follow($x, $y, $way);

        return $way;
    }

    /** @param  list<PieceRole>  $way  what it rides is added */
    private function follow(float $x, float $y, array &$way = []): ?LapFault
    {
        $on = $this->top($x, $y, count($this->pieces));
        if ($on === null) {
            // Bare deck: what is rained on there is at fault itself.
            $above = $this->pieces[0] ?? null;

            return $above === null ? null : new LapFault($above->role, null, $x, $y);
        }
        for ($part = 0; $part < self::LONGEST; $part++) {
            $foot = $this->pieces[$on]->bottom;
            in_array($this->pieces[$on]->role, $way, true) || $way[] = $this->pieces[$on]->role;
            // The wall turns it aside, to the nearer corner, along what it is on.
            if ($foot <= $this->round->height + self::BEYOND && $y > $this->round->height && $x > 0.0 && $x < $this->round->width) {
                [$x, $y] = [$x < $this->round->width / 2.0 ? -self::BEYOND : $this->round->width + self::BEYOND, $this->round->height + self::BEYOND];
                if (! $this->pieces[$on]->covers($x, $y)) {
                    return $this->off($on, $x, $y);
                }

                continue;
            }
            if ($foot < -self::REACH) {
                return null;
            }
            $y = $foot - self::BEYOND;
            $next = $this->top($x, $y, $on);
            if ($next === null) {
                return $this->off($on, $x, $y);
            }
            $on = $next;
        }

        return null;
    }

    private function off(int $on, float $x, float $y): LapFault
    {
        $over = null;
        foreach ($this->pieces as $rank => $piece) {
            if ($rank > $on && $piece->covers($x, $y)) {
                $over = $piece->role;
            }
        }

        return new LapFault($this->pieces[$on]->role, $over, $x, $y);
    }

    /** The highest piece below a rank at a place. */
    private function top(float $x, float $y, int $below): ?int
    {
        for ($rank = $below - 1; $rank >= 0; $rank--) {
            if ($this->pieces[$rank]->covers($x, $y)) {
                return $rank;
            }
        }

        return null;
    }

    private function isWall(float $x, float $y): bool
    {
        return $x > 0.0 && $x < $this->round->width && $y > 0.0 && $y < $this->round->height;
    }

    /** @return list<float> in the middle of every stretch across between two edges */
    private function columns(): array
    {
        $edges = [-self::REACH / 2.0, 0.0, $this->round->width / 2.0, $this->round->width, $this->round->width + self::REACH / 2.0];
        foreach ($this->pieces as $piece) {
            array_push($edges, max($piece->left, -self::REACH / 2.0), min($piece->right, $this->round->width + self::REACH / 2.0));
        }

        return self::between($edges);
    }

    /** @return list<float> up the slope, in the middle of every stretch between two edges */
    private function places(float $x): array
    {
        $edges = [0.0, $this->round->height, -self::REACH, $this->round->height + self::REACH];
        foreach ($this->pieces as $piece) {
            if ($x > $piece->left && $x < $piece->right) {
                array_push($edges, max($piece->bottom, -self::REACH), min($piece->top, $this->round->height + self::REACH));
            }
        }

        return self::between($edges);
    }

    /**
     * @param  list<float>  $edges
     * @return list<float>
     */
    private static function between(array $edges): array
    {
        sort($edges);
        $middles = [];
        foreach (array_slice($edges, 1) as $i => $edge) {
            if ($edge - $edges[$i] > 2.0 * self::BEYOND) {
                $middles[] = ($edge + $edges[$i]) / 2.0;
            }
        }

        return $middles;
    }
}
