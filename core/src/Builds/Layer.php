<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Closure;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\Seal;
use Imbrex\Core\Ground\Metalwork\Sizes;

/**
 * One layer of a build. Where it lies is told on the section's path, which runs from the field (or down a wall) across the
 * roof line at 0 and on outwards, in inches; at ridges, hips and valleys from one face over the line to the other.
 */
final readonly class Layer
{
    public const FIELD = 30.0;

    private const PER_PAN = ['zee', 'head-closure', 'metal-closure'];

    /**
     * @param  string  $key  names it in words: `layer.eave-trim`
     * @param  float|Closure(Sizes): float  $from  nearer the path's start; ±FIELD = it goes on
     * @param  float|Closure(Sizes): float  $to
     * @param  float  $lap  of one length on the next, inches; 0 = butted or in one
     * @param  float|Closure(Sizes): float  $high  how thick it stands, inches; what comes later lies on it
     * @param  string|null  $under  key of the layer it is slid under, though it comes later
     * @param  float|Closure(Sizes): float  $hem  folded under at its edge, inches; a panel's is what the edge asks
     * @param  LayerEnd  $start  how the drawing goes on past a corner of the path towards `$from`
     * @param  Seal|null  $seal  what it is, or what seals the laps of its lengths; null = what is usual
     * @param  string|null  $metal  key of its metal; null = as the job has it for such parts
     * @param  string|null  $title  what somebody calls a layer of their own, in their words
     * @param  string  $note  in their words
     * @param  string|null  $shape  key of the shape it is bent to from a stick; null of what is not
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
        public ?Seal $seal = null,
        public ?string $metal = null,
        public ?string $title = null,
        public string $note = '',
        public ?string $shape = null,
    ) {
    }

    /** What seals it, or the laps of its lengths. */
    public function seal(): ?Seal
    {
        return $this->seal ?? ($this->title === null ? Seal::usual($this->side()) : null);
    }

    /** What it is called: by the words of its key, or by somebody's own. */
    public function named(): Term|string
    {
        return $this->title ?? new Term("layer.$this->key");
    }

    /** Its key without the side of a ridge, a hip or a valley it lies on. */
    public function side(): string
    {
        return str_ends_with($this->key, '-far') ? substr($this->key, 0, -4) : $this->key;
    }

    /** Whether each pan has its own piece of it, between the seams. */
    public function closesPans(): bool
    {
        return in_array($this->side(), self::PER_PAN, true);
    }

    public function spaced(float $spacing): self
    {
        return new self(
            key: $this->key,
            role: $this->role,
            from: $this->from,
            to: $this->to,
            fastener: $this->fastener?->spaced($spacing),
            lap: $this->lap,
            high: $this->high,
            under: $this->under,
            start: $this->start,
            end: $this->end,
            hem: $this->hem,
            seal: $this->seal,
            metal: $this->metal,
            title: $this->title,
            note: $this->note,
            shape: $this->shape,
        );
    }

    /** With all its places in inches. */
    public function settled(Sizes $sizes): self
    {
        return new self(
            key: $this->key,
            role: $this->role,
            from: $sizes->of($this->from),
            to: $sizes->of($this->to),
            fastener: $this->fastener?->settled($sizes),
            lap: $this->lap,
            high: $sizes->of($this->high),
            under: $this->under,
            start: $this->start,
            end: $this->end,
            hem: $sizes->of($this->hem),
            seal: $this->seal,
            metal: $this->metal,
            title: $this->title,
            note: $this->note,
            shape: $this->shape,
        );
    }
}
