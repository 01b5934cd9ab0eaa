<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/**
 * The outlines of a drawing in inches, closed ones and rounds of single lines, and which of them lie within another: what has no pitch, no edge and no
 * neighbour of its own there comes through the roof.
 */
final class DrawnShapes
{
    private const MOST_OUTLINES = 60;

    private const MOST_CORNERS = 200;

    /** Of all outlines together. */
    private const MOST_SIDES = 2_000;

    /** Lines are held against sides one by one: as many of them as make this many pairs. */
    private const MOST_PAIRS = 1_000_000;

    /** Ends of lines that lie this close (in) are one corner. */
    private const GAP = 0.0625;

    private const SHORTEST_SIDE = 0.05;

    /** Square inches, in whatever unit the drawing turns out to be. */
    private const LEAST_AREA = 0.01;

    /** @var list<array{layer: string, polygon: Polygon}> counter-clockwise */
    public readonly array $faces;

    /** @var list<array{layer: string, polygon: Polygon, face: int, texts: list<string>}> what comes through a face, by the face's number */
    public readonly array $openings;

    /** @var list<array{kind: \Imbrex\Core\Ground\Catalogue\EdgeKind, from: Point, to: Point}> lines on layers named after an edge */
    public readonly array $edges;

    /** @var list<array{text: string, at: Point}> */
    private array $texts;

    /** @var list<Polygon> all that comes through */
    private array $through = [];

    public function __construct(private readonly DxfDrawing $drawing, private readonly float $factor)
    {
        $lines = array_map(fn (array $line): array => ['layer' => $line['layer'], 'from' => $this->point($line['from']), 'to' => $this->point($line['to'])], $drawing->lines);
        $this->texts = array_map(fn (array $text): array => ['text' => $text['text'], 'at' => $this->point($text['at'])], $drawing->texts);
        $closed = $this->closed();
        $most = intdiv(self::MOST_PAIRS, max(1, self::sidesOf($closed)));
        foreach (array_slice($lines, $most) as $line) {
            $drawing->leave('lines', $line['layer']);
        }
        $lines = array_slice($lines, 0, $most);
        $edges = [];
        foreach ($lines as $line) {
            $kind = LayerKinds::of($line['layer']);
            if ($kind !== null) {
                $edges[] = ['kind' => $kind, 'from' => $line['from'], 'to' => $line['to']];
            }
        }
        $this->edges = $edges;
        [$this->faces, $this->openings] = $this->nested($this->chained($closed, $lines));
    }

    /** @return list<string> texts on a face: not those within what comes through it */
    public function textsOn(int $face): array
    {
        $inner = array_filter($this->faces, fn (array $one, int $other): bool => $other !== $face && self::within($one['polygon'], $this->faces[$face]['polygon']), ARRAY_FILTER_USE_BOTH);

        return $this->textsIn($this->faces[$face]['polygon'], [...array_column($inner, 'polygon'), ...$this->through]);
    }

    /** @param  array{float, float}  $at  in the drawing's own unit */
    public function point(array $at): Point
    {
        return new Point($at[0] * $this->factor, $at[1] * $this->factor);
    }

    /** The innermost face round a point; none for a point in an opening. */
    public function faceAt(Point $at): ?int
    {
        [$found, $least] = [null, INF];
        foreach ($this->faces as $number => $face) {
            if ($face['polygon']->area() < $least && $face['polygon']->contains($at)) {
                [$found, $least] = [$number, $face['polygon']->area()];
            }
        }
        foreach ($this->openings as $opening) {
            $found = $opening['polygon']->contains($at) ? null : $found;
        }

        return $found;
    }

    /** @return list<array{layer: string, polygon: Polygon}> */
    private function closed(): array
    {
        $outlines = [];
        foreach ($this->drawing->outlines as $outline) {
            $corners = [];
            foreach ($outline['points'] as $at) {
                $corner = $this->point($at);
                if ($corners === [] || $corner->distanceTo($corners[count($corners) - 1]) > self::SHORTEST_SIDE) {
                    $corners[] = $corner;
                }
            }
            while (count($corners) > 1 && $corners[0]->distanceTo($corners[count($corners) - 1]) <= self::SHORTEST_SIDE) {
                array_pop($corners);
            }
            $polygon = Polygon::sound($corners);
            $this->take($outlines, $outline['layer'], $polygon->area() < 0.0 ? Polygon::sound(array_reverse($corners)) : $polygon);
        }

        return $outlines;
    }

