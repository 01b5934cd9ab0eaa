<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Tolerance;

/** A side of a sheet that lies at an edge of the face, in the frame of its card; counter-clockwise, inches. */
final readonly class CardSide
{
    public function __construct(public EdgeKind $kind, public float $hem, public Point $from, public Point $to)
    {
    }

    /** The line that lies this far inside the side, square to it. */
    public function inwards(float $inches, MarkKind $kind): Line
    {
        $length = $this->from->distanceTo($this->to);
        $du = -($this->to->v - $this->from->v) / $length * $inches;
        $dv = ($this->to->u - $this->from->u) / $length * $inches;

        return new Line($kind, new Point($this->from->u + $du, $this->from->v + $dv), new Point($this->to->u + $du, $this->to->v + $dv));
    }

    /** The hem measured along the eave instead of square to a leaning side. */
    public function hemAcross(): float
    {
        return $this->hem * $this->from->distanceTo($this->to) / max(Tolerance::LENGTH, abs($this->to->v - $this->from->v));
    }

    public function low(): Point
    {
        return $this->from->v <= $this->to->v ? $this->from : $this->to;
    }

    public function high(): Point
    {
        return $this->from->v <= $this->to->v ? $this->to : $this->from;
    }

    /** Height of its left or right end above B. */
    public function endHeight(bool $left): float
    {
        $leftEnd = $this->from->u <= $this->to->u ? $this->from : $this->to;
        $rightEnd = $leftEnd === $this->from ? $this->to : $this->from;

        return $left ? $leftEnd->v : $rightEnd->v;
    }

    public function heightAt(float $x): float
    {
        $run = $this->to->u - $this->from->u;

        return abs($run) < Tolerance::LENGTH ? $this->from->v : $this->from->v + ($x - $this->from->u) / $run * ($this->to->v - $this->from->v);
    }
}
