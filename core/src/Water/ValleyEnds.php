<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/** What lies at the low end of a valley: another that goes on, or an open edge it empties over. */
final readonly class ValleyEnds
{
    /** Ends of edges this near (in) are one place: measured planes may not close to a hair. */
    private const NEAR = 1.0;

    private const OPEN_EDGES = [EdgeKind::Eave, EdgeKind::Peak, EdgeKind::Rake];

    public function __construct(private Roof $roof)
    {
    }

    /** The valley that goes on where one ends; null where none does. */
    public function next(Point $low, float $height, Edge $from): ?Edge
    {
        foreach ($this->roof->edges as $edge) {
            if ($edge->kind !== EdgeKind::Valley || $edge->id === $from->id) {
                continue;
            }
            [$high, $top] = $edge->toHeight < $edge->fromHeight ? [$edge->from, $edge->fromHeight] : [$edge->to, $edge->toHeight];
            if ($high->distanceTo($low) < self::NEAR && abs($top - $height) < self::NEAR) {
                return $edge;
            }
        }

        return null;
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
            if ($face !== null && ($found === null || ($own !== [] && ! in_array($found[0]->id, $valley->faces, true)))) {
                $found = [$face, $edge];
            }
        }

        return $found;
    }
}
