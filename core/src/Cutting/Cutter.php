<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Polygon;
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

    /** @return list<Panel> from the left rake; pieces of one strip from the eave up */
    public function cut(Face $face, FaceLayout $layout, OrderLength $order): array
    {
        $metalFace = MovedFace::metal($face, $this->profile, $this->vented, $this->rules);
        $metal = $metalFace->regions;
        $blank = MovedFace::blank($face, $this->profile, $this->vented, $this->rules)->regions;
        $rakes = array_values(array_filter($metalFace->edges(), static fn (MovedEdge $edge): bool => $edge->kind->runsUpSlope()));
        $panels = [];
        foreach ($layout->strips as $strip) {
            $metalPieces = $this->upTheSlope($this->strip($metal, $strip->moduleLeft, $strip->moduleRight()));
            foreach ($metalPieces as $i => $piece) {
                $panels[] = $this->panel($face, $strip, $piece, $i, $blank, $rakes, $order, $strip->position === count($layout->strips));
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
        $blank = $this->piece($blankFace, $openLeft ? -INF : $strip->moduleLeft, $openRight ? INF : $strip->moduleRight(), $piece, $metal) ?? $metal->outline;
        $sheet = $this->piece(
            $blankFace,
            $openLeft ? -INF : $strip->moduleLeft - $this->profile->leftMetal,
            $openRight ? INF : $strip->moduleRight() + $this->profile->rightMetal,
            $piece,
            $metal,
        ) ?? $metal->outline;
        $bounds = $sheet->bounds();
        $sides = [$this->sideLength($sheet, $bounds->left), $this->sideLength($sheet, $bounds->right)];

        return new Panel(
            $face->id.'-'.$strip->position.($piece === 0 ? '' : chr(ord('a') + $piece)),
            $face->id,
            $strip,
            $metal->outline,
            $blank,
            $sheet,
            $cutLeft,
            $cutRight,
            $ripped && $metal->outline->bounds()->width() < $strip->cover - Tolerance::LENGTH ? $metal->outline->bounds()->width() : null,
            $bounds->height(),
            min($sides),
            $order->of($bounds->height()),
            $metal->holes,
        );
    }

    /**
     * What lies round a piece of metal; null where moving the edges has left nothing there.
     *
     * @param  list<Region>  $face
     */
    private function piece(array $face, float $left, float $right, int $piece, Region $metal): ?Polygon
    {
        $pieces = $this->upTheSlope($this->strip($face, $left, $right));
        $inside = $metal->outline->insidePoint();
        foreach ($pieces as $one) {
            if ($one->outline->contains($inside)) {
                return $one->outline;
            }
        }

        return $pieces === [] ? null : $pieces[min($piece, count($pieces) - 1)]->outline;
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

    /** Length of the sheet along the line u; 0 where it runs to a point. */
    private function sideLength(Polygon $sheet, float $u): float
    {
        $on = [];
        foreach ($sheet->corners as $corner) {
            if (abs($corner->u - $u) < Tolerance::LENGTH) {
                $on[] = $corner->v;
            }
        }

        return $on === [] ? 0.0 : max($on) - min($on);
    }
}
