<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Imbrex\Core\Ground\Geometry\Point;

/** A straight line to cut, bend or notch by, in the frame of its card (inches). */
final readonly class Line
{
    public function __construct(public MarkKind $kind, public Point $from, public Point $to)
    {
    }

    public function flipped(float $width): self
    {
        return new self($this->kind, new Point($width - $this->from->u, $this->from->v), new Point($width - $this->to->u, $this->to->v));
    }

    public function moved(float $du, float $dv): self
    {
        return new self($this->kind, new Point($this->from->u + $du, $this->from->v + $dv), new Point($this->to->u + $du, $this->to->v + $dv));
    }
}
