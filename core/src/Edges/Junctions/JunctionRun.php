<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Edges\Internal\WaterFault;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/**
 * Lets rain fall all over a junction and follows it: it rides the piece it fell on to its lower edge and falls on the next
 * that lies under it. Rain never gets under anything: where it does, that piece lies wrong; nor does it end on nothing.
 */
final class JunctionRun
{
    /** A junction's sheet reaches this far (in) from its point. */
    public const REACH = 20.0;

    /** Rain falls this close (in), and is followed in such steps. */
    private const STEP = 0.5;

    /** More than meet at any. */
    private const PIECES = 16;

    /** Cells each way. */
    private const CELLS = 80;

    /** @var array<int, list<int>> numbers of the pieces on a cell, from below */
    private array $stacks = [];

    /** @var array<int, Zone> by cell */
    private array $zones = [];

    /** @var array<int, true> where it has been followed, by cell and piece */
    private array $wet = [];

    /** @var array<string, WaterFault> */
    private array $faults = [];

    private function __construct(private readonly Junction $junction)
    {
        foreach (array_reverse($junction->zones) as $zone) {
            foreach (self::cells($zone->area) as $cell) {
                $this->zones[$cell] = $zone;
            }
        }
        foreach ($junction->pieces as $number => $piece) {
            foreach (array_unique(array_merge(...array_map(self::cells(...), $piece->areas))) as $cell) {
                $this->stacks[$cell][] = $number;
            }
        }
    }

    /** @return list<WaterFault> `at` is the distance from the junction's point, inches */
    public static function faults(Junction $junction): array
    {
        $run = new self($junction);
        foreach ($run->stacks as $cell => $stack) {
            $run->follow($cell, $stack[count($stack) - 1]);
        }

        return array_values($run->faults);
    }

    /** @return array<string, list<string>> keys of the pieces each lies on somewhere, from below, by key */
    public static function laps(Junction $junction): array
    {
        $over = array_fill(0, count($junction->pieces), []);
        foreach ((new self($junction))->stacks as $stack) {
            foreach ($stack as $i => $piece) {
                foreach (array_slice($stack, 0, $i) as $below) {
                    $over[$piece][$below] = $junction->pieces[$below]->key;
                }
            }
        }
        $named = [];
        foreach ($over as $piece => $below) {
            ksort($below);
            $named[$junction->pieces[$piece]->key] = array_values($below);
        }

        return $named;
    }

    /** @return array<string, Point> where each piece is seen best when all lie: deepest in what nothing covers of it; by key */
    public static function seen(Junction $junction): array
    {
        $run = new self($junction);
        $seen = [];
        foreach ($junction->pieces as $number => $piece) {
            $own = array_keys(array_filter($run->stacks, static fn (array $stack): bool => $stack[count($stack) - 1] === $number));
            $own = $own === [] ? array_keys(array_filter($run->stacks, static fn (array $stack): bool => in_array($number, $stack, true))) : $own;
            $left = array_flip($own);
            // Peeled from outside, cell by cell: what is left last lies deepest.
            $last = $own[0] ?? 0;
            while ($left !== []) {
                $peeled = array_filter(array_keys($left), static fn (int $cell): bool => ! isset($left[$cell - 1], $left[$cell + 1], $left[$cell - self::CELLS], $left[$cell + self::CELLS]));
                $last = $peeled[intdiv(count($peeled), 2)] ?? array_values($peeled)[0];
                $left = array_diff_key($left, array_flip($peeled));
            }
            $seen[$piece->key] = self::middle($last);
        }

        return $seen;
    }

    private static function middle(int $cell): Point
    {
        return new Point((intdiv($cell, self::CELLS) + 0.5) * self::STEP - self::REACH, ($cell % self::CELLS + 0.5) * self::STEP - self::REACH);
    }

    private function follow(int $cell, int $on): void
    {
        while (! isset($this->wet[$cell * self::PIECES + $on])) {
            $this->wet[$cell * self::PIECES + $on] = true;
            $zone = $this->zones[$cell] ?? null;
            $next = $zone === null ? null : self::step($cell, $zone);
            if ($next === null || ! isset($this->zones[$next])) {
                return;
            }
            $stack = $this->stacks[$next] ?? [];
            $top = $stack === [] ? -1 : $stack[count($stack) - 1];
            // It mostly rides on, with nothing over it.
            $under = $top === $on || in_array($on, $stack, true) ? $on : $this->under($on, $cell, $stack);
            if ($top > ($under ?? $on)) {
                $this->found('reversed', $top, $under ?? $on, $next);

                return;
            }
            if ($under === null) {
                $this->zones[$next]->isFree || $this->found('bare', $on, null, $next);

                return;
            }
            [$on, $cell] = [$under, $next];
        }
    }

    /**
     * The next piece below that lies under the lower edge of one, not only beside it.
     *
     * @param  list<int>  $stack  of the next cell
     */
    private function under(int $on, int $cell, array $stack): ?int
    {
        $below = array_filter(array_intersect($stack, $this->stacks[$cell] ?? []), static fn (int $piece): bool => $piece < $on);

        return $below === [] ? null : max($below);
    }

    /** The cell water runs to; null where it stands, or leaves the sheet. */
    private static function step(int $cell, Zone $zone): ?int
    {
        [$dx, $dy] = [(int) round($zone->x), (int) round($zone->y)];
        [$x, $y] = [intdiv($cell, self::CELLS) + $dx, $cell % self::CELLS + $dy];

        return ($dx === 0 && $dy === 0) || min($x, $y) < 0 || max($x, $y) >= self::CELLS ? null : $x * self::CELLS + $y;
    }

    /** @return list<int> cells whose middle lies in an area */
    private static function cells(Polygon $area): array
    {
        $cells = [];
        for ($y = 0; $y < self::CELLS; $y++) {
            $crossings = $area->crossingsAt(($y + 0.5) * self::STEP - self::REACH);
            for ($i = 0; $i + 1 < count($crossings); $i += 2) {
                $from = (int) max(0, ceil(($crossings[$i] + self::REACH) / self::STEP - 0.5));
                $to = (int) min(self::CELLS - 1, floor(($crossings[$i + 1] + self::REACH) / self::STEP - 0.5));
                for ($x = $from; $x <= $to; $x++) {
                    $cells[] = $x * self::CELLS + $y;
                }
            }
        }

        return $cells;
    }

    private function found(string $kind, int $piece, ?int $other, int $cell): void
    {
        $at = self::middle($cell);
        $fault = new WaterFault($kind, $this->junction->pieces[$piece]->key, $other === null ? null : $this->junction->pieces[$other]->key, hypot($at->u, $at->v));
        $this->faults["$fault->kind $fault->piece $fault->other"] ??= $fault;
    }
}
