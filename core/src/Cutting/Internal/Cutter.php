<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\PieceCutter;
use Imbrex\Core\Layout\Strip;
use Imbrex\Core\Roof\Face;

/** Cuts the panels of a face: strip ∩ face, after every edge has been moved by its detail's offset and hem. */
final readonly class Cutter
{
    private EndLaps $laps;

    public function __construct(private Builds $builds)
    {
        $this->laps = new EndLaps($builds->covering);
    }

    /**
     * @param  Face  $face  as drawn
     * @param  Corrections|null  $corrections  from first fits
     * @param  EdgeFits|null  $fits  lines the face ends at in truth
     * @return list<Panel> from the left rake; pieces of one strip from the eave up
     */
    public function cut(Face $face, FaceLayout $layout, OrderLength $order, ?Corrections $corrections = null, ?EdgeFits $fits = null): array
    {
        $whole = $fits?->face($face) ?? $face;
        $pieces = new PieceCutter($whole, $this->builds);
        /** @var array<int, PieceCutter> $others by the faces that pieces were cut by before */
        $others = [];
        $corrected = $corrections !== null && $corrections->touch($face);
        $panels = $before = [];
        foreach ($layout->strips as $strip) {
            foreach ($this->strip($pieces, $whole, $strip, $order, $before) as $panel) {
                $own = $fits?->face($face, $panel->id) ?? $face;
                if ($own !== $whole) {
                    $then = $others[spl_object_id($own)] ??= new PieceCutter($own, $this->builds);
                    $panel = $this->same($this->strip($then, $own, $strip, $order), $panel);
                }
                $panels[] = $corrected ? $corrections->on($panel, $face, $pieces->sides(), $order) : $panel;
            }
        }

        return $panels;
    }

    /**
     * @param  list<Panel>  $before  of the strip before, not parted by laps; becomes those of this one
     * @return list<Panel> from the eave up
     */
    private function strip(PieceCutter $pieces, Face $face, Strip $strip, OrderLength $order, array &$before = []): array
    {
        $panels = $wholes = [];
        foreach ($pieces->pieces($strip->moduleLeft) as $number => $piece) {
            $whole = $piece->isAgain && isset($before[$number]) ? $before[$number]->again($strip, $piece) : Panel::cut($face->id, $strip, $piece, $pieces->sides(), $order);
            $wholes[] = $whole;
            foreach ($this->laps->part($whole, $face, $pieces->sides(), $order) as $panel) {
                $panels[] = $panel->numbered(count($panels));
            }
        }
        $before = $wholes;

        return $panels;
    }

    /**
     * The piece as it was cut.
     *
     * @param  list<Panel>  $then
     */
    private function same(array $then, Panel $now): Panel
    {
        foreach ($then as $panel) {
            if ($panel->id === $now->id) {
                return $panel;
            }
        }

        return $now;
    }
}
