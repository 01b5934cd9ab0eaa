<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\EdgeMover;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Geometry\StripCutter;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Geometry\Untangler;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/**
 * Cuts the pieces of a strip out of a face, and lays flat what each of them is folded and formed to. A hem or a turn-up
 * belongs to the piece whose metal ends there, whole; a leg or a lap stands beside its own piece's metal only. So
 * neither reaches over a wall or an opening to the next piece.
 */
final class PieceCutter
{
    public readonly MovedFace $metal;

    private readonly MovedFace $blank;

    /** @var list<float> u of the corners of what is cut from */
    private readonly array $corners;

    private readonly StripCutter $cutter;

    private readonly EdgeMover $mover;

    private readonly Untangler $untangler;

    public function __construct(Face $face, private readonly Profile $profile, bool $vented, RuleSet $rules)
    {
        $this->metal = MovedFace::metal($face, $profile, $vented, $rules);
        $this->blank = MovedFace::blank($face, $profile, $vented, $rules);
        $this->cutter = new StripCutter;
        $this->mover = new EdgeMover;
        $this->untangler = new Untangler;
        $corners = [];
        foreach ($this->blank->regions as $region) {
            foreach ($region->loops() as $loop) {
                array_push($corners, ...array_column($loop->corners, 'u'));
            }
        }
        $this->corners = $corners;
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
        foreach ($this->metal->regions as $region) {
            foreach ($region->loops() as $loop) {
                foreach ($loop->corners as $corner) {
                    array_push($breaks, $corner->u, $corner->u - $this->profile->cover);
                }
            }
        }
        foreach ($this->corners as $u) {
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
        return array_map(fn (Region $metal): StripPiece => $this->piece($metal, $left), $this->metalOf($left));
    }

    /** @return list<float> lengths of the sheets of a strip, inches */
    public function lengths(float $left): array
    {
        return array_map(fn (Region $metal): float => $this->flat($metal, $left, $this->profile->leftMetal, $this->profile->rightMetal)->outline->bounds()->height(), $this->metalOf($left));
    }

    /** @return list<Region> what the pieces of a strip cover, from the eave up */
    private function metalOf(float $left): array
    {
        $right = $left + $this->profile->cover;
        $pieces = [];
        foreach ($this->metal->regions as $region) {
            foreach ($this->cutter->strip($region, $left, $right) as $piece) {
                $bounds = $piece->outline->bounds();
                if ($bounds->width() > Tolerance::ON_LINE && $bounds->height() > Tolerance::ON_LINE) {
                    $pieces[] = [$bounds->bottom, $this->standing($piece, $left, $right)];
                }
            }
        }
        usort($pieces, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($pieces, 1);
    }

    private function piece(Region $metal, float $left): StripPiece
    {
        $sheet = $this->flat($metal, $left, $this->profile->leftMetal, $this->profile->rightMetal);
        // A standing leg may stand at the rake; a flat side lap that would reach past it is trimmed off.
        $outline = $this->profile->family->isConcealed() ? $metal->outline : $sheet->outline;
        $ripped = $this->isBeside($metal->outline, true) || $this->isBeside($metal->outline, false);
        $width = $metal->outline->bounds()->width();

        return new StripPiece(
            $metal,
            $sheet,
            $this->isBeside($outline, true),
            $this->isBeside($outline, false),
            $ripped && $width < $this->profile->cover - Tolerance::ON_LINE ? $width : null,
        );
    }

    /** A piece of metal of the strip at u with its hems laid flat, without legs and laps. */
    public function blank(Region $metal, float $left): Polygon
    {
        return $this->flat($metal, $left, 0.0, 0.0)->outline;
    }

    /**
     * @param  float  $left  u of the strip's left module line
     * @param  float  $before  inches added where the piece's left side is a module line, `$after` where its right side is
     */
    private function flat(Region $metal, float $left, float $before, float $after): Region
    {
        $loops = array_map(fn (Polygon $loop): Polygon => $this->mover->move($loop, $this->outward($loop, $before, $after)), $metal->loops());
        $flat = $this->round($metal, $this->untangler->untangle($loops)) ?? $metal;
        $flat = $this->asFormed($metal, $flat, $left - $before, $left + $this->profile->cover + $after);
        $bounds = $flat->outline->bounds();
        foreach ($this->corners as $u) {
            if ($u > $bounds->left + Tolerance::ON_LINE && $u < $bounds->right - Tolerance::ON_LINE) {
                return $this->isWithinFace($flat) ? $flat : $this->withinFace($metal, $flat, $bounds->left, $bounds->right);
            }
        }

        return $flat;
    }

    /** Whether every corner lies in what the face is cut from, and no corner of that in it. */
    private function isWithinFace(Region $flat): bool
    {
        foreach ($flat->loops() as $loop) {
            foreach ($loop->corners as $corner) {
                if (! $this->blank->holds($corner)) {
                    return false;
                }
            }
        }
        $bounds = $flat->outline->bounds();
        foreach ($this->blank->regions as $region) {
            foreach ($region->loops() as $loop) {
                foreach ($loop->corners as $corner) {
                    $mayLie = $corner->u > $bounds->left && $corner->u < $bounds->right && $corner->v > $bounds->bottom && $corner->v < $bounds->top;
                    if ($mayLie && $flat->contains($corner) && ! $flat->isNear($corner)) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /**
     * A hem that runs out sideways ends with the formed metal; only a turn-up at a rake or a wall is cut as wide as it
     * wants. Where metal tapers out along a leaning rake, its leg and its turn-up end there too.
     */
    private function asFormed(Region $metal, Region $flat, float $left, float $right): Region
    {
        $bounds = $flat->outline->bounds();
        $left = $bounds->left < $left - Tolerance::LENGTH && ! $this->isBeside($metal->outline, true) ? $left : -INF;
        $right = $bounds->right > $right + Tolerance::LENGTH && ! $this->isBeside($metal->outline, false) ? $right : INF;
        $pieces = $left === -INF && $right === INF ? [$flat] : $this->cutter->strip($flat, $left, $right);
        $taper = $this->taper($metal->outline);
        if ($taper !== [-INF, INF]) {
            $pieces = array_merge(...array_map(fn (Region $piece): array => $this->cutter->across($piece, ...$taper), $pieces));
        }

        return $this->round($metal, $pieces) ?? $flat;
    }

    /** @return array{float, float} v where the outline tapers out between a rake and a module line, at its foot and at its head; infinite where it does not */
    private function taper(Polygon $outline): array
    {
        $bounds = $outline->bounds();
        $taper = [-INF, INF];
        $n = count($outline->corners);
        foreach ($outline->corners as $i => $corner) {
            $tags = [$outline->tag($i + $n - 1), $outline->tag($i)];
            $isTip = in_array(Polygon::CUT, $tags, true) && max($tags) >= 0 && $this->metal->sides[max($tags)]->isBeside();
            if ($isTip && $corner->v < $bounds->bottom + Tolerance::LENGTH) {
                $taper[0] = $corner->v;
            } elseif ($isTip && $corner->v > $bounds->top - Tolerance::LENGTH) {
                $taper[1] = $corner->v;
            }
        }

        return $taper;
    }

    /** Where the face turns a corner beside the piece, its leg or hem turns with it. */
    private function withinFace(Region $metal, Region $flat, float $left, float $right): Region
    {
        $loops = $flat->loops();
        foreach ($this->blank->regions as $region) {
            foreach ($this->cutter->strip($region, $left - 1.0, $right + 1.0) as $piece) {
                array_push($loops, ...$piece->loops());
            }
        }

        return $this->round($metal, $this->untangler->common($loops)) ?? $flat;
    }

    /** @return list<float> */
    private function outward(Polygon $loop, float $before, float $after): array
    {
        $outward = [];
        foreach ($loop->corners as $i => $from) {
            $to = $loop->corner($i + 1);
            $outward[] = match (true) {
                $loop->tag($i) >= 0 => $this->metal->sides[$loop->tag($i)]->allowance->hem,
                $loop->tag($i) === Polygon::STEP || ! Tolerance::same($from->u, $to->u) => 0.0,
                $to->v < $from->v => $before,
                default => $after,
            };
        }

        return $outward;
    }

    /**
     * What lies round a piece of metal.
     *
     * @param  list<Region>  $regions
     */
    private function round(Region $metal, array $regions): ?Region
    {
        if (count($regions) === 1) {
            return $regions[0];
        }
        $inside = $metal->insidePoint();
        foreach ($regions as $region) {
            if ($region->contains($inside)) {
                return $region;
            }
        }

        return null;
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

    /** Whether the outline ends along its left or right at a rake or a wall. */
    private function isBeside(Polygon $outline, bool $left): bool
    {
        foreach ($outline->corners as $i => $from) {
            $to = $outline->corner($i + 1);
            if ($outline->tag($i) >= 0 && ($to->v < $from->v) === $left && abs($to->v - $from->v) > Tolerance::SAME_CUT && $this->metal->sides[$outline->tag($i)]->isBeside()) {
                return true;
            }
        }

        return false;
    }
}
