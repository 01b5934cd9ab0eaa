<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Edges\DrawnLayer;
use Imbrex\Core\Ground\Geometry\Point;

/**
 * Puts the numbers of a section's layers to its left and right, so that no two of them touch, and says how much room the
 * whole takes. Inches of the section, y up.
 */
final readonly class Callouts
{
    /** A desk's deck shows about so many letters' widths and heights of what is drawn, beside the names. */
    private const ACROSS = 27.0;

    private const DOWN = 30.0;

    /** Room for a name to either side, in letters. */
    private const NAME = 13.0;

    private const LINE = 2.0;

    /**
     * @param  array<string, array{at: array{float, float}, left: bool}>  $places  by key of the layer
     * @param  float  $letter  a letter's size
     * @param  float  $name  room for names to either side
     */
    private function __construct(public array $places, public float $letter, public float $name, public float $left, public float $bottom, public float $right, public float $top)
    {
    }

    /**
     * @param  list<DrawnLayer>  $layers
     * @param  list<Point>  $besides  what is drawn besides
     */
    public static function of(array $layers, array $besides): self
    {
        $points = $besides;
        foreach ($layers as $layer) {
            array_push($points, ...$layer->line, ...$layer->body);
        }
        $us = array_map(static fn (Point $point): float => $point->u, $points);
        $vs = array_map(static fn (Point $point): float => $point->v, $points);
        [$left, $right, $bottom, $top] = [min([0.0, ...$us]), max([0.0, ...$us]), min([0.0, ...$vs]), max([0.0, ...$vs])];
        $letter = max(($right - $left) / self::ACROSS, ($top - $bottom) / self::DOWN);
        $margin = self::NAME * $letter;
        $places = [];
        $least = $bottom;
        foreach (self::sides($layers) as $isLeft => $side) {
            $at = self::spread(array_map(static fn (DrawnLayer $layer): float => $layer->anchor->v, $side), self::LINE * $letter, $top);
            foreach ($side as $i => $layer) {
                $places[$layer->placed->layer->key] = ['at' => [$isLeft === 1 ? $left - 1.5 * $letter : $right + 1.5 * $letter, $at[$i]], 'left' => $isLeft === 1];
                $least = min($least, $at[$i]);
            }
        }

        return new self(
            places: $places,
            letter: $letter,
            name: $margin,
            left: $left - $margin,
            bottom: $least - 1.5 * $letter,
            right: $right + $margin,
            top: $top + 1.5 * $letter,
        );
    }

    /**
     * Half to each side, by where they touch; each side from the top down.
     *
     * @param  list<DrawnLayer>  $layers
     * @return array{list<DrawnLayer>, list<DrawnLayer>} right, left
     */
    private static function sides(array $layers): array
    {
        usort($layers, static fn (DrawnLayer $a, DrawnLayer $b): int => $a->anchor->u <=> $b->anchor->u);
        $half = intdiv(count($layers) + 1, 2);
        $sides = [array_slice($layers, $half), array_slice($layers, 0, $half)];
        foreach ($sides as &$side) {
            usort($side, static fn (DrawnLayer $a, DrawnLayer $b): int => [$b->anchor->v, $a->placed->rank] <=> [$a->anchor->v, $b->placed->rank]);
        }

        return $sides;
    }

    /**
     * As near to where they are wanted as they can be without touching.
     *
     * @param  list<float>  $wanted  from the top down
     * @return list<float>
     */
    private static function spread(array $wanted, float $apart, float $top): array
    {
        $at = [];
        foreach ($wanted as $i => $v) {
            $at[] = min($v, $i === 0 ? $top : $at[$i - 1] - $apart);
        }
        // What was pushed down far is lifted again, and what stands over it with it, as far as there is room.
        for ($i = count($at) - 1; $i > 0; $i--) {
            $at[$i - 1] = max($at[$i - 1], $at[$i] + $apart);
        }

        return array_values($at);
    }
}
