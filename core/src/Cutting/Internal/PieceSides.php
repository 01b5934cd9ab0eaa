<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Layout\FaceSide;

/**
 * The sides of a piece's sheet, in the frame of its card: x from the sheet's left edge looking up-slope, y up from B,
 * the lowest it reaches; inches. Counter-clockwise: the foot from left to right, up the right side, the head, down the left.
 */
final readonly class PieceSides
{
    /** Inches of a line at least between two marks it is drawn through. */
    private const TO_DRAW_ON = 1.0;

    /**
     * @param  list<CardSide>  $sides  of the outline, in order
     * @param  list<CardSide>  $inner  of openings within the sheet
     */
    private function __construct(public array $sides, public array $inner, public float $width, public float $length)
    {
    }

    /**
     * @param  Polygon  $sheet  face coordinates
     * @param  list<Polygon>  $holes
     * @param  list<FaceSide>  $sides  by the tag a sheet's side carries
     */
    public static function of(Polygon $sheet, array $holes, array $sides): self
    {
        $bounds = $sheet->bounds();
        $inner = [];
        foreach ($holes as $hole) {
            array_push($inner, ...self::read($hole->moved(-$bounds->left, -$bounds->bottom), $sides));
        }

        return new self(self::read($sheet->moved(-$bounds->left, -$bounds->bottom), $sides), $inner, $bounds->width(), $bounds->height());
    }

    /**
     * @param  list<FaceSide>  $faceSides
     * @return list<CardSide>
     */
    private static function read(Polygon $loop, array $faceSides): array
    {
        $sides = [];
        foreach ($loop->corners as $i => $from) {
            $to = $loop->corner($i + 1);
            $own = $faceSides[$loop->tag($i)] ?? null;
            $upright = abs($to->u - $from->u) < Tolerance::SAME_CUT;
            $kind = $own->kind ?? ($loop->tag($i) === Polygon::CUT && ! $upright ? EdgeKind::EndLap : null);
            $bound = match (true) {
                $upright || ($kind !== null && $kind->runsUpSlope()) => Bound::beside($to->v < $from->v),
                $kind === null => end($sides) !== false && end($sides)->bound === Bound::Right ? Bound::Right : Bound::Left,
                default => $to->u > $from->u ? Bound::Foot : Bound::Head,
            };
            $sides[] = new CardSide(
                kind: $kind,
                hem: $own->allowance->hem ?? 0.0,
                from: $from,
                to: $to,
                bound: $bound,
                fullHem: $own->fullHem ?? 0.0,
                turnsPanUp: $own->turnsPanUp ?? false,
            );
        }

        return $sides;
    }

    /** @return list<CardSide> of the outline, then of openings within it */
    public function all(): array
    {
        return [...$this->sides, ...$this->inner];
    }

    /**
     * The sides along which the whole left or right of the piece is ripped, from its foot up; none where a leg or a lap
     * is left on part of it.
     *
     * @return list<CardSide>
     */
    public function rip(bool $left): array
    {
        $own = array_values(array_filter($this->sides, static fn (CardSide $s): bool => $s->bound === Bound::beside($left)));
        foreach ($own as $side) {
            if (! $side->isBeside() && $side->isUpright()) {
                return [];
            }
        }
        $own = array_values(array_filter($own, static fn (CardSide $s): bool => $s->isBeside()));
        usort($own, static fn (CardSide $a, CardSide $b): int => $a->low()->v <=> $b->low()->v);

        return $own;
    }

    /** Whether the outline is one foot, one right side, one head and one left side: nothing is cut out of it. */
    private function isPlain(): bool
    {
        $bounds = array_map(static fn (CardSide $s): Bound => $s->bound, $this->sides);
        $turns = 0;
        foreach ($bounds as $i => $bound) {
            $turns += $bound !== $bounds[($i + 1) % count($bounds)] ? 1 : 0;
        }
        $kinds = count(array_unique(array_map(static fn (Bound $b): string => $b->value, $bounds)));
        $cutAway = array_filter($this->sides, static fn (CardSide $s): bool => $s->kind === EdgeKind::Opening && ! $s->bound->isEnd());

        return $turns === $kinds && $this->inner === [] && $cutAway === [] && in_array(Bound::Foot, $bounds, true) && in_array(Bound::Head, $bounds, true);
    }

    /**
     * A valley piece with a square head is measured from the head, because that is where it hangs; everything else
     * from the eave end, because the eave lock is what must sit right.
     */
    public function runsFromHead(): bool
    {
        $valley = array_filter($this->sides, static fn (CardSide $s): bool => $s->kind === EdgeKind::Valley && $s->isLowEnd()) !== [];
        $squareHead = array_filter($this->sides, fn (CardSide $s): bool => $s->bound === Bound::Head && $s->isSquare() && abs($s->to->u - $s->from->u) > $this->width - Tolerance::SAME_CUT) !== [];

        return $valley && $squareHead;
    }

    /**
     * Where the tape lies on the left or right of an end: at the metal itself. At a valley that is the inside of the
     * female leg, unless the cut turns so near to it that no line could be drawn from there; elsewhere the end's own corner.
     */
    public function tapeAt(CardSide $end, bool $left, Profile $profile): float
    {
        $x = $end->end($left)->u;
        $female = $left === $profile->hand->runsLeftToRight() && $profile->family->isConcealed() && $this->rip($left) === [];
        if ($end->kind !== EdgeKind::Valley || ! $end->isLowEnd() || ! $female || ! $this->isAtEdge($x, $left)) {
            return $x;
        }
        $inside = $left ? $profile->leftMetal : $this->width - $profile->rightMetal;

        return $end->spans($inside) && abs($end->end(! $left)->u - $inside) > self::TO_DRAW_ON ? $inside : $x;
    }

    public function isAtEdge(float $x, bool $left): bool
    {
        return abs($x - ($left ? 0.0 : $this->width)) < Tolerance::SAME_CUT;
    }

    /** The two lengths the piece is marked by, from the end its card is measured from; null where it is not made from two. */
    public function lengths(Profile $profile): ?TwoLengths
    {
        if (! $this->isPlain()) {
            return null;
        }
        $fromHead = $this->runsFromHead();
        $bound = $fromHead ? Bound::Foot : Bound::Head;
        $at = [];
        $places = [];
        $inside = [];
        foreach ([true, false] as $left) {
            $end = $this->outermost($bound, $left);
            $x = $this->tapeAt($end, $left, $profile);
            $height = $end->heightAt($x);
            $places[] = $x;
            $inside[] = ! Tolerance::same($x, $end->end($left)->u);
            $at[] = $fromHead ? $this->length - $height : $height;
        }

        return new TwoLengths($at[0], $at[1], abs($places[1] - $places[0]), $inside[0], $inside[1]);
    }

    /** Length along the left or right edge between foot and head, out to out; null where the piece is not made from two lengths. */
    public function edge(bool $left): ?float
    {
        return $this->isPlain() ? abs($this->outermost(Bound::Head, $left)->end($left)->v - $this->outermost(Bound::Foot, $left)->end($left)->v) : null;
    }

    /** The side of a foot or head that reaches farthest to the left or right. */
    private function outermost(Bound $bound, bool $left): CardSide
    {
        $own = array_values(array_filter($this->sides, static fn (CardSide $s): bool => $s->bound === $bound));
        usort($own, static fn (CardSide $a, CardSide $b): int => $left ? $a->end(true)->u <=> $b->end(true)->u : $b->end(false)->u <=> $a->end(false)->u);

        return $own[0];
    }

    /** Whether a corner lies where an end meets a side the piece is ripped along. */
    public function isRipped(Point $corner): bool
    {
        foreach ([true, false] as $left) {
            $rip = $this->rip($left);
            if ($rip !== [] && ($rip[0]->low()->distanceTo($corner) < Tolerance::SAME_CUT || end($rip)->high()->distanceTo($corner) < Tolerance::SAME_CUT)) {
                return array_filter($this->sides, static fn (CardSide $s): bool => $s->bound->isEnd() && min($s->from->distanceTo($corner), $s->to->distanceTo($corner)) < Tolerance::SAME_CUT) !== [];
            }
        }

        return false;
    }
}
