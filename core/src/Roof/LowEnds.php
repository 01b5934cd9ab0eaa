<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;

/** Which end of an edge is its low one. A level valley has none of its own: water leaves where it is open, and rounding must not tell. */
final readonly class LowEnds
{
    /** Ends of edges this near (in) are one place: measured planes may not close to a hair. */
    private const NEAR = 1.0;

    /** Edges water runs off over. */
    public const OPEN = [EdgeKind::Eave, EdgeKind::Peak, EdgeKind::Rake];

    public function __construct(private Roof $roof)
    {
    }

    /** @return non-empty-list<array{Point, float}> in plan, with its height; both of a level valley that is open at both or at none */
    public function lowOf(Edge $edge): array
    {
        $ends = [[$edge->from, $edge->fromHeight], [$edge->to, $edge->toHeight]];
        if (! $this->isLevelValley($edge)) {
            return $edge->toHeight < $edge->fromHeight ? [$ends[1]] : [$ends[0]];
        }
        $ways = array_map(fn (array $end): int => $this->waysOff($edge, $end[0], $end[1]), $ends);

        return match ($ways[0] <=> $ways[1]) {
            1 => [$ends[0]],
            -1 => [$ends[1]],
            // The one nearer to everything else: that stays the same however the roof is moved, turned, mirrored or named.
            default => $this->away($ends[0][0]) <= $this->away($ends[1][0]) ? $ends : [$ends[1], $ends[0]],
        };
    }

    /** @return non-empty-list<array{Point, float}> where water may come into it from above */
    public function highOf(Edge $edge): array
    {
        $ends = [[$edge->from, $edge->fromHeight], [$edge->to, $edge->toHeight]];

        return $this->isLevelValley($edge) ? $ends : [$edge->toHeight < $edge->fromHeight ? $ends[0] : $ends[1]];
    }

    /** Whether an edge runs up from where it begins; of a level valley whether that end is the open one. */
    public function isLowFrom(Edge $edge): bool
    {
        return $this->lowOf($edge)[0][0] === $edge->from;
    }

    private function isLevelValley(Edge $edge): bool
    {
        return $edge->kind === EdgeKind::Valley && $edge->isLevel();
    }

    /** How water gets away at an end: over an eave or down a valley that begins there (2), over a rake (1), not at all (0). */
    private function waysOff(Edge $valley, Point $end, float $height): int
    {
        $ways = 0;
        foreach ($this->roof->edges as $other) {
            foreach ([[$other->from, $other->fromHeight, $other->toHeight], [$other->to, $other->toHeight, $other->fromHeight]] as [$at, $here, $there]) {
                if ($other->id !== $valley->id && $at->distanceTo($end) < self::NEAR && abs($here - $height) < self::NEAR) {
                    $ways = max($ways, match (true) {
                        $other->kind === EdgeKind::Rake => 1,
                        in_array($other->kind, self::OPEN, true), $other->kind === EdgeKind::Valley && ! $other->isLevel() && $there < $here => 2,
                        default => 0,
                    });
                }
            }
        }

        return $ways;
    }

    private function away(Point $end): int
    {
        return Tolerance::step(array_sum(array_map(static fn (Edge $edge): float => $edge->from->distanceTo($end) + $edge->to->distanceTo($end), $this->roof->edges)));
    }
}
