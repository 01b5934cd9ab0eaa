<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Builds\LayerEnd;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\Internal\LyingPart;
use Imbrex\Core\Edges\Internal\SectionPath;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;

/**
 * Draws a section from where its layers lie: positions to scale, sheets thicker than they are so that they can be told
 * apart, each on the ones below it.
 */
final class SectionPicture
{
    /** A sheet is drawn this thick, inches. */
    private const SHEET = 0.17;

    /** What lies off the edge farther than this (in) is not shown. */
    public const REACH = 11.5;

    /** A fold hangs so far below its sheet, inches. */
    private const FOLD = 0.5;

    /** A screw's point below its head, inches. */
    private const SCREW = 1.0;

    /** Parts that share less than this (in) do not lie on each other. */
    private const TOUCH = 0.05;

    /** Places along a layer its call-out may touch. */
    private const LOOKS = 16;

    /** @var list<LyingPart> */
    private array $lying = [];

    private function __construct(private readonly Section $section)
    {
    }

    /** @return list<DrawnLayer> in the order the layers go on */
    public static function of(Section $section): array
    {
        $picture = new self($section);
        $drawn = [];
        $byRank = $section->layers;
        usort($byRank, static fn (PlacedLayer $a, PlacedLayer $b): int => $a->rank <=> $b->rank);
        foreach ($byRank as $layer) {
            $drawn[$layer->layer->key] = $picture->draw($layer);
        }

        return array_map(static fn (PlacedLayer $layer): DrawnLayer => $drawn[$layer->layer->key], $section->layers);
    }

    /** Boards and walls are drawn this thick, inches. */
    private const BOARD = 0.75;

    /** @return list<list<Point>> what the layers lie on: deck, fascia, wall */
    public static function solids(SectionPath $path): array
    {
        $solids = [];
        $last = count($path->nodes) - 2;
        for ($segment = 0; $segment <= $last; $segment++) {
            [$from, $to] = [max($path->nodes[$segment][0], -self::REACH), min($path->nodes[$segment + 1][0], self::REACH)];
            if ($path->kind === EdgeKind::Rake && $segment === 1) {
                continue;
            }
            // A rake's upstand is metal on both its sides; the gable board begins at the deck.
            $from = $path->kind === EdgeKind::Rake && $segment === 2 ? 2.0 * $path->nodes[2][0] : $from;
            $solids[] = [$path->place($from, 0.0, $segment), $path->place($to, 0.0, $segment), $path->place($to, -self::BOARD, $segment), $path->place($from, -self::BOARD, $segment)];
        }

        return $solids;
    }

    private function draw(PlacedLayer $layer): DrawnLayer
    {
        $parts = $this->parts($layer);
        array_push($this->lying, ...$parts);
        $line = [];
        foreach ($parts as $i => $part) {
            $before = $parts[$i - 1] ?? null;
            $after = $parts[$i + 1] ?? null;
            // Bent at a corner of the path, both legs end in one point.
            $line[] = ($before === null ? null : $this->bend($before, $part)) ?? $this->at($part, $part->from);
            $line[] = ($after === null ? null : $this->bend($part, $after)) ?? $this->at($part, $part->to);
        }
        $fasteners = array_map(fn (float $at): array => $this->fastener($parts, $at), $layer->fasteners);

        return new DrawnLayer($layer, $this->folded($layer, $parts, $line), $this->body($layer, $parts), $fasteners, $this->anchor($layer, $parts));
    }

    /** Where two legs of a layer meet at a corner of the path; null where they do not. */
    private function bend(LyingPart $one, LyingPart $other): ?Point
    {
        if ($other->segment !== $one->segment + 1) {
            return null;
        }
        [$a, $b, $c, $d] = [$this->at($one, $one->to - 1.0), $this->at($one, $one->to), $this->at($other, $other->from), $this->at($other, $other->from + 1.0)];
        $cross = ($b->u - $a->u) * ($d->v - $c->v) - ($b->v - $a->v) * ($d->u - $c->u);
        if (abs($cross) < 0.05) {
            return null;
        }
        $along = (($c->u - $a->u) * ($d->v - $c->v) - ($c->v - $a->v) * ($d->u - $c->u)) / $cross;

        return new Point($a->u + $along * ($b->u - $a->u), $a->v + $along * ($b->v - $a->v));
    }

    /** @return list<LyingPart> */
    private function parts(PlacedLayer $layer): array
    {
        $path = $this->section->path;
        $thick = max($layer->high, self::SHEET);
        $from = max($layer->from, -self::REACH);
        $to = min($layer->to, self::REACH);
        $parts = [];
        $last = count($path->nodes) - 2;
        for ($segment = 0; $segment <= $last; $segment++) {
            [$start, $end] = [$segment === 0 ? -INF : $path->nodes[$segment][0], $segment === $last ? INF : $path->nodes[$segment + 1][0]];
            [$a, $b] = [max($from, $start), min($to, $end)];
            $isLevel = $layer->layer->start === LayerEnd::Level && $from < 0.0 && $to > $path->nodes[2][0];
            if ($b - $a < self::TOUCH || ($isLevel && $segment === 1)) {
                continue;
            }
            $straight = $layer->layer->end === LayerEnd::Straight && $to > $end && $a < $end;
            $b = $straight ? $to : $b;
            $off = $this->highest($segment, $a, $b, $isLevel && $segment === 0 ? $path->nodes[2][0] : 0.0);
            $parts[] = new LyingPart($segment, $a, $b, $off, $off + $thick);
            if ($straight) {
                break;
            }
        }

        return $parts;
    }

