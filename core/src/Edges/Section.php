<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Edges\Internal\SectionPath;
use Imbrex\Core\Ground\Metalwork\Sizes;

/** The layers of an edge where they lie, in the order they go on. */
final readonly class Section
{
    /** @param  list<PlacedLayer>  $layers */
    private function __construct(public SectionPath $path, public Sizes $sizes, public array $layers)
    {
    }

    /** @param  list<Layer>  $layers  in the order they go on */
    public static function of(SectionPath $path, array $layers, Sizes $sizes): self
    {
        $ranks = self::ranks($layers);
        $placed = [];
        foreach ($layers as $i => $layer) {
            $layer = $layer->settled($sizes);
            $from = max($sizes->of($layer->from), $path->start());
            $to = min($sizes->of($layer->to), $path->end());
            if ($to > $from) {
                $placed[] = new PlacedLayer(
                    layer: $layer,
                    rank: $ranks[$i],
                    from: $from,
                    to: $to,
                    high: $sizes->of($layer->high),
                    hem: $sizes->of($layer->hem),
                    fasteners: array_map($sizes->of(...), $layer->fastener->at ?? []),
                );
            }
        }

        return new self($path, $sizes, $placed);
    }

    /** @return list<PlacedLayer> what a layer lies on somewhere, from the deck up */
    public function under(PlacedLayer $layer): array
    {
        $under = array_values(array_filter($this->layers, static fn (PlacedLayer $other): bool => $other->rank < $layer->rank && $other->from < $layer->to && $other->to > $layer->from));
        usort($under, static fn (PlacedLayer $a, PlacedLayer $b): int => $a->rank <=> $b->rank);

        return $under;
    }

    /**
     * What lies over what: the later over the earlier, but for what is slid under.
     *
     * @param  list<Layer>  $layers
     * @return array<int, int> by place in the order
     */
    private static function ranks(array $layers): array
    {
        /** @var list<int> $lying */
        $lying = [];
        foreach ($layers as $i => $layer) {
            $place = count($lying);
            foreach ($lying as $at => $j) {
                if ($layers[$j]->key === $layer->under) {
                    $place = $at;
                }
            }
            array_splice($lying, $place, 0, [$i]);
        }

        return array_flip($lying);
    }
}
