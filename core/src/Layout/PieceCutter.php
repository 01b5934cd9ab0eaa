<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\StripGround;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\Internal\SteadyStrip;
use Imbrex\Core\Layout\Internal\StretchOut;
use Imbrex\Core\Roof\Face;

/** Cuts the pieces of a strip out of a face: what each covers, and the sheet it is made from. */
final class PieceCutter
{
    public readonly MovedFace $metal;

    private readonly MovedFace $blank;

    private readonly Profile $profile;

    private readonly StripGround $metalGround;

    private readonly StripGround $blankGround;

    private readonly StretchOut $flat;

    /** The strip cut last, where it may be led on. */
    private ?SteadyStrip $steady = null;

    public function __construct(Face $face, Builds $builds)
    {
        $this->profile = $builds->covering->profile;
        $this->metal = MovedFace::metal($face, $builds);
        $this->blank = MovedFace::blank($face, $builds);
        $this->metalGround = new StripGround($this->metal->regions);
        $this->blankGround = new StripGround($this->blank->regions);
        $this->flat = new StretchOut($this->blank, $this->blankGround, $this->profile->cover);
    }

    /**
     * Places across the face where what a strip takes may change its course, as u of its left module line: where a module
     * line passes a corner of the metal, or a module line or an edge of the sheet one of what is cut from.
     *
     * @return list<float> from the left
     */
    public function breaks(): array
    {
        $breaks = [];
        foreach ($this->metalGround->cornersAcross() as $u) {
            array_push($breaks, $u, $u - $this->profile->cover);
        }
        foreach ($this->blankGround->cornersAcross() as $u) {
            array_push($breaks, $u, $u + $this->profile->leftMetal, $u - $this->profile->cover, $u - $this->profile->cover - $this->profile->rightMetal);
        }
        sort($breaks);

        return $breaks;
    }

    /** What the face is cut from, where a strip of it is simply what lies under its sheet: convex, with square rakes if any; else null. */
    public function simpleBlank(): ?Polygon
    {
        if (count($this->metal->regions) !== 1 || count($this->blank->regions) !== 1) {
            return null;
        }
        foreach ([$this->metal->regions[0], $this->blank->regions[0]] as $region) {
            if ($region->holes !== [] || ! $region->outline->isConvex()) {
                return null;
            }
        }
        foreach ($this->metal->edges() as $edge) {
            if ($edge->side->isBeside() && $edge->right() - $edge->left() > Tolerance::LENGTH) {
                return null;
            }
        }

        return $this->blank->regions[0]->outline;
    }

    /** @return list<FaceSide> by the tag its metal carries */
    public function sides(): array
    {
        return $this->metal->sides;
    }

    /** @return list<StripPiece> of the strip whose left module line lies at u (inches), from the eave up */
    public function pieces(float $left): array
    {
        if ($this->steady !== null && $this->isLevel(...$this->steady->reach($left))) {
            return $this->steady->at($left);
        }
        $pieces = array_map(fn (Region $metal): StripPiece => $this->piece($metal, $left), $this->metalOf($left));
        $this->steady = SteadyStrip::of($left, $this->profile, $pieces);

        return $pieces;
    }

    /** Whether the face runs level between left and right, inches. */
    private function isLevel(float $left, float $right): bool
    {
        return $this->metalGround->isLevelBetween($left, $right) && $this->blankGround->isLevelBetween($left, $right);
    }

    /** @return list<Polygon> the sheets of a strip, from the eave up */
    public function sheets(float $left): array
    {
        return array_map(fn (Region $metal): Polygon => $this->sheet($metal, $left)->outline, $this->metalOf($left));
    }

    /** @return list<Region> what the pieces of a strip cover, from the eave up */
    private function metalOf(float $left): array
    {
        $right = $left + $this->profile->cover;
        $pieces = [];
        foreach ($this->metalGround->strip($left, $right) as $piece) {
            $bounds = $piece->outline->bounds();
            if ($bounds->width() > Tolerance::ON_LINE && $bounds->height() > Tolerance::ON_LINE) {
                $pieces[] = [$bounds->bottom, $this->standing($piece, $left, $right)];
            }
        }
        usort($pieces, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($pieces, 1);
    }

    private function piece(Region $metal, float $left): StripPiece
    {
        $sheet = $this->sheet($metal, $left);
        // A standing leg may stand at the rake; a flat side lap that would reach past it is trimmed off.
        $outline = $this->profile->family->isConcealed() ? $metal->outline : $sheet->outline;
        $ripped = $this->flat->isBeside($metal->outline, true) || $this->flat->isBeside($metal->outline, false);
        $width = $metal->outline->bounds()->width();

        return new StripPiece(
            $metal,
            $sheet,
            $this->flat->of($metal, $left, 0.0, 0.0)->outline,
            $this->flat->isBeside($outline, true),
            $this->flat->isBeside($outline, false),
            $ripped && $width < $this->profile->cover - Tolerance::ON_LINE ? $width : null,
        );
    }

    private function sheet(Region $metal, float $left): Region
    {
        return $this->flat->of($metal, $left, $this->profile->leftMetal, $this->profile->rightMetal);
    }

    /** A leg stands where the module line lies in the end of the metal itself: it needs no turn-up there. */
    private function standing(Region $piece, float $left, float $right): Region
    {
        return new Region($this->standingLoop($piece->outline, $left, $right), $piece->holes);
    }

    private function standingLoop(Polygon $loop, float $left, float $right): Polygon
    {
        $tags = [];
        $changed = false;
        foreach ($loop->corners as $i => $from) {
            $to = $loop->corner($i + 1);
            $tag = $loop->tag($i);
            $at = $to->v < $from->v ? $left : $right;
            if ($tag >= 0 && $this->metal->sides[$tag]->isBeside() && abs($from->u - $at) < Tolerance::ON_LINE && abs($to->u - $at) < Tolerance::ON_LINE) {
                $tag = Polygon::CUT;
                $changed = true;
            }
            $tags[] = $tag;
        }

        return $changed ? Polygon::sound(array_map(static fn (Point $p): Point => self::onto($p, $left, $right), $loop->corners), $tags)->withoutFlatCorners() : $loop;
    }

    private static function onto(Point $point, float $left, float $right): Point
    {
        return match (true) {
            abs($point->u - $left) < Tolerance::ON_LINE => new Point($left, $point->v),
            abs($point->u - $right) < Tolerance::ON_LINE => new Point($right, $point->v),
            default => $point,
        };
    }
}
