<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Tolerance;

/**
 * How one piece is marked out. Frame: x across the sheet from its left edge in this view, y up from B, the eave
 * end, both in inches. Marking is done on the back, where left and right are swapped; the face view is the flip.
 */
final readonly class CutCard
{
    /**
     * @param  list<Line>  $lines  to cut, bend and notch by
     * @param  list<float>  $ribs  x of the seams or ribs that stay
     * @param  list<Mark>  $marks
     * @param  bool  $fromHead  marks along the sheet run from T: a valley piece hangs from its head
     * @param  list<Polygon>  $holes  openings within the sheet
     * @param  list<Correction>  $corrections  carried to it from first fits
     */
    public function __construct(
        public string $panel,
        public bool $back,
        public float $width,
        public float $length,
        public float $orderLength,
        public Polygon $outline,
        public array $lines,
        public array $ribs,
        public array $marks,
        public bool $hookedRight,
        public bool $fromHead = false,
        public array $holes = [],
        public array $corrections = [],
    ) {
    }

    /** Length of the sheet along its left or right edge in this view, inches; 0 where it runs to a point. */
    public function edgeLength(bool $left): float
    {
        $x = $left ? 0.0 : $this->width;
        $on = array_map(static fn (Point $p): float => $p->v, array_filter($this->outline->corners, static fn (Point $p): bool => abs($p->u - $x) < Tolerance::SAME_CUT));

        return $on === [] ? 0.0 : max($on) - min($on);
    }

    /**
     * The two lengths of the piece and the width between them, where the tape lies: at the metal's own edges; of a
     * valley piece at its valley marks, which begin inside the female leg.
     *
     * @return array{long: float, short: float, between: float}
     */
    public function sides(): array
    {
        $lengths = [$this->edgeLength(true), $this->edgeLength(false)];
        $places = [0.0, $this->width];
        $valley = array_values(array_filter($this->marks, static fn (Mark $m): bool => $m->name === 'valley'));
        if ($this->fromHead && count($valley) === 2) {
            $lengths = [$valley[0]->distance, $valley[1]->distance];
            $places = array_map(fn (Mark $m): float => $m->x ?? ($m->line === MarkLine::Left ? 0.0 : $this->width), $valley);
        }

        return ['long' => max($lengths), 'short' => min($lengths), 'between' => abs($places[1] - $places[0])];
    }

    /** The same card seen from the other side; flipping twice is the identity. */
    public function flipped(): self
    {
        return new self(
            $this->panel,
            ! $this->back,
            $this->width,
            $this->length,
            $this->orderLength,
            $this->outline->mirrored()->moved($this->width, 0.0),
            array_map(fn (Line $line): Line => $line->flipped($this->width), $this->lines),
            array_reverse(array_map(fn (float $x): float => $this->width - $x, $this->ribs)),
            array_map(fn (Mark $mark): Mark => new Mark($mark->name, $mark->kind, match ($mark->line) {
                MarkLine::Left => MarkLine::Right,
                MarkLine::Right => MarkLine::Left,
                default => $mark->line,
            }, $mark->distance, $mark->x === null ? null : $this->width - $mark->x), $this->marks),
            ! $this->hookedRight,
            $this->fromHead,
            array_map(fn (Polygon $hole): Polygon => $hole->mirrored()->moved($this->width, 0.0), $this->holes),
            $this->corrections,
        );
    }
}
