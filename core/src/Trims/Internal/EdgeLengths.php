<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\SideFinder;

/** How long edges are as their lines were taped; as drawn where nothing was. */
final class EdgeLengths
{
    private ?SideFinder $finder = null;

    public function __construct(private readonly Roof $roof, private readonly EdgeFits $fits)
    {
    }

    /** Inches. */
    public function of(Edge $edge): float
    {
        foreach ($this->fits->lines === [] ? [] : $edge->faces as $id) {
            $face = $this->roof->face($id);
            if ($face !== null && $this->fits->touch($face)) {
                return $edge->length() + $this->longer($edge, $face, $this->fits->face($face));
            }
        }

        return $edge->length();
    }

    /** What the sides of a face at an edge came to be longer, inches. */
    private function longer(Edge $edge, Face $drawn, Face $fitted): float
    {
        $this->finder ??= new SideFinder($this->roof);
        $longer = 0.0;
        foreach ($drawn->region()->loops() as $loop => $outline) {
            $now = $fitted->region()->loops()[$loop] ?? $outline;
            foreach (array_keys($outline->corners) as $side) {
                if (count($now->corners) === count($outline->corners) && $this->finder->edge($drawn, $loop, $side)?->id === $edge->id) {
                    $longer += $now->sideLength($side) - $outline->sideLength($side);
                }
            }
        }

        return $longer;
    }
}
