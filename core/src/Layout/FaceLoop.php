<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\EdgeAllowance;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;

/** One loop metal ends at: the face's outline, a hole in it, or something that comes through it. Metal lies to the left of every side. */
final readonly class FaceLoop
{
    /** @param  list<FaceSide>  $sides  side i of the outline */
    private function __construct(public Polygon $outline, public array $sides)
    {
    }

    /** @return list<self> the outline, then the holes, then the openings that part panels; sides numbered on from loop to loop */
    public static function of(Face $face, Builds $builds): array
    {
        $quick = $builds->covering->rules->choice('cut.hemSchool') === 'quick';
        $loops = [];
        $first = 0;
        foreach ($face->region()->loops() as $number => $outline) {
            $sides = [];
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                // Metal lies to the left of a side, so one that runs to the right is at the panels' low end.
                $across = $outline->corner($side + 1)->u - $outline->corner($side)->u;
                $build = $builds->at($face, $number, $side);
                // Among panels laid sideways any edge may run beside one; at their own ends they lie over those that run up.
                $isBeside = $face->isAcross() || $kind === EdgeKind::CrossEnd ? abs($across) < $outline->sideLength($side) / 2.0 : null;
                $full = $build->allowance($kind === EdgeKind::CrossEnd ? $face->isAcross() : $across > 0.0);
                // The quick habit lays the hem along the rib; square to the bend that is less by the sine of their angle.
                $allowance = $quick && ! $kind->runsUpSlope() ? $full->hemmed($full->hem * abs($across) / $outline->sideLength($side)) : $full;
                $sides[] = new FaceSide(
                    kind: $kind,
                    allowance: $allowance,
                    loop: $number,
                    side: $side,
                    fullHem: $full->hem,
                    turnsPanUp: $build->turnsPanUp() && $isBeside !== true,
                    isBeside: $isBeside,
                );
            }
            $loops[] = new self($outline->tagged($first), $sides);
            $first += count($sides);
        }
        foreach ($face->openings as $opening) {
            if ($opening->kind->partsPanels()) {
                $loops[] = self::round($opening, $builds->covering, count($loops), $first);
                $first += count($opening->outline->corners);
            }
        }

        return $loops;
    }

    private static function round(Opening $opening, Covering $covering, int $number, int $first): self
    {
        $n = count($opening->outline->corners);
        $sides = [];
        for ($side = 0; $side < $n; $side++) {
            // Turned clockwise, side i of the loop is side n − 2 − i of the outline.
            $clear = EdgeAllowance::clear($opening->clearance((2 * $n - 2 - $side) % $n, $covering->profile->family, $covering->rules));
            $sides[] = new FaceSide(EdgeKind::Opening, $clear, $number, $side);
        }

        return new self(Polygon::sound(array_reverse($opening->outline->corners))->tagged($first), $sides);
    }

    /**
     * How far each side is moved outwards, inches.
     *
     * @param  float  $hems  share of the hems that is laid flat: 0 for what metal covers, 1 for what it is cut from
     * @return list<float>
     */
    public function outward(float $hems): array
    {
        return array_map(static fn (FaceSide $side): float => $side->allowance->offset + $hems * $side->allowance->hem, $this->sides);
    }
}
