<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

/** The angle between two legs of a trim on its colour side, degrees, 180 = flat; it may follow the roof. */
final readonly class Bend
{
    /**
     * @param  float  $pitch  how often the pitch is added; of the deck square to the edge
     * @param  bool  $isDihedral  whether it is the angle of the two faces that meet
     */
    public function __construct(public float $degrees, public float $pitch = 0.0, public bool $isDihedral = false)
    {
    }

    /**
     * @param  float  $pitch  degrees
     * @param  float  $dihedral  degrees
     */
    public function at(float $pitch, float $dihedral): float
    {
        return $this->isDihedral ? $dihedral : $this->degrees + $this->pitch * $pitch;
    }
}
