<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/**
 * Outlines of single lines: ends that lie near each other are one corner, a line that ends on another parts it, two of a kind part each other where they cross, and every smallest round of lines is an
 * outline. Lines that lead nowhere are left.
 */
final class LineLoops
{
    /** Lines beyond this many are no drawing of a roof. */
    private const MOST_LINES = 1_500;

    /** Lines that cross more often than this are no sides of faces. */
    private const MOST_CROSSINGS = 600;

    /** Shares of a line's length: another may part it in the middle. */
    private const LOOKED_AT = [0.5, 0.27];

    /** @var list<Point> */
    private array $corners = [];

    /** @var array<string, list<int>> corners by cell of a grid */
    private array $cells = [];

    /** @var array<int, array<int, string>> layer of the line from a corner to another */
    private array $layers = [];

    /** @var array<string, true> lines that are no side of any outline, by their ends */
    private array $used = [];

    /**
     * @param  list<array{layer: string, from: Point, to: Point}>  $lines  inches
     * @param  float  $gap  the farthest two ends may lie apart and be one corner, inches
     */
    public function __construct(private readonly array $lines, private readonly float $gap)
    {
    }

    /** @return list<array{layer: string, polygon: Polygon}> counter-clockwise */
    public function outlines(): array
    {
        if (count($this->lines) > self::MOST_LINES) {
            return [];
        }
        $ends = array_map(fn (array $line): array => [$this->cornerAt($line['from']), $this->cornerAt($line['to']), $line['layer']], $this->lines);
        $this->cross();
        foreach ($ends as [$from, $to, $layer]) {
            $this->part($from, $to, $layer);
        }
        $this->prune();

        return $this->rounds();
    }