    /** @param  list<array{layer: string, polygon: Polygon}>  $outlines */
    private function take(array &$outlines, string $layer, Polygon $polygon): void
    {
        $why = match (true) {
            strtoupper($layer) === 'HOLE' => 'hole',
            count($polygon->corners) < 3 || $polygon->area() < self::LEAST_AREA => 'no-area',
            count($polygon->corners) > self::MOST_CORNERS || self::sidesOf($outlines) + count($polygon->corners) > self::MOST_SIDES => 'corners',
            count($outlines) >= self::MOST_OUTLINES => 'outlines',
            $polygon->crossing() !== null => 'crossing',
            default => null,
        };
        if ($why === null) {
            $outlines[] = ['layer' => $layer, 'polygon' => $polygon];
        } else {
            $this->drawing->leave($why, $layer);
        }
    }

    /**
     * Single lines as outlines, and outlines parted by lines that run through them.
     *
     * @param  list<array{layer: string, polygon: Polygon}>  $closed
     * @param  list<array{layer: string, from: Point, to: Point}>  $lines
     * @return list<array{layer: string, polygon: Polygon}>
     */
    private function chained(array $closed, array $lines): array
    {
        $holes = array_values(array_filter($this->drawing->outlines, static fn (array $outline): bool => strtoupper($outline['layer']) === 'HOLE'));
        $known = [...array_column($closed, 'polygon'), ...array_map(fn (array $hole): Polygon => Polygon::sound(array_map($this->point(...), $hole['points'])), $holes)];
        $free = array_values(array_filter($lines, static fn (array $line): bool => $line['from']->distanceTo($line['to']) > self::SHORTEST_SIDE && ! self::isSide($line, $known)));
        $parted = array_filter($closed, static fn (array $outline): bool => array_filter($free, static fn (array $line): bool => self::parts($line, $outline['polygon'])) !== []);
        $sides = [];
        foreach ($parted as $outline) {
            foreach ($outline['polygon']->corners as $i => $corner) {
                $sides[] = ['layer' => $outline['layer'], 'from' => $corner, 'to' => $outline['polygon']->corner($i + 1)];
            }
        }
        $loops = new LineLoops([...$sides, ...$free], self::GAP);
        $found = $loops->outlines();
        $kept = array_values(array_diff_key($closed, $parted));
        foreach ($parted as $outline) {
            $own = array_filter($found, static fn (array $one): bool => self::within($one['polygon'], $outline['polygon']) && abs($one['polygon']->area() - $outline['polygon']->area()) > 1.0);
            if (count($own) < 2) {
                // Nothing parts it after all: the round that is the outline again is no second one.
                $kept[] = $outline;
                $found = array_filter($found, static fn (array $one): bool => abs($one['polygon']->area() - $outline['polygon']->area()) > 1.0 || ! self::within($one['polygon'], $outline['polygon']));
            }
        }
        foreach ($found as $one) {
            $this->take($kept, $one['layer'], $one['polygon']);
        }
        foreach ($free as $line) {
            if (! $loops->isUsed($line['from'], $line['to'])) {
                $this->drawing->leave('loose', $line['layer']);
            }
        }

        return $kept;
    }

    /**
     * @param  list<array{layer: string, polygon: Polygon}>  $outlines
     * @return array{list<array{layer: string, polygon: Polygon}>, list<array{layer: string, polygon: Polygon, face: int, texts: list<string>}>}
     */
    private function nested(array $outlines): array
    {
        $round = array_map(static fn (array $one): array => array_keys(array_filter($outlines, static fn (array $other): bool => $other !== $one && self::within($one['polygon'], $other['polygon']))), $outlines);
        $through = array_filter($outlines, fn (array $one, int $number): bool => $round[$number] !== [] && (LayerKinds::opening($one['layer']) !== null || ! $this->isFace($one['polygon'], $outlines, $number)), ARRAY_FILTER_USE_BOTH);
        $faces = array_diff_key($outlines, $through);
        $numbers = array_flip(array_keys($faces));
        $openings = [];
        foreach ($through as $number => $one) {
            $around = array_diff($round[$number], array_keys($through));
            if ($around === [] || count($around) < count($round[$number])) {
                $this->drawing->leave('within', $one['layer']);

                continue;
            }
            usort($around, static fn (int $a, int $b): int => $outlines[$a]['polygon']->area() <=> $outlines[$b]['polygon']->area());
            $openings[] = [...$one, 'face' => $numbers[$around[0]], 'texts' => $this->textsIn($one['polygon'], [])];
        }
        $this->through = array_values(array_column($through, 'polygon'));

        return [array_values($faces), $openings];
    }

