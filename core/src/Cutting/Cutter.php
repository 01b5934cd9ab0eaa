<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\PieceCutter;
use Imbrex\Core\Roof\Face;

/** Cuts the panels of a face: strip ∩ face, after every edge has been moved by its detail's offset and hem. */
final readonly class Cutter
{
    public function __construct(private Builds $builds)
    {
    }

    /**
     * @param  Corrections|null  $corrections  from first fits
     * @return list<Panel> from the left rake; pieces of one strip from the eave up
     */
    public function cut(Face $face, FaceLayout $layout, OrderLength $order, ?Corrections $corrections = null): array
    {
        $pieces = new PieceCutter($face, $this->builds);
        $corrected = $corrections !== null && $corrections->touch($face);
        $laps = new EndLaps($this->builds->covering);
        $panels = [];
        foreach ($layout->strips as $strip) {
            $number = 0;
            foreach ($pieces->pieces($strip->moduleLeft) as $piece) {
                $whole = Panel::cut($face->id, $strip, $piece, $pieces->blank($piece->metal, $strip->moduleLeft), $pieces->sides(), $order);
                foreach ($laps->part($whole, $face, $pieces->sides(), $order) as $panel) {
                    $panel = $panel->numbered($number++);
                    $panels[] = $corrected ? $corrections->on($panel, $face, $pieces->sides(), $order) : $panel;
                }
            }
        }

        return $panels;
    }
}
