<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Fit\BareSpot;
use Imbrex\Core\Roof\Face;

/** Looks for deck of a face that no metal lies over: takes all that lies on it away, and what is left is bare. */
final class Cover
{
    /** What is narrower (in) than this is no more than how true one cuts; as wide, and longer, is bare. */
    private const LEAST = 1.0 / 16.0;

    /** Parts this near (in) are one spot. */
    private const ONE = 1e-3;

    /**
     * @param  LaidPanels  $panels  of the face
     * @param  list<Shape>  $others  what else lies on it
     * @return list<BareSpot>
     */
    public static function of(Face $face, LaidPanels $panels, array $others): array
    {
        $bare = [];
        $first = 0;
        $metal = $panels->metal;
        foreach ((new Slabs($face->region()->loops()))->cut($panels->uprights) as $part) {
            while ($first < count($metal) && $metal[$first]->right <= $part->left) {
                $first++;
            }
            $parts = [$part];
            for ($i = $first; $i < count($metal) && $parts !== [] && $metal[$i]->left < $part->right; $i++) {
                $parts = self::without($parts, $metal[$i]->shapes);
            }
            $parts = $parts === [] ? [] : self::without($parts, array_values(array_filter($others, static fn (Shape $other): bool => $other->meets($part))));
            array_push($bare, ...$parts);
        }

        return self::spots($face->id, $bare);
    }

    /**
     * @param  list<Shape>  $parts
     * @param  list<Shape>  $covers
     * @return list<Shape>
     */
    private static function without(array $parts, array $covers): array
    {
        foreach ($covers as $cover) {
            $left = [];
            foreach ($parts as $part) {
                array_push($left, ...$part->without($cover));
            }
            $parts = $left;
        }

        return $parts;
    }

    /**
     * @param  list<Shape>  $parts
     * @return list<BareSpot>
     */
    private static function spots(string $face, array $parts): array
    {
        $spots = [];
        while ($parts !== []) {
            $spot = [array_pop($parts)];
            for ($i = 0; $i < count($spot); $i++) {
                foreach ($parts as $j => $part) {
                    if ($part->meets($spot[$i], self::ONE)) {
                        $spot[] = $part;
                        unset($parts[$j]);
                    }
                }
            }
            $parts = array_values($parts);
            $area = array_sum(array_map(static fn (Shape $part): float => $part->area(), $spot));
            [$left, $bottom, $right, $top] = [min(array_column($spot, 'left')), min(array_column($spot, 'bottom')), max(array_column($spot, 'right')), max(array_column($spot, 'top'))];
            // As wide as its area makes it over its length.
            if ($area > self::LEAST * max(self::LEAST, hypot($right - $left, $top - $bottom))) {
                $spots[] = new BareSpot(face: $face, left: $left, bottom: $bottom, right: $right, top: $top, area: $area, outlines: array_map(static fn (Shape $part): array => $part->corners(), $spot));
            }
        }

        return $spots;
    }
}
