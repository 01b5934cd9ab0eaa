<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal;

/** Where a build lets water in, and which two layers are at it. */
final readonly class WaterFault
{
    /**
     * @param  string  $kind  `reversed` (a lap runs under), `open` (an upper edge lies open), `bare` (a lower edge ends on nothing), `wet` (a fastener in the wetted width), `unroofed` (a fastener rain reaches), `shut` (sealed what has to drain), `weathered` (a membrane lies open)
     * @param  string  $piece  key of the layer it is about
     * @param  string|null  $other  key of the one it should lap, or that laps it
     * @param  float  $at  inches on the section's path
     */
    public function __construct(public string $kind, public string $piece, public ?string $other, public float $at)
    {
    }
}
