<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** The points where a·u + b·v + c is not negative; in inches from its line where (a, b) has length one. */
final readonly class HalfPlane
{
    public function __construct(public float $a, public float $b, public float $c)
    {
    }

    /** What lies to the left of the line from one point to another. */
    public static function leftOf(Point $from, Point $to): self
    {
        $length = $from->distanceTo($to);
        $a = -($to->v - $from->v) / $length;
        $b = ($to->u - $from->u) / $length;

        return new self($a, $b, -($a * $from->u + $b * $from->v));
    }

    public function at(Point $point): float
    {
        return $this->a * $point->u + $this->b * $point->v + $this->c;
    }

    public function turned(): self
    {
        return new self(-$this->a, -$this->b, -$this->c);
    }

    /** The same half-plane with (a, b) of length one; itself where it has no line. */
    public function inInches(): self
    {
        $length = hypot($this->a, $this->b);

        return $length < Tolerance::PARALLEL ? $this : new self($this->a / $length, $this->b / $length, $this->c / $length);
    }
}
