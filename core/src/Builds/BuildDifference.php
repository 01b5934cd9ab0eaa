<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

/** One way in which layers are no longer those of a build that ships. */
final readonly class BuildDifference
{
    /**
     * @param  string  $how  `added`, `dropped`, `moved`, `spaced`
     * @param  Layer|null  $after  of what was moved or added: what it goes on after now; null = first
     * @param  float  $was  spacing of the build, inches
     */
    private function __construct(public string $how, public Layer $layer, public ?Layer $after = null, public float $was = 0.0)
    {
    }

    /**
     * As few as tell it: what has kept its turn among the others was not moved.
     *
     * @param  list<Layer>  $shipped
     * @param  list<Layer>  $layers
     * @return list<self>
     */
    public static function between(array $shipped, array $layers): array
    {
        $turns = array_flip(array_map(static fn (Layer $layer): string => $layer->key, $shipped));
        $kept = self::rising(array_values(array_filter(array_map(static fn (Layer $layer): ?int => $turns[$layer->key] ?? null, $layers), is_int(...))));
        $differences = [];
        foreach ($layers as $i => $layer) {
            $turn = $turns[$layer->key] ?? null;
            if ($turn === null || ! isset($kept[$turn])) {
                $differences[] = new self($turn === null ? 'added' : 'moved', $layer, $layers[$i - 1] ?? null);
            }
            if ($turn !== null && $layer->fastener?->spacing !== $shipped[$turn]->fastener?->spacing) {
                $differences[] = new self('spaced', $layer, was: $shipped[$turn]->fastener->spacing ?? 0.0);
            }
        }
        $going = array_column($layers, 'key', 'key');
        foreach ($shipped as $layer) {
            if (! isset($going[$layer->key])) {
                $differences[] = new self('dropped', $layer);
            }
        }

        return $differences;
    }

    /**
     * The longest that rises, of numbers in a row.
     *
     * @param  list<int>  $row
     * @return array<int, true>
     */
    private static function rising(array $row): array
    {
        $best = [];
        foreach ($row as $i => $number) {
            $best[$i] = [$number => true];
            for ($j = 0; $j < $i; $j++) {
                if ($row[$j] < $number && count($best[$j]) >= count($best[$i])) {
                    $best[$i] = $best[$j] + [$number => true];
                }
            }
        }
        usort($best, static fn (array $a, array $b): int => count($b) <=> count($a));

        return $best[0] ?? [];
    }
}
