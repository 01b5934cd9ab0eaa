<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Survey\Source;

/** One taped mark of an edge's true line: on a panel that has been set, or at a seam. */
final readonly class Observation
{
    /**
     * @param  string  $edge  id of the roof's edge
     * @param  string  $face  id of the face it was taped on
     * @param  SideTaped|Point  $taped  a point lies on the edge's own line: u of the seam, v up the slope from the eave; face coordinates, inches
     * @param  bool  $confirmed  read again and found so, however far it is off
     * @param  list<string>  $before  ids of panels cut before it was taped, whose cards stay
     */
    public function __construct(
        public string $id,
        public string $edge,
        public string $face,
        public SideTaped|Point $taped,
        public Source $source = Source::Tape,
        public bool $confirmed = false,
        public array $before = [],
    ) {
    }

    /** Inches on the tape. */
    public function measured(): float
    {
        return $this->taped instanceof SideTaped ? $this->taped->measured : $this->taped->v;
    }

    /** The panel it was taped on; null at a seam. */
    public function panel(): ?string
    {
        return $this->taped instanceof SideTaped ? $this->taped->panel : null;
    }

    /** Whether a panel is still to be cut by what it tells. */
    public function serves(string $panel): bool
    {
        return $panel !== $this->panel() && ! in_array($panel, $this->before, true);
    }
}
