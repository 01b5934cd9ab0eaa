<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit;

use Imbrex\Core\Ground\Geometry\Point;

/** Two pieces that should meet and do not, or something that stands where it must not. */
final readonly class Misfit
{
    /**
     * @param  string  $edge  id of the edge it is at; empty of one that is at none
     * @param  string  $piece  id of what does not fit: a panel, a piece of trim
     * @param  Point  $at  on the face, inches
     * @param  float  $by  how much it misses, inches
     */
    public function __construct(public MisfitKind $kind, public string $face, public string $edge, public string $piece, public Point $at, public float $by)
    {
    }
}
