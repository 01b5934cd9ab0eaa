<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Closure;

/**
 * One layer of a build. Where it lies is told on the section's path, which runs from the field (or down a wall) across the
 * roof line at 0 and on outwards, in inches; at ridges, hips and valleys from one face over the line to the other.
 */
final readonly class Layer
{
    public const FIELD = 30.0;

    /**
     * @param  string  $key  names it in words: `layer.eave-trim`
     * @param  float|Closure(Sizes): float  $from  nearer the path's start; ±FIELD = it goes on
     * @param  float|Closure(Sizes): float  $to
     * @param  float  $lap  of one length on the next, inches; 0 = butted or in one
     * @param  float|Closure(Sizes): float  $high  how thick it stands, inches; what comes later lies on it
     * @param  string|null  $under  key of the layer it is slid under, though it comes later
     * @param  float|Closure(Sizes): float  $hem  folded under at its edge, inches; a panel's is what the edge asks
     * @param  LayerEnd  $start  how the drawing goes on past a corner of the path towards `$from`
     */
    public function __construct(
        public string $key,
        public LayerRole $role,
        public float|Closure $from,
        public float|Closure $to,
        public ?Fastener $fastener = null,
        public float $lap = 0.0,
        public float|Closure $high = 0.0,
        public ?string $under = null,
        public LayerEnd $start = LayerEnd::Follows,
        public LayerEnd $end = LayerEnd::Follows,
        public float|Closure $hem = 0.0,
    ) {
    }

    public function spaced(float $spacing): self
    {
        return new self($this->key, $this->role, $this->from, $this->to, $this->fastener?->spaced($spacing), $this->lap, $this->high, $this->under, $this->start, $this->end, $this->hem);
    }

    /** With all its places in inches. */
    public function settled(Sizes $sizes): self
    {
        return new self($this->key, $this->role, $sizes->of($this->from), $sizes->of($this->to), $this->fastener?->settled($sizes), $this->lap, $sizes->of($this->high), $this->under, $this->start, $this->end, $sizes->of($this->hem));
    }
}
