<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Builds\Layer;

/** A layer where it lies: inches on the section's path. */
final readonly class PlacedLayer
{
    /**
     * @param  int  $rank  what lies over what in the end: higher lies over lower
     * @param  float  $high  how thick it stands, inches
     * @param  float  $hem  folded under at its edge, inches
     * @param  list<float>  $fasteners  where its rows run
     */
    public function __construct(public Layer $layer, public int $rank, public float $from, public float $to, public float $high, public float $hem, public array $fasteners)
    {
    }

    public function sheds(): bool
    {
        return $this->layer->role->sheds();
    }

    public function covers(float $at): bool
    {
        return $at > $this->from && $at < $this->to;
    }
}