    /** Whether a line between these two is a side of an outline that was found. */
    public function isUsed(Point $from, Point $to): bool
    {
        foreach (self::LOOKED_AT as $share) {
            $at = new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v));
            foreach (array_keys($this->used) as $side) {
                [$a, $b] = array_map(intval(...), explode(' ', $side));
                if (self::isOn($at, $this->corners[$a], $this->corners[$b], $this->gap)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function cornerAt(Point $at): int
    {
        [$column, $row] = [(int) floor($at->u / $this->gap), (int) floor($at->v / $this->gap)];
        for ($dc = -1; $dc <= 1; $dc++) {
            for ($dr = -1; $dr <= 1; $dr++) {
                foreach ($this->cells[($column + $dc).' '.($row + $dr)] ?? [] as $known) {
                    if ($this->corners[$known]->distanceTo($at) <= $this->gap) {
                        return $known;
                    }
                }
            }
        }
        $this->corners[] = $at;
        $this->cells["$column $row"][] = count($this->corners) - 1;

        return count($this->corners) - 1;
    }

    /** Corners where two lines cross between their ends: hips of a tent drawn as two diagonals. A line of another layer that means nothing parts nothing. */
    private function cross(): void
    {
        $crossings = [];
        foreach ($this->lines as $i => $one) {
            foreach (array_slice($this->lines, $i + 1) as $other) {
                $at = $one['layer'] === $other['layer'] || (LayerKinds::of($one['layer']) !== null && LayerKinds::of($other['layer']) !== null) ? $this->crossing($one, $other) : null;
                if ($at !== null) {
                    $crossings[] = $at;
                }
                if (count($crossings) > self::MOST_CROSSINGS) {
                    return;
                }
            }
        }
        array_walk($crossings, $this->cornerAt(...));
    }

    /**
     * @param  array{layer: string, from: Point, to: Point}  $one
     * @param  array{layer: string, from: Point, to: Point}  $other
     */
    private function crossing(array $one, array $other): ?Point
    {
        [$a, $b, $c, $d] = [$one['from'], $one['to'], $other['from'], $other['to']];
        $across = ($b->u - $a->u) * ($d->v - $c->v) - ($b->v - $a->v) * ($d->u - $c->u);
        if (abs($across) < 1e-9) {
            return null;
        }
        $along = (($c->u - $a->u) * ($d->v - $c->v) - ($c->v - $a->v) * ($d->u - $c->u)) / $across;
        $at = new Point($a->u + $along * ($b->u - $a->u), $a->v + $along * ($b->v - $a->v));

        return self::isOn($at, $a, $b, $this->gap) && self::isOn($at, $c, $d, $this->gap) ? $at : null;
    }

    /** Puts a line in, parted at the corners that lie on it. */
    private function part(int $from, int $to, string $layer): void
    {
        [$a, $b] = [$this->corners[$from], $this->corners[$to]];
        $stops = [];
        foreach ($this->corners as $number => $corner) {
            if ($number === $from || $number === $to || self::isOn($corner, $a, $b, $this->gap)) {
                $stops[$number] = $a->distanceTo($corner);
            }
        }
        asort($stops);
        $stops = array_keys($stops);
        foreach (array_slice($stops, 1) as $i => $next) {
            $before = $stops[$i];
            if ($before !== $next) {
                $this->layers[$before][$next] ??= $layer;
                $this->layers[$next][$before] ??= $layer;
            }
        }
    }

    /** Takes lines away that end at nothing. */
    private function prune(): void
    {
        $loose = array_keys(array_filter($this->layers, static fn (array $ways): bool => count($ways) < 2));
        while ($loose !== []) {
            $corner = array_pop($loose);
            foreach (array_keys($this->layers[$corner] ?? []) as $next) {
                unset($this->layers[$next][$corner]);
                if (count($this->layers[$next]) < 2) {
                    $loose[] = $next;
                }
            }
            unset($this->layers[$corner]);
        }
    }

    /** @return list<array{layer: string, polygon: Polygon}> */
    private function rounds(): array
    {
        $turns = [];
        foreach ($this->layers as $corner => $ways) {
            $angles = [];
            foreach (array_keys($ways) as $next) {
                $angles[$next] = atan2($this->corners[$next]->v - $this->corners[$corner]->v, $this->corners[$next]->u - $this->corners[$corner]->u);
            }
            asort($angles);
            $turns[$corner] = array_keys($angles);
        }
        [$found, $walked] = [[], []];
        foreach ($turns as $corner => $ways) {
            foreach ($ways as $next) {
                if (isset($walked["$corner $next"])) {
                    continue;
                }
                $round = [];
                for ([$from, $to] = [$corner, $next]; ! isset($walked["$from $to"]); [$from, $to] = [$to, $turns[$to][($place + count($turns[$to]) - 1) % count($turns[$to])]]) {
                    $walked["$from $to"] = true;
                    $round[] = $from;
                    // The next way to the right of where one came from, so that what lies on the left is kept.
                    $place = (int) array_search($from, $turns[$to], true);
                }
                $outline = $this->outline($round);
                if ($outline !== null) {
                    $found[] = $outline;
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<int>  $round
     * @return array{layer: string, polygon: Polygon}|null null for the far side of a whole
     */
    private function outline(array $round): ?array
    {
        $count = count($round);
        if ($count < 3 || count(array_unique($round)) < $count || Polygon::sound(array_map(fn (int $at): Point => $this->corners[$at], $round))->area() <= 0.0) {
            return null;
        }
        $layers = $kept = [];
        foreach ($round as $i => $corner) {
            [$before, $after] = [$round[($i + $count - 1) % $count], $round[($i + 1) % $count]];
            $layers[] = $this->layers[$corner][$after];
            $this->used["$corner $after"] = true;
            // A corner on a straight side stays where a third line begins there: sides of two outlines then go together one by one.
            if (count($this->layers[$corner]) > 2 || ! self::isOn($this->corners[$corner], $this->corners[$before], $this->corners[$after], $this->gap / 4.0)) {
                $kept[] = $this->corners[$corner];
            }
        }
        $plain = array_values(array_filter($layers, static fn (string $layer): bool => LayerKinds::of($layer) === null));

        return ['layer' => $plain[0] ?? $layers[0], 'polygon' => Polygon::sound($kept)];
    }

    private static function isOn(Point $at, Point $a, Point $b, float $within): bool
    {
        $long = $a->distanceTo($b);
        if ($long < 1e-9) {
            return false;
        }
        $along = (($at->u - $a->u) * ($b->u - $a->u) + ($at->v - $a->v) * ($b->v - $a->v)) / $long;
        $off = abs(($at->u - $a->u) * ($b->v - $a->v) - ($at->v - $a->v) * ($b->u - $a->u)) / $long;

        return $along > 0.0 && $along < $long && $off <= $within;
    }
}
