<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Geometry\StripCutter;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\MovedEdge;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Layout\Strip;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/** Cuts the panels of a face: strip ∩ face, after every edge has been moved by its detail's offset and hem. */
final readonly class Cutter
{
    private StripCutter $cutter;

    public function __construct(private Profile $profile, private bool $vented, private RuleSet $rules)
    {
        $this->cutter = new StripCutter;
    }

    /**
     * @param  Corrections|null  $corrections  from first fits
     * @return list<Panel> from the left rake; pieces of one strip from the eave up
     */
    public function cut(Face $face, FaceLayout $layout, OrderLength $order, ?Corrections $corrections = null): array
    {
        $metalFace = MovedFace::metal($face, $this->profile, $this->vented, $this->rules);
        $blankFace = MovedFace::blank($face, $this->profile, $this->vented, $this->rules);
        $rakes = array_values(array_filter($metalFace->edges(), static fn (MovedEdge $edge): bool => $edge->kind->runsUpSlope()));
        $corrected = $corrections !== null && $corrections->touch($face);
        $laps = new EndLaps($this->profile, $this->rules);
        $panels = [];
        foreach ($layout->strips as $strip) {
            $pieces = 0;
            $isLast = $strip->position === count($layout->strips);
            foreach ($this->upTheSlope($this->strip($metalFace->regions, $strip->moduleLeft, $strip->moduleRight())) as $i => $metal) {
                $whole = $this->panel($face, $strip, $metal, $i, $blankFace->regions, $rakes, $order, $isLast);
                foreach ($laps->part($whole, $face, $order) as $panel) {
                    $panel = $panel->numbered($pieces++);
                    $panels[] = $corrected ? $corrections->on($panel, $face, $blankFace->edges(), $order) : $panel;
                }
            }
        }

        return $panels;
    }

    /**
     * @param  list<Region>  $blankFace
     * @param  list<MovedEdge>  $rakes  sides along which a panel is ripped rather than ended
     */
    private function panel(Face $face, Strip $strip, Region $metal, int $piece, array $blankFace, array $rakes, OrderLength $order, bool $isLast): Panel
    {
        $ripped = $this->isCut($strip, $rakes, true, 0.0) || $this->isCut($strip, $rakes, false, 0.0);
        // A standing leg may stand at the rake; a flat side lap that would reach past it is trimmed off.
        $lap = $this->profile->family->isConcealed() ? 0.0 : 1.0;
        $cutLeft = $this->isCut($strip, $rakes, true, $lap * $this->profile->leftMetal);
        $cutRight = $this->isCut($strip, $rakes, false, $lap * $this->profile->rightMetal);
        // At the ends of the face a ripped side keeps its turn-up, which may lie outside the module line.
        $openLeft = $cutLeft && $strip->position === 1;
        $openRight = $cutRight && $isLast;
        $blank = $this->piece($blankFace, $openLeft ? -INF : $strip->moduleLeft, $openRight ? INF : $strip->moduleRight(), $piece, $metal) ?? $metal;
        $sheet = $this->piece(
            $blankFace,
            $openLeft ? -INF : $strip->moduleLeft - $this->profile->leftMetal,
            $openRight ? INF : $strip->moduleRight() + $this->profile->rightMetal,
            $piece,
            $metal,
        ) ?? $metal;
        $width = $metal->outline->bounds()->width();

        return Panel::cut($face->id, $strip, $metal, $blank->outline, $sheet, $cutLeft, $cutRight, $ripped && $width < $strip->cover - Tolerance::LENGTH ? $width : null, $order);
    }

    /**
     * What lies round a piece of metal; null where moving the edges has left nothing there.
     *
     * @param  list<Region>  $face
     */
    private function piece(array $face, float $left, float $right, int $piece, Region $metal): ?Region
    {
        $pieces = $this->upTheSlope($this->strip($face, $left, $right));
        $inside = $metal->outline->insidePoint();
        foreach ($pieces as $one) {
            if ($one->outline->contains($inside)) {
                return $one;
            }
        }

        return $pieces === [] ? null : $pieces[min($piece, count($pieces) - 1)];
    }

    /**
     * @param  list<Region>  $regions
     * @return list<Region>
     */
    private function strip(array $regions, float $left, float $right): array
    {
        $pieces = [];
        foreach ($regions as $region) {
            foreach ($left > -INF ? $this->cutter->rightOf($region, $left) : [$region] as $one) {
                array_push($pieces, ...($right < INF ? $this->cutter->leftOf($one, $right) : [$one]));
            }
        }

        return $pieces;
    }

    /**
     * @param  list<MovedEdge>  $rakes
     * @param  float  $lap  metal beyond the module lines that counts, inches
     */
    private function isCut(Strip $strip, array $rakes, bool $left, float $lap): bool
    {
        foreach ($rakes as $rake) {
            $inside = max($rake->from->u, $rake->to->u) > $strip->moduleLeft - $lap + Tolerance::LENGTH
                && min($rake->from->u, $rake->to->u) < $strip->moduleRight() + $lap - Tolerance::LENGTH;
            if ($inside && $rake->isLeftSide() === $left) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Region>  $pieces
     * @return list<Region>
     */
    private function upTheSlope(array $pieces): array
    {
        usort($pieces, static fn (Region $a, Region $b): int => $a->outline->bounds()->bottom <=> $b->outline->bounds()->bottom);

        return $pieces;
    }
}
