<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\FaceFrame;

/**
 * An edge's line, moved and turned about its middle from where it is drawn. It is held in plan, where the faces that
 * share it see one line; each of them reads it by its own pitch.
 */
final readonly class LineFit
{
    private Point $middle;

    /** Of the drawn edge in plan, length one. */
    private Point $along;

    private float $half;

    /**
     * @param  float  $move  inches in plan at the middle, to the left on the way from the edge's beginning: into its first face
     * @param  float  $turn  inches in plan to the left for every inch along
     */
    public function __construct(public Edge $edge, public float $move = 0.0, public float $turn = 0.0)
    {
        [$from, $to] = [$edge->from, $edge->to];
        $this->half = $from->distanceTo($to) / 2.0;
        $this->middle = new Point(($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0);
        $this->along = new Point(($to->u - $from->u) / (2.0 * $this->half), ($to->v - $from->v) / (2.0 * $this->half));
    }

    /** @return array{Point, Point} its ends on a face, inches on the deck, in the order of the drawn edge's */
    public function on(FaceFrame $frame): array
    {
        return [$frame->toDeck($this->at(-$this->half)), $frame->toDeck($this->at($this->half))];
    }

    /** Inches in plan along the drawn edge from its middle, to a place on a face. */
    public function place(FaceFrame $frame, Point $deck): float
    {
        $plan = $frame->toPlan($deck);

        return ($plan->u - $this->middle->u) * $this->along->u + ($plan->v - $this->middle->v) * $this->along->v;
    }

    /** How far above this line a mark was taped, inches up the rib. */
    public function above(TapedMark $mark): float
    {
        [$from, $to] = $this->on($mark->frame);
        $slope = ($to->v - $from->v) / ($to->u - $from->u);

        return $mark->at->v - $from->v - $slope * ($mark->at->u - $from->u) - $mark->above * hypot(1.0, $slope);
    }

    /** By how much the tape read more than this line would have it, inches. */
    public function miss(TapedMark $mark): float
    {
        return $mark->downhill ? -$this->above($mark) : $this->above($mark);
    }

    /** 0 beside the rib to 90 square to it. */
    public function angleToRibDegrees(FaceFrame $frame): float
    {
        [$from, $to] = $this->on($frame);

        return rad2deg(atan2(abs($to->u - $from->u), abs($to->v - $from->v)));
    }

    public function turnDegrees(): float
    {
        return rad2deg(atan($this->turn));
    }

    /**
     * Inches from the drawn edge's middle to this line, square to it on the deck of a face; positive where that has grown.
     *
     * @param  bool  $isFirst  the face is the edge's first, which lies to its left; the other lies to its right
     */
    public function offset(FaceFrame $frame, bool $isFirst = true): float
    {
        [$from, $to] = $this->on($frame);
        $drawn = $frame->toDeck($this->middle);

        return ($isFirst ? 1.0 : -1.0) * (($to->u - $from->u) * ($drawn->v - $from->v) - ($to->v - $from->v) * ($drawn->u - $from->u)) / $from->distanceTo($to);
    }

    private function at(float $along): Point
    {
        $left = $this->move + $this->turn * $along;

        return new Point(
            $this->middle->u + $along * $this->along->u - $left * $this->along->v,
            $this->middle->v + $along * $this->along->v + $left * $this->along->u,
        );
    }
}
