<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\Legs;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Ground\Metalwork\SideLength;
use Imbrex\Core\Ground\Metalwork\TwoLengths;

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
     * @param  TwoLengths|null  $lengths  what it is marked by along its left and right; null where it is not made from two lengths
     * @param  Legs  $legs  in this view
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
        public ?TwoLengths $lengths = null,
        public Legs $legs = new Legs,
    ) {
    }

    /**
     * What is measured along its left or right in this view: the length it is marked by, where the tape lies; or, where it is
     * not made from two lengths, each stretch of metal at that edge.
     *
     * @return list<SideLength>
     */
    public function sides(bool $left): array
    {
        if ($this->lengths === null) {
            return array_map(static fn (array $stretch): SideLength => new SideLength($stretch[0], $stretch[1], false), $this->stretches($left));
        }
        $length = $left ? $this->lengths->left : $this->lengths->right;
        $inside = $left ? $this->lengths->insideLeft : $this->lengths->insideRight;

        return [$this->fromHead ? new SideLength($this->length - $length, $this->length, $inside) : new SideLength(0.0, $length, $inside)];
    }

    /** Inches from B to where the metal ends along its left or right in this view. */
    public function headAt(bool $left): float
    {
        $x = $left ? 0.0 : $this->width;
        $at = array_filter($this->outline->corners, static fn (Point $corner): bool => abs($corner->u - $x) < Tolerance::SAME_CUT);

        return max(0.0, ...array_map(static fn (Point $corner): float => $corner->v, array_values($at)));
    }

    /** @return list<array{float, float}> where metal runs along its left or right edge in this view: from and to, up from B */
    private function stretches(bool $left): array
    {
        $x = $left ? 0.0 : $this->width;
        $stretches = [];
        foreach ($this->outline->corners as $i => $from) {
            $to = $this->outline->corner($i + 1);
            if (abs($from->u - $x) < Tolerance::SAME_CUT && abs($to->u - $x) < Tolerance::SAME_CUT) {
                $stretches[] = [min($from->v, $to->v), max($from->v, $to->v)];
            }
        }
        sort($stretches);
        $joined = [];
        foreach ($stretches as $stretch) {
            $last = $joined === [] ? null : $joined[count($joined) - 1];
            if ($last !== null && $stretch[0] - $last[1] < Tolerance::SAME_CUT) {
                $stretch = [$last[0], $stretch[1]];
                array_pop($joined);
            }
            $joined[] = $stretch;
        }

        return $joined;
    }

    /** The same card seen from the other side; flipping twice is the identity. */
    public function flipped(): self
    {
        return new self(
            panel: $this->panel,
            back: ! $this->back,
            width: $this->width,
            length: $this->length,
            orderLength: $this->orderLength,
            outline: $this->outline->mirrored()->moved($this->width, 0.0),
            lines: array_map(fn (Line $line): Line => $line->flipped($this->width), $this->lines),
            ribs: array_reverse(array_map(fn (float $x): float => $this->width - $x, $this->ribs)),
            marks: array_map(fn (Mark $mark): Mark => new Mark($mark->name, $mark->kind, match ($mark->line) {
                MarkLine::Left => MarkLine::Right,
                MarkLine::Right => MarkLine::Left,
                default => $mark->line,
            }, $mark->distance, $mark->x === null ? null : $this->width - $mark->x, $mark->from?->mirrored()), $this->marks),
            hookedRight: ! $this->hookedRight,
            fromHead: $this->fromHead,
            holes: array_map(fn (Polygon $hole): Polygon => $hole->mirrored()->moved($this->width, 0.0), $this->holes),
            corrections: $this->corrections,
            lengths: $this->lengths?->mirrored(),
            legs: $this->legs->mirrored(),
        );
    }
}
