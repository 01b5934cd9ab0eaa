<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\Rain;

/** Turns what arrives into gallons, depths and the room that is left. */
final readonly class Flows
{
    /**
     * @param  array<string, BuiltEdge>  $built  by id
     * @param  float  $intensity  inches an hour
     */
    public function __construct(private Covering $covering, private Roof $roof, private array $built, private float $intensity)
    {
    }

    /** @return list<Flow> valleys, openings, eaves, pans */
    public function of(Arrivals $arrivals): array
    {
        $flows = [];
        foreach ($arrivals->valleys as $id => $shares) {
            $flows[] = $this->valley($id, $shares);
        }
        foreach ($arrivals->openings as $id => $squareFeet) {
            $flows[] = new Flow('opening', $id, $squareFeet, Rain::gallons($squareFeet, $this->intensity));
        }
        foreach ($arrivals->ends as $id => $own) {
            $flows[] = $this->eave($id, $own);
        }
        foreach ($arrivals->pans as $id => $squareFeet) {
            $flows[] = $this->pan($id, $squareFeet, $arrivals->poured[$id] ?? 0.0);
        }

        return $flows;
    }

    /** @param  array<string, float>  $shares  square feet by face */
    private function valley(string $id, array $shares): Flow
    {
        $squareFeet = array_sum($shares);
        $gallons = Rain::gallons($squareFeet, $this->intensity);
        $edge = $this->roof->edge($id);
        if ($edge?->dihedralDegrees === null || $edge->dihedralDegrees >= 179.0) {
            return new Flow('valley', $id, $squareFeet, $gallons, shares: $shares);
        }
        $slope = rad2deg(atan2(abs($edge->toHeight - $edge->fromHeight), max(1e-6, $edge->from->distanceTo($edge->to))));
        // The crimp parts the sides: the fuller fills its own half, until it goes over.
        $fuller = Channel::valley(2.0 * Rain::gallons(max([0.0, ...array_values($shares)]), $this->intensity), $edge->dihedralDegrees, $slope);
        $crimp = $this->covering->rules->number('water.crimp');
        $jumps = $crimp > 0.0 && $fuller > $crimp;
        $depth = $jumps ? max($crimp, Channel::valley($gallons, $edge->dihedralDegrees, $slope)) : $fuller;
        $wetted = Channel::wetted($depth, $edge->dihedralDegrees);
        $reveal = ($this->built[$id] ?? null)?->own->reveal();

        return new Flow(
            of: 'valley',
            id: $id,
            squareFeet: $squareFeet,
            gallons: $gallons,
            depth: $depth,
            wetted: $wetted,
            room: $reveal === null ? null : $reveal - $wetted,
            jumps: $jumps,
            shares: $shares,
        );
    }

    /** @param  list<array{string, Point, float, float}>  $own */
    private function eave(string $id, array $own): Flow
    {
        $squareFeet = (float) array_sum(array_column($own, 2));
        $edge = $this->roof->edge($id);
        $along = [];
        foreach ($own as [$face, $at, $share, $wide]) {
            $middle = $this->fromLeft($edge, $face, $at);
            $along[] = [$middle - $wide / 2.0, $middle + $wide / 2.0, $share];
        }
        // What comes at one place together, then from left to right.
        usort($along, static fn (array $a, array $b): int => [$a[0] < $a[1], $a[0]] <=> [$b[0] < $b[1], $b[0]]);

        return new Flow('eave', $id, $squareFeet, Rain::gallons($squareFeet, $this->intensity), along: $along);
    }

    /** Inches from the left end of an eave, looking up-slope. */
    private function fromLeft(?Edge $edge, string $face, Point $at): float
    {
        $frame = $this->roof->face($face)?->frame;
        if ($edge === null || $frame === null) {
            return $at->u;
        }

        return $at->u - min($frame->toDeck($edge->from)->u, $frame->toDeck($edge->to)->u);
    }

    private function pan(string $id, float $squareFeet, float $poured): Flow
    {
        $face = $this->roof->face((string) preg_replace('/-\d+$/', '', $id));
        $gallons = Rain::gallons($squareFeet, $this->intensity);
        // One laid sideways is level: it stands against its lower seam as high as it must to leave at the ends.
        if ($face === null || $face->isAcross()) {
            return new Flow('pan', $id, $squareFeet, $gallons, poured: $poured);
        }
        $profile = $this->covering->profile;
        $width = $profile->family->isConcealed() || count($profile->ribs) < 2 ? $profile->cover - $profile->leftMetal - $profile->rightMetal : $profile->ribs[1] - $profile->ribs[0];
        // Between ribs runs a share of what is on the sheet.
        $share = $profile->family->isConcealed() ? 1.0 : min(1.0, $width / $profile->cover);
        $depth = Channel::pan($gallons * $share, $width, $face->pitch->degrees());

        return new Flow(
            of: 'pan',
            id: $id,
            squareFeet: $squareFeet,
            gallons: $gallons,
            depth: $depth,
            wetted: $width,
            room: $profile->height - $depth,
            poured: $poured,
        );
    }
}
