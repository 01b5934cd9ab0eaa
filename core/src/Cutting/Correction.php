<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/**
 * What the first fit of a trial panel needed at a hip, a valley or another end that is cut at an angle. It is carried
 * to every panel of that edge not yet cut, at the same side of the piece, along the rib.
 */
final readonly class Correction
{
    /**
     * @param  string  $edge  id of the roof's edge
     * @param  string  $trial  id of the panel that was fitted
     * @param  bool  $longSide  at the long side of the angled end; else at the short side
     * @param  float  $uphill  inches up the slope; negative is downhill
     * @param  list<string>  $before  ids of panels cut before: their cards stay
     */
    public function __construct(
        public string $id,
        public string $face,
        public string $edge,
        public string $trial,
        public bool $longSide,
        public float $uphill,
        public array $before = [],
    ) {
    }
}
