<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Internal\Ends\EndPlace;
use Imbrex\Core\Trims\Internal\Ends\FlatStrip;
use Imbrex\Core\Trims\Internal\Ends\PlacedShape;
use Imbrex\Core\Trims\LaidLeg;
use Imbrex\Core\Trims\TrimPiece;

/** Where a run of trim stands in the round: its section carried along its line, as on the deck; what lies on seams lies plumb above that. */
final readonly class RunPlace
{
    private const INSIDE = 1e-6;

    /**
     * @param  Vector  $origin  its line's low or left end, plan and height, inches
     * @param  Vector  $along  its line, to the high or right end; one long
     * @param  Vector  $across  of its section, on the level; one long
     * @param  Vector  $up  of its section; one long
     * @param  Vector|null  $before  square to the roof its low end is folded onto, up; one long; null of one that is not. `$beyond` the same of its high end
     */
    private function __construct(private Vector $origin, private Vector $along, private Vector $across, private Vector $up, private ?Vector $before, private ?Vector $beyond)
    {
    }

    /** @param  Point  $from  the low or left end of the edge, in plan */
    public static function of(Edge $edge, Point $from, EndPlace $low, EndPlace $high): self
    {
        $height = $from === $edge->from ? $edge->fromHeight : $edge->toHeight;
        $roof = static fn (EndPlace $end): ?Vector => $end->slope !== null && abs($end->slope->z) > self::INSIDE ? $end->slope : null;

        return new self(
            origin: new Vector($from->u, $from->v, $height),
            along: $low->out->times(-1.0),
            across: $low->across,
            up: $low->up,
            before: $roof($low),
            beyond: $roof($high),
        );
    }

    /**
     * The legs of a piece, each as far as it lies straight, and what of its high end is folded onto the roof its line runs into.
     *
     * @param  float  $from  where its stick begins, inches along the line
     * @return list<LaidLeg>
     */
    public function laid(TrimPiece $piece, float $from, PlacedShape $shape, EndCut $low, EndCut $high): array
    {
        $laid = [];
        foreach ($shape->strips as $strip) {
            if ($strip->leg === null) {
                continue;
            }
            // Just inside its two lines, where strips beside it end otherwise.
            [$a, $b] = [$strip->low + self::INSIDE, $strip->high - self::INSIDE];
            $starts = static fn (float $across): float => $from + $low->reach - $low->straightTo($across);
            $ends = static fn (float $across): float => $from + $piece->length - $high->reach + $high->straightTo($across);
            $corners = $this->straight($strip, [$starts($a), $ends($a)], [$starts($b), $ends($b)]);
            if ($corners !== []) {
                $laid[] = new LaidLeg($piece->id, $strip->leg, $corners);
            }
            foreach ([[$low, $starts, $this->before, -1.0], [$high, $ends, $this->beyond, 1.0]] as [$end, $at, $roof, $way]) {
                $by = [$end->foldedBy($a), $end->foldedBy($b)];
                if ($roof !== null && max($by) > 0.0) {
                    $laid[] = new LaidLeg($piece->id, $strip->leg, self::folded($this->at($at($a), $strip, 0.0), $this->at($at($b), $strip, 1.0), $by, $roof, $this->along->times($way)));
                }
            }
        }

        return $laid;
    }

    /**
     * @param  array{float, float}  $low  from where to where its low line goes, inches along the run
     * @param  array{float, float}  $high  the same of its high line
     * @return list<Vector> nothing of one whose cuts meet before it begins
     */
    private function straight(FlatStrip $strip, array $low, array $high): array
    {
        [$longA, $longB] = [$low[1] - $low[0], $high[1] - $high[0]];
        if ($longA <= 0.0 && $longB <= 0.0) {
            return [];
        }
        $part = $longA <= 0.0 || $longB <= 0.0 ? $longA / ($longA - $longB) : 0.0;
        $tip = $this->at($low[0] + $part * ($high[0] - $low[0]), $strip, $part);

        return match (true) {
            // Its two cuts cross: it runs to a point.
            $longA <= 0.0 => [$tip, $this->at($high[1], $strip, 1.0), $this->at($high[0], $strip, 1.0)],
            $longB <= 0.0 => [$this->at($low[0], $strip, 0.0), $this->at($low[1], $strip, 0.0), $tip],
            default => [$this->at($low[0], $strip, 0.0), $this->at($low[1], $strip, 0.0), $this->at($high[1], $strip, 1.0), $this->at($high[0], $strip, 1.0)],
        };
    }

    /**
     * @param  float  $far  along the line from its low end, inches
     * @param  float  $part  of the way from a strip's low line to its high one
     */
    private function at(float $far, FlatStrip $strip, float $part): Vector
    {
        return $this->origin
            ->plus($this->along, $far)
            ->plus($this->across, $strip->from->u + $part * ($strip->to->u - $strip->from->u))
            ->plus($this->up, $strip->from->v + $part * ($strip->to->v - $strip->from->v));
    }

    /**
     * On along a roof, square to a fold.
     *
     * @param  array{float, float}  $by  how far it goes on from the fold's two ends, inches
     * @param  Vector  $roof  square to it
     * @param  Vector  $way  it goes on
     * @return list<Vector>
     */
    private static function folded(Vector $a, Vector $b, array $by, Vector $roof, Vector $way): array
    {
        $on = $b->plus($a, -1.0)->unit()->cross($roof)->unit();
        $on = $on->dot($way) < 0.0 ? $on->times(-1.0) : $on;

        return [$a, $a->plus($on, $by[0]), $b->plus($on, $by[1]), $b];
    }
}
