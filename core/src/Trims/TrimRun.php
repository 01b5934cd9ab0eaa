<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Internal\Ends\LapEnd;
use Imbrex\Core\Trims\Internal\Ends\PlacedShape;
use Imbrex\Core\Trims\Internal\RunPlace;

/** A layer of an edge that is bent from sticks: its shape there, its ends, its pieces. */
final readonly class TrimRun
{
    /**
     * @param  string  $id  of its edge, and the layer: `eave-hall.N.eave-trim`
     * @param  float  $girth  inches
     * @param  list<float>  $bends  degrees its legs stand at, from the visible low end
     * @param  float  $pitch  of the deck square to the edge, degrees
     * @param  string  $metal  key of its metal
     * @param  float  $length  with what is allowed at its ends, inches
     * @param  list<TrimPiece>  $pieces  from its low or left end
     */
    public function __construct(
        public string $id,
        public Edge $edge,
        public Layer $layer,
        public TrimShape $shape,
        public float $girth,
        public array $bends,
        public string $metal,
        public float $length,
        public EndCut $low,
        public EndCut $high,
        public array $pieces,
        private float $pitch,
        private PlacedShape $placed,
        private RunPlace $place,
    ) {
    }

    /** Whether it lies on both faces that meet at its edge: its low side on the first. */
    public function isTwoSided(): bool
    {
        return $this->placed->isTwoSided;
    }

    /** How one end of a piece of it is cut. */
    public function end(TrimPiece $piece, bool $isHigh): EndCut
    {
        $number = array_search($piece, $this->pieces, true);
        $next = $this->pieces[$isHigh ? $number + 1 : $number - 1] ?? null;
        $own = $isHigh ? $this->high : $this->low;
        if ($next === null) {
            return $own;
        }

        return LapEnd::of($this->placed, $isHigh ? $piece->lapHigh : $piece->lapLow, $isHigh ? $next->isOver : ! $piece->isOver, $own->isLeft);
    }

    /** Where a piece begins, inches along its edge from that one's low or left end; less than nothing before it. */
    public function from(TrimPiece $piece): float
    {
        return $piece->at - $this->low->reach;
    }

    /** @return list<LaidLeg> a piece as it lies on the roof */
    public function laid(TrimPiece $piece): array
    {
        return $this->place->laid($piece, $this->from($piece), $this->placed, $this->end($piece, false), $this->end($piece, true));
    }

    /** What pieces bent and ended alike have in common. */
    public function looks(TrimPiece $piece): string
    {
        return hash('xxh32', $this->kind().$this->end($piece, false)->looks().$this->end($piece, true)->looks());
    }

    /**
     * The trim cut across.
     *
     * @param  float  $rib  height of the panel's seam or rib, inches
     */
    public function sketch(float $rib): ShapeSketch
    {
        return ShapeSketch::of($this->shape, $rib, $this->pitch, $this->edge->dihedralDegrees ?? 180.0);
    }

    /** What is cut from the same sticks: shape, bends and metal alike. */
    public function kind(): string
    {
        return implode(' ', [$this->shape->key, ...array_map(static fn (float $bend): string => sprintf('%.1f', $bend), $this->bends), ...($this->shape->isGrown ? [sprintf('%.3f', $this->girth)] : []), $this->metal]);
    }
}