    /** What already lies on a stretch, inches off the path. */
    private function highest(int $segment, float $from, float $to, float $least): float
    {
        foreach ($this->lying as $part) {
            if ($part->segment === $segment && min($part->to, $to) - max($part->from, $from) > self::TOUCH) {
                $least = max($least, $part->top);
            }
        }

        return $least;
    }

    private function at(LyingPart $part, float $at, float $above = 0.0): Point
    {
        return $this->section->path->place($at, $part->off + self::SHEET / 2.0 + $above, $part->segment);
    }

    /**
     * With its hem turned under at its lower edges; where it has none, at both.
     *
     * @param  list<LyingPart>  $parts
     * @param  list<Point>  $line
     * @return list<Point>
     */
    private function folded(PlacedLayer $layer, array $parts, array $line): array
    {
        if ($layer->layer->role === LayerRole::Zee) {
            return $this->zee($layer, $parts[0]);
        }
        $hem = $layer->hem;
        if ($hem <= 0.0 || $parts === []) {
            return $line;
        }
        $path = $this->section->path;
        $free = array_values(array_filter([[$layer->from, 1], [$layer->to, -1]], static fn (array $end): bool => ! $path->goesOn($end[0])));
        $lower = array_values(array_filter($free, static fn (array $end): bool => $path->runs($end[0], $end[1]) * $end[1] < 0));
        foreach ($lower === [] ? $free : $lower as [$at, $inside]) {
            $part = $inside > 0 ? $parts[0] : $parts[count($parts) - 1];
            $fold = [$this->at($part, $at, -self::FOLD), $this->at($part, $at + $inside * $hem, -self::FOLD)];
            $line = $inside > 0 ? [...array_reverse($fold), ...$line] : [...$line, ...$fold];
        }

        return $line;
    }

    /** @return list<Point> base, web on the side of the line, top */
    private function zee(PlacedLayer $layer, LyingPart $part): array
    {
        [$web, $open] = abs($part->from) < abs($part->to) ? [$part->from, $part->to] : [$part->to, $part->from];

        return [$this->at($part, $open), $this->at($part, $web), $this->at($part, $web, $layer->high - self::SHEET), $this->at($part, $open, $layer->high - self::SHEET)];
    }

    /**
     * @param  list<LyingPart>  $parts
     * @return list<Point>
     */
    private function body(PlacedLayer $layer, array $parts): array
    {
        if ($parts === [] || ! in_array($layer->layer->role, [LayerRole::Closure, LayerRole::Vent, LayerRole::Tape, LayerRole::Sealant, LayerRole::Standing], true)) {
            return [];
        }
        $path = $this->section->path;
        $under = $over = [];
        foreach ($parts as $part) {
            array_push($under, $path->place($part->from, $part->off, $part->segment), $path->place($part->to, $part->off, $part->segment));
            array_push($over, $path->place($part->from, $part->top, $part->segment), $path->place($part->to, $part->top, $part->segment));
        }

        return [...$under, ...array_reverse($over)];
    }

    /**
     * @param  list<LyingPart>  $parts
     * @return array{Point, Point}
     */
    private function fastener(array $parts, float $at): array
    {
        $part = $this->partAt($parts, $at);

        return $part === null
            ? [$this->section->path->place($at), $this->section->path->place($at, -self::SCREW)]
            : [$this->at($part, $at, self::SHEET), $this->at($part, $at, -self::SCREW)];
    }

    /**
     * Where a call-out touches: where the layer is to be seen, nearest to its middle.
     *
     * @param  list<LyingPart>  $parts
     */
    private function anchor(PlacedLayer $layer, array $parts): Point
    {
        // What goes on into the field is shown out there, so that its call-out keeps clear of the edge.
        $path = $this->section->path;
        $wanted = match (true) {
            $path->goesOn($layer->from) && $path->goesOn($layer->to) => 0.75 * self::REACH,
            $path->goesOn($layer->from) => -0.75 * self::REACH,
            $path->goesOn($layer->to) => 0.75 * self::REACH,
            default => ($layer->from + $layer->to) / 2.0,
        };
        [$from, $to] = [max($layer->from, -self::REACH), min($layer->to, self::REACH)];
        $at = $wanted;
        $least = INF;
        for ($i = 0; $i <= self::LOOKS; $i++) {
            $look = $from + ($i + 0.5) / (self::LOOKS + 1) * ($to - $from);
            $hidden = count(array_filter($this->section->layers, static fn (PlacedLayer $other): bool => $other->rank > $layer->rank && $other->covers($look)));
            if ($hidden * self::REACH + abs($look - $wanted) < $least) {
                [$at, $least] = [$look, $hidden * self::REACH + abs($look - $wanted)];
            }
        }
        $part = $this->partAt($parts, $at) ?? $parts[0] ?? null;

        return $part === null ? $this->section->path->place($at) : $this->at($part, $at);
    }

    /** @param  list<LyingPart>  $parts */
    private function partAt(array $parts, float $at): ?LyingPart
    {
        foreach ($parts as $part) {
            if ($at >= $part->from - self::TOUCH && $at <= $part->to + self::TOUCH) {
                return $part;
            }
        }

        return null;
    }
}
