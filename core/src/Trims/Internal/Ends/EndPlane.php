<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;

/** A flat a trim is cut or folded at, through the point its line ends in. */
final readonly class EndPlane
{
    private function __construct(private float $x, private float $y)
    {
    }

    /** @param  Vector  $normal  square to it */
    public static function squareTo(Vector $normal, EndPlace $place): self
    {
        $along = $normal->dot($place->out);

        // One the run lies in never cuts it: square, then.
        return abs($along) < 1e-6 ? new self(0.0, 0.0) : new self(-$normal->dot($place->across) / $along, -$normal->dot($place->up) / $along);
    }

    public static function square(): self
    {
        return new self(0.0, 0.0);
    }

    /** How far beyond the end a line of the trim reaches it, inches; less than nothing where it does before. */
    public function at(Point $section): float
    {
        return $this->x * $section->u + $this->y * $section->v;
    }
}
