<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** A seam of a face that is held by clips: where it stands, from where to where, and what hangs on it. */
final readonly class Seam
{
    /**
     * @param  int  $number  from the left, 1 first
     * @param  float  $u  inches on the face
     * @param  list<array{float, float}>  $stretches  up the slope, inches
     * @param  float  $width  of the roof it holds: half of each pan beside it, inches
     * @param  int  $panels  how many panels it lies from the nearer rake
     */
    public function __construct(public string $face, public int $number, public float $u, public array $stretches, public float $width, public int $panels)
    {
    }
}
