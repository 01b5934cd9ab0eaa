<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\FaceFrame;

/** An observation as a place on its face. */
final readonly class TapedMark
{
    /**
     * @param  Point  $at  face coordinates, inches
     * @param  float  $above  how far up the slope of the edge's line it lies by the detail there, inches square to the line; negative below it
     * @param  float  $sigma  standard deviation of the reading, inches
     * @param  bool  $downhill  more on the tape is further down
     */
    public function __construct(public Observation $observation, public FaceFrame $frame, public Point $at, public float $above, public float $sigma, public bool $downhill)
    {
    }

    /** The same mark so much (in) farther up the rib. */
    public function misread(float $up): self
    {
        return new self($this->observation, $this->frame, new Point($this->at->u, $this->at->v + $up), $this->above, $this->sigma, $this->downhill);
    }
}
