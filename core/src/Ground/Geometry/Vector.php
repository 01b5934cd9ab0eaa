<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** A way in the round: x and y as in plan, z up; inches. */
final readonly class Vector
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    public static function up(): self
    {
        return new self(0.0, 0.0, 1.0);
    }

    public function plus(self $other, float $times = 1.0): self
    {
        return new self($this->x + $times * $other->x, $this->y + $times * $other->y, $this->z + $times * $other->z);
    }

    public function times(float $times): self
    {
        return new self($times * $this->x, $times * $this->y, $times * $this->z);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self($this->y * $other->z - $this->z * $other->y, $this->z * $other->x - $this->x * $other->z, $this->x * $other->y - $this->y * $other->x);
    }

    public function length(): float
    {
        return sqrt($this->dot($this));
    }

    /** The same way, one long; nothing stays nothing. */
    public function unit(): self
    {
        $length = $this->length();

        return $length < 1e-9 ? new self(0.0, 0.0, 0.0) : $this->times(1.0 / $length);
    }

    /** The same way on the level. */
    public function level(): self
    {
        return (new self($this->x, $this->y, 0.0))->unit();
    }

    /** What of it is square to a unit way. */
    public function squareTo(self $way): self
    {
        return $this->plus($way, -$this->dot($way));
    }
}
