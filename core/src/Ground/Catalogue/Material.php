<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** A sheet metal: its linear expansion per °F and its gauges with the weight of flat sheet in lb per sq ft. */
final readonly class Material
{
    /** @param  non-empty-array<string, float>  $gauges lb per sq ft by gauge; the first is the usual one */
    public function __construct(public string $key, public float $expansionPerF, public array $gauges)
    {
    }

    public function usualGauge(): string
    {
        return (string) array_key_first($this->gauges);
    }

    public function poundsPerSquareFoot(string $gauge): float
    {
        return $this->gauges[$gauge] ?? $this->gauges[$this->usualGauge()];
    }
}
