<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\LowEnds;
use Imbrex\Core\Roof\Roof;

/** What lies at the low end of a valley: another that goes on, or an open edge it empties over. */
final readonly class ValleyEnds
{
    /** Ends of edges this near (in) are one place: measured planes may not close to a hair. */
    private const NEAR = 1.0;

    private const OPEN_EDGES = LowEnds::OPEN;

    private LowEnds $ends;

    public function __construct(private Roof $roof)
    {
        $this->ends = new LowEnds($roof);
    }

    /**
     * Where the water of a valley goes to from a place on it: its low end; of one that runs level the open one, of two the nearer.
     *
     * @return array{Point, float, Point} the end in plan, its height, and the other end
     */
    public function from(Edge $valley, Point $plan): array
    {
        $low = $this->ends->lowOf($valley);
        usort($low, static fn (array $a, array $b): int => Tolerance::step($a[0]->distanceTo($plan)) <=> Tolerance::step($b[0]->distanceTo($plan)));
        [$end, $height] = $low[0];

        return [$end, $height, $end === $valley->from ? $valley->to : $valley->from];
    }

    /** The valley that goes on where one ends; null where none does. */
    public function next(Point $low, float $height, Edge $from): ?Edge
    {
        $found = null;
        foreach ($this->roof->edges as $edge) {
            foreach ($edge->kind !== EdgeKind::Valley || $edge->id === $from->id ? [] : $this->ends->highOf($edge) as [$high, $top]) {
                $order = [Tolerance::step($high->distanceTo($low)), -Tolerance::step($edge->length()), $edge->id];
                if ($high->distanceTo($low) < self::NEAR && abs($top - $height) < self::NEAR && ($found === null || $order < $found[1])) {
                    $found = [$edge, $order];
                }
            }
        }

        return $found[0] ?? null;
    }

    /** @return array{Face, Edge}|null the open edge a valley empties over, its own faces' before others', and the face that ends there */
    public function open(Edge $valley, Point $low): ?array
    {
        $found = null;
        foreach ($this->roof->edges as $edge) {
            if (! in_array($edge->kind, self::OPEN_EDGES, true) || min($edge->from->distanceTo($low), $edge->to->distanceTo($low)) > self::NEAR) {
                continue;
            }
            $own = array_values(array_intersect($edge->faces, $valley->faces));
            $face = $this->roof->face($own[0] ?? $edge->faces[0]);
            // Of the two eaves at a corner the longer one's gutter gets it.
            $order = [$own === [] ? 1 : 0, -Tolerance::step($edge->length()), $edge->id];
            if ($face !== null && ($found === null || $order < $found[2])) {
                $found = [$face, $edge, $order];
            }
        }

        return $found === null ? null : [$found[0], $found[1]];
    }
}