    /**
     * Whether an outline within another is a face: it has a pitch or an edge of its own, or shares a side.
     *
     * @param  list<array{layer: string, polygon: Polygon}>  $outlines
     */
    private function isFace(Polygon $polygon, array $outlines, int $number): bool
    {
        foreach ($this->textsIn($polygon, []) as $text) {
            if (DrawnPitch::written($text) !== []) {
                return true;
            }
        }
        foreach (array_keys($polygon->corners) as $side) {
            $line = ['from' => $polygon->corner($side), 'to' => $polygon->corner($side + 1)];
            $others = array_column(array_filter($outlines, static fn (int $other): bool => $other !== $number, ARRAY_FILTER_USE_KEY), 'polygon');
            if (self::isSide($line, $others) || array_filter($this->edges, static fn (array $edge): bool => self::isAlong(self::middle($line), $edge['from'], $edge['to'])) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<Polygon>  $without
     * @return list<string>
     */
    private function textsIn(Polygon $polygon, array $without): array
    {
        $own = array_filter($this->texts, static fn (array $text): bool => $polygon->contains($text['at']) && array_filter($without, static fn (Polygon $inner): bool => $inner->contains($text['at'])) === []);

        return array_values(array_column($own, 'text'));
    }

    /**
     * @param  array{from: Point, to: Point}  $line
     * @param  array<Polygon>  $outlines
     */
    private static function isSide(array $line, array $outlines): bool
    {
        foreach ($outlines as $outline) {
            foreach (array_keys($outline->corners) as $side) {
                if (self::isAlong(self::middle($line), $outline->corner($side), $outline->corner($side + 1)) && (self::isAlong($line['from'], $outline->corner($side), $outline->corner($side + 1)) || self::isAlong($line['to'], $outline->corner($side), $outline->corner($side + 1)))) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether a line runs through an outline from one of its sides.
     *
     * @param  array{from: Point, to: Point}  $line
     */
    private static function parts(array $line, Polygon $outline): bool
    {
        if (! $outline->contains(self::middle($line))) {
            return false;
        }
        foreach (array_keys($outline->corners) as $side) {
            foreach ([$line['from'], $line['to']] as $end) {
                if (self::isAlong($end, $outline->corner($side), $outline->corner($side + 1))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<array{layer: string, polygon: Polygon}>  $outlines */
    private static function sidesOf(array $outlines): int
    {
        return array_sum(array_map(static fn (array $one): int => count($one['polygon']->corners), $outlines));
    }

    /** @param  array{from: Point, to: Point}  $line */
    private static function middle(array $line): Point
    {
        return new Point(($line['from']->u + $line['to']->u) / 2.0, ($line['from']->v + $line['to']->v) / 2.0);
    }

    private static function isAlong(Point $at, Point $a, Point $b): bool
    {
        $long = $a->distanceTo($b);
        $along = (($at->u - $a->u) * ($b->u - $a->u) + ($at->v - $a->v) * ($b->v - $a->v)) / max($long, 1e-9);
        $off = abs(($at->u - $a->u) * ($b->v - $a->v) - ($at->v - $a->v) * ($b->u - $a->u)) / max($long, 1e-9);

        return $along > -self::GAP && $along < $long + self::GAP && $off < self::GAP;
    }

    /** Whether one outline lies within another, a larger one. */
    private static function within(Polygon $inner, Polygon $outer): bool
    {
        if ($inner->area() > $outer->area() - self::LEAST_AREA) {
            return false;
        }
        [$in, $out] = [$inner->bounds(), $outer->bounds()];
        if ($in->left < $out->left - self::GAP || $in->right > $out->right + self::GAP || $in->bottom < $out->bottom - self::GAP || $in->top > $out->top + self::GAP) {
            return false;
        }
        foreach ($inner->corners as $corner) {
            if (! $outer->contains($corner) && array_filter(array_keys($outer->corners), static fn (int $side): bool => self::isAlong($corner, $outer->corner($side), $outer->corner($side + 1))) === []) {
                return false;
            }
        }

        return $outer->contains($inner->insidePoint());
    }
}
