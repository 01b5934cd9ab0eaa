<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\StripCutter;
use Imbrex\Core\Ground\Geometry\StripGround;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Geometry\Untangler;
use Imbrex\Core\Layout\FaceSide;
use Imbrex\Core\Layout\MovedFace;

/**
 * Lays flat what a piece is folded and formed to. A hem or a turn-up belongs to the piece whose metal ends there, whole;
 * a leg or a lap stands beside its own piece's metal only. So neither reaches over a wall or an opening to the next piece.
 */
final readonly class StretchOut
{
    /** @var list<FaceSide> */
    private array $sides;

    private StripCutter $cutter;

    private EdgeMover $mover;

    private Untangler $untangler;

    /** @param  StripGround  $blank  what the face is cut from */
    public function __construct(MovedFace $face, private StripGround $blank, private float $cover)
    {
        $this->sides = $face->sides;
        $this->cutter = new StripCutter;
        $this->mover = new EdgeMover;
        $this->untangler = new Untangler;
    }

    /**
     * A piece of metal laid flat.
     *
     * @param  float  $left  u of the strip's left module line
     * @param  float  $before  inches added where the piece's left side is a module line, `$after` where its right side is
     */
    public function of(Region $metal, float $left, float $before, float $after): Region
    {
        $loops = array_map(fn (Polygon $loop): Polygon => $this->mover->move($loop, $this->outward($loop, $before, $after)), $metal->loops());
        $flat = $this->round($metal, $this->untangler->untangle($loops)) ?? $metal;
        $flat = $this->asFormed($metal, $flat, $left - $before, $left + $this->cover + $after);
        $bounds = $flat->outline->bounds();
        $turns = $this->blank->hasCornerBetween($bounds->left + Tolerance::ON_LINE, $bounds->right - Tolerance::ON_LINE);

        return $turns && ! $this->isWithinFace($flat) ? $this->withinFace($metal, $flat, $bounds->left, $bounds->right) : $flat;
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
        $within = $this->blank->cornersWithin($flat->outline->bounds());
        if ($within === []) {
            return true;
        }
        $ground = new StripGround([$flat]);
        foreach ($within as $corner) {
            if ($ground->surrounds($corner)) {
                return false;
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
            $isTip = in_array(Polygon::CUT, $tags, true) && max($tags) >= 0 && $this->sides[max($tags)]->isBeside();
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
        foreach ($this->blank->strip($left - 1.0, $right + 1.0) as $piece) {
            array_push($loops, ...$piece->loops());
        }

        return $this->round($metal, $this->untangler->common($loops)) ?? $flat;
    }

    /** @return list<float> */
    private function outward(Polygon $loop, float $before, float $after): array
    {
        $outward = [];
        foreach ($loop->corners as $i => $from) {
            $to = $loop->corners[$i + 1] ?? $loop->corners[0];
            $tag = $loop->tags[$i] ?? Polygon::CUT;
            $outward[] = match (true) {
                $tag >= 0 => $this->sides[$tag]->allowance->hem,
                $tag === Polygon::STEP || ! Tolerance::same($from->u, $to->u) => 0.0,
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

    /** Whether the outline ends along its left or right at a rake or a wall. */
    public function isBeside(Polygon $outline, bool $left): bool
    {
        foreach ($outline->corners as $i => $from) {
            $to = $outline->corner($i + 1);
            if ($outline->tag($i) >= 0 && ($to->v < $from->v) === $left && abs($to->v - $from->v) > Tolerance::SAME_CUT && $this->sides[$outline->tag($i)]->isBeside()) {
                return true;
            }
        }

        return false;
    }
}
