<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\SideFinder;

/** Says where to snap for the valley cleats of a face. */
final readonly class CleatLines
{
    /** @param  EdgeFits|null  $fits  lines taped on the roof */
    public function __construct(private Builds $builds, private SideFinder $sides, private ?EdgeFits $fits = null)
    {
    }

    /**
     * @param  Face  $face  as drawn
     * @return list<CleatLine>
     */
    public function on(Face $face): array
    {
        $lines = [];
        foreach (($this->fits?->face($face) ?? $face)->region()->loops() as $number => $loop) {
            $chalk = array_map(fn (int $side): float => $this->chalk($face, $number, $side), array_keys($loop->corners));
            $last = count($chalk) - 1;
            foreach ($chalk as $side => $off) {
                if ($off > 0.0) {
                    // Where two valleys meet at a head the panels of the face between them go on past it, and so do both lines until they meet.
                    [$from, $to] = (new EdgeMover)->side($loop, $side, -$off, -$chalk[$side === 0 ? $last : $side - 1], -$chalk[$side === $last ? 0 : $side + 1]);
                    $lines[] = new CleatLine($face->id, $this->sides->edge($face, $number, $side)?->id, $this->builds->at($face, $number, $side)->reveal(), $off, $from, $to);
                }
            }
        }

        return $lines;
    }

    /** How far off a side of a face the line behind its cleat or closure is chalked, inches; 0 where none is. */
    private function chalk(Face $face, int $loop, int $side): float
    {
        $build = $this->builds->at($face, $loop, $side);

        return ($face->edgesOfLoop($loop)[$side] ?? null) === EdgeKind::Valley && $build->isChalked() ? $build->line() ?? $build->reveal() : 0.0;
    }
}
