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
        $flange = $this->builds->covering->rules->number('cut.cleatFlange');
        $lines = [];
        foreach (($this->fits?->face($face) ?? $face)->region()->loops() as $number => $loop) {
            $kinds = $face->edgesOfLoop($number);
            foreach ($kinds as $side => $kind) {
                if ($kind === EdgeKind::Valley) {
                    $build = $this->builds->at($face, $number, $side);
                    if (! $build->isChalked()) {
                        continue;
                    }
                    $reveal = $build->reveal();
                    [$from, $to] = (new EdgeMover)->side($loop, $side, -$reveal - $flange);
                    $lines[] = new CleatLine($face->id, $this->sides->edge($face, $number, $side)?->id, $reveal, $reveal + $flange, $from, $to);
                }
            }
        }

        return $lines;
    }
}
