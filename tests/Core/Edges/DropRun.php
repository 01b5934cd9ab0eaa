<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Edges\Section;

/**
 * Lets drops run down a section cell by cell, riding whatever they fell on: another way to find out whether it sheds, which
 * shares nothing with the check. Rain runs on everything but membranes, what got under the panels on everything but those.
 */
final class DropRun
{
    private const CELL = 0.25;

    /** A seal stops a drop this near (in) to where it lies. */
    private const SEAL = 0.25;

    /** Whether a drop that falls anywhere on the rain side, or on what lies below the panels, ever gets to the deck. */
    public static function leaks(Section $section): bool
    {
        foreach ([LayerRole::Membrane, LayerRole::Panel] as $without) {
            $layers = array_values(array_filter($section->layers, static fn (PlacedLayer $one): bool => $one->layer->role->sheds() && $one->layer->role !== $without));
            for ($at = -11.0 + self::CELL / 2.0; $at < 11.0; $at += self::CELL) {
                $on = self::topmost($layers, $at, PHP_INT_MAX);
                $rains = $without === LayerRole::Membrane;
                if ($on !== null && ($rains || self::panelOver($section, $on, $at)) && self::runsOut($section, $layers, $on, $at, $rains)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<PlacedLayer>  $layers */
    private static function runsOut(Section $section, array $layers, PlacedLayer $on, float $at, bool $rains): bool
    {
        while (abs($at) < 11.0) {
            $way = $section->path->runs($at, 1);
            if ($way === 0) {
                return false;
            }
            $next = $at + $way * self::CELL;
            if ($section->path->runs($next, 1) === -$way) {
                return $rains && self::topmost($layers, $at, PHP_INT_MAX) !== $on;
            }
            $over = self::dammed($section, $layers, $on, $at, $next);
            if ($over !== null) {
                $on = $over;
            } elseif (! $on->covers($next)) {
                $below = self::topmost(array_values(array_filter($layers, static fn (PlacedLayer $one): bool => $one->covers($at))), $next, $on->rank);
                if ($below === null) {
                    // Behind something it wets what that should keep dry.
                    return ! $section->path->isFree($next) || self::topmost($layers, $next, PHP_INT_MAX) !== null;
                }
                $on = $below;
            }
            $at = $next;
        }

        return false;
    }

    /**
     * The piece a drop has to climb, because it is bedded in a seal on the one it rides.
     *
     * @param  list<PlacedLayer>  $layers
     */
    private static function dammed(Section $section, array $layers, PlacedLayer $on, float $at, float $next): ?PlacedLayer
    {
        foreach ($layers as $piece) {
            if ($piece->rank <= $on->rank || ! $piece->covers($next) || $piece->covers($at)) {
                continue;
            }
            $edge = ($at + $next) / 2.0;
            foreach ($section->layers as $seal) {
                if ($seal->layer->role->seals() && $seal->from < $edge + self::SEAL && $seal->to > $edge - self::SEAL && self::touch($layers, $seal->rank, $piece->rank, $edge) && self::touch($layers, $on->rank, $piece->rank, $edge)) {
                    return $piece;
                }
            }
        }

        return null;
    }

    private static function panelOver(Section $section, PlacedLayer $on, float $at): bool
    {
        return array_filter($section->layers, static fn (PlacedLayer $one): bool => $one->layer->role === LayerRole::Panel && $one->rank > $on->rank && $one->covers($at)) !== [];
    }

    /** @param  list<PlacedLayer>  $layers */
    private static function touch(array $layers, int $one, int $other, float $at): bool
    {
        return array_filter($layers, static fn (PlacedLayer $between): bool => ($between->rank - $one) * ($between->rank - $other) < 0 && $between->from < $at + self::SEAL && $between->to > $at - self::SEAL) === [];
    }

    /** @param  list<PlacedLayer>  $layers */
    private static function topmost(array $layers, float $at, int $below): ?PlacedLayer
    {
        $top = null;
        foreach ($layers as $layer) {
            if ($layer->rank < $below && $layer->covers($at) && $layer->rank > ($top->rank ?? -1)) {
                $top = $layer;
            }
        }

        return $top;
    }
}
