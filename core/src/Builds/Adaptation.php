<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

/** What somebody changed of a build's layers: their order, what is left out, spacings, layers of their own. */
final readonly class Adaptation
{
    /**
     * @param  list<string>|null  $order  keys of the layers that go on, in their order; null = as the build has them, own ones after what they lie on
     * @param  array<string, float>  $spacing  of a layer's fasteners, inches on centre, by the layer's key
     * @param  array<string, Layer>  $layers  own ones, by key; all their places are in inches
     * @param  array<string, string>  $on  key of the layer each of the own ones lies on, by key
     */
    public function __construct(public ?array $order = null, public array $spacing = [], public array $layers = [], public array $on = [])
    {
    }

    public function isNothing(): bool
    {
        return $this->order === null && $this->spacing === [] && $this->layers === [];
    }

    /**
     * @param  list<Layer>  $layers  of the build
     * @return list<Layer> in the order they go on
     */
    public function of(array $layers): array
    {
        $byKey = array_column($layers, null, 'key') + $this->layers;
        $order = $this->order ?? $this->afterWhatTheyLieOn(array_map(static fn (Layer $layer): string => $layer->key, $layers));
        $going = array_values(array_filter(array_map(static fn (string $key): ?Layer => $byKey[$key] ?? null, $order)));

        return array_map(fn (Layer $layer): Layer => isset($this->spacing[$layer->key]) ? $layer->spaced($this->spacing[$layer->key]) : $layer, $going);
    }

    /**
     * @param  list<string>  $order  keys of the build's layers
     * @return list<string>
     */
    private function afterWhatTheyLieOn(array $order): array
    {
        $left = $this->on;
        do {
            $before = count($left);
            foreach ($left as $key => $on) {
                $at = array_search($on, $order, true);
                if ($at !== false) {
                    array_splice($order, $at + 1, 0, [$key]);
                    unset($left[$key]);
                }
            }
        } while (count($left) < $before);

        return $order;
    }
}
