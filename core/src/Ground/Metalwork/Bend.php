<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** The angle two legs of a trim stand at, degrees, 180 = flat; it may follow the roof. */
final readonly class Bend
{
    /**
     * @param  float  $pitch  how often the pitch is added; of the deck square to the edge
     * @param  float  $dihedral  how often the angle of the two faces that meet
     * @param  bool  $isOut  bent towards the colour side, which then lies in the angle; away from it otherwise
     */
    public function __construct(public float $degrees, public float $pitch = 0.0, public float $dihedral = 0.0, public bool $isOut = false)
    {
    }

    /**
     * @param  float  $pitch  degrees
     * @param  float  $dihedral  degrees
     */
    public function at(float $pitch, float $dihedral): float
    {
        return $this->degrees + $this->pitch * $pitch + $this->dihedral * $dihedral;
    }
}
