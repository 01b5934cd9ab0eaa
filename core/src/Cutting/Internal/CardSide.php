<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\MarkKind;

/** A side of a sheet in the frame of its card; counter-clockwise, inches. */
final readonly class CardSide
{
    /**
     * @param  EdgeKind|null  $kind  of the edge it lies at; null at a leg or a lap beside the next panel, and at the step between two edges in one line
     * @param  float  $hem  folded there, square to the side
     * @param  float  $fullHem  what its detail folds; more than the hem where the quick habit is kept
     * @param  bool  $turnsPanUp  whether a pan that ends at it is turned up as a dam
     */
    public function __construct(public ?EdgeKind $kind, public float $hem, public Point $from, public Point $to, public Bound $bound, public float $fullHem = 0.0, public bool $turnsPanUp = false)
    {
    }

    /** Whether it lies at a rake or a wall. */
    public function isBeside(): bool
    {
        return $this->kind !== null && $this->kind->runsUpSlope();
    }

    /** The line that lies this far inside the side, square to it; across the whole piece at an end. */
    public function inwards(float $inches, MarkKind $kind): Line
    {
        $run = abs($this->to->u - $this->from->u);
        if (! $this->isBeside() && $run > Tolerance::SAME_CUT) {
            $along = $inches * $this->from->distanceTo($this->to) / $run * ($this->isLowEnd() ? 1.0 : -1.0);

            return new Line($kind, new Point($this->from->u, $this->from->v + $along), new Point($this->to->u, $this->to->v + $along));
        }
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

    /** Whether the piece begins at it. */
    public function isLowEnd(): bool
    {
        return $this->bound === Bound::Foot;
    }

    /** Whether seams are cut back there for a hem that hooks over an eave; no hem, no notch. */
    public function isNotched(): bool
    {
        return $this->hem > 0.0 && ($this->kind === EdgeKind::Eave || ($this->kind === EdgeKind::Transition && $this->isLowEnd()));
    }

    /** Whether it runs across square to the ribs. */
    public function isSquare(): bool
    {
        return abs($this->to->v - $this->from->v) < Tolerance::SAME_CUT;
    }

    /** Whether it runs straight along the ribs. */
    public function isUpright(): bool
    {
        return abs($this->to->u - $this->from->u) < Tolerance::SAME_CUT;
    }

    /** Whether it is an end at an angle to the ribs. */
    public function isAngledEnd(): bool
    {
        return $this->bound->isEnd() && ! $this->isSquare() && ! $this->isUpright();
    }

    /** The hem measured along the rib instead of square to the bend line: hem / sin of the angle between them. */
    public function hemAlong(): float
    {
        return $this->hem * $this->from->distanceTo($this->to) / max(Tolerance::LENGTH, abs($this->to->u - $this->from->u));
    }

    /** Whether it runs over this place across the sheet. */
    public function spans(float $x): bool
    {
        return $x >= min($this->from->u, $this->to->u) - Tolerance::LENGTH && $x <= max($this->from->u, $this->to->u) + Tolerance::LENGTH;
    }

    public function low(): Point
    {
        return $this->from->v <= $this->to->v ? $this->from : $this->to;
    }

    public function high(): Point
    {
        return $this->from->v <= $this->to->v ? $this->to : $this->from;
    }

    public function end(bool $left): Point
    {
        return ($this->from->u <= $this->to->u) === $left ? $this->from : $this->to;
    }

    public function heightAt(float $x): float
    {
        $run = $this->to->u - $this->from->u;

        return abs($run) < Tolerance::LENGTH ? $this->from->v : $this->from->v + ($x - $this->from->u) / $run * ($this->to->v - $this->from->v);
    }
}
