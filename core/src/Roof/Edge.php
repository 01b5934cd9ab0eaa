<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;

/** One straight edge of the roof, known from every face that ends or lands there. */
final readonly class Edge
{
    /**
     * @param  list<string>  $faces  ids; two where roof meets roof
     * @param  Point  $from  in plan; the first face lies to the left on the way to `$to`
     * @param  float  $fromHeight  inches; `$toHeight` the same at the other end
     * @param  array<string, float>  $angleToRibDegrees  on the deck, 0 beside the rib to 90 square to it, by face id
     * @param  float|null  $dihedralDegrees  the angle a trim is bent to, 180 in one flat; null at an open edge
     * @param  string|null  $wall  id of the block whose wall stands there
     */
    public function __construct(
        public string $id,
        public EdgeKind $kind,
        public array $faces,
        public Point $from,
        public Point $to,
        public float $fromHeight,
        public float $toHeight,
        public array $angleToRibDegrees,
        public ?float $dihedralDegrees,
        public ?string $wall = null,
    ) {
    }

    public function renamed(string $id): self
    {
        return new self(
            id: $id,
            kind: $this->kind,
            faces: $this->faces,
            from: $this->from,
            to: $this->to,
            fromHeight: $this->fromHeight,
            toHeight: $this->toHeight,
            angleToRibDegrees: $this->angleToRibDegrees,
            dihedralDegrees: $this->dihedralDegrees,
            wall: $this->wall,
        );
    }

    /** Whether another edge begins where this one ends, or ends where it begins, in one straight line. */
    public function meetsInLine(self $other): bool
    {
        [$near, $far] = $this->farEnds($other);
        $whole = $near->distanceTo($far);

        return abs($whole - $this->from->distanceTo($this->to) - $other->from->distanceTo($other->to)) < Tolerance::ON_LINE;
    }

    /** This edge and one that goes on from it as one. */
    public function joined(self $other): self
    {
        [$near, $far] = $this->farEnds($other);
        $height = fn (Point $end): float => match (true) {
            $end === $this->from => $this->fromHeight,
            $end === $this->to => $this->toHeight,
            $end === $other->from => $other->fromHeight,
            default => $other->toHeight,
        };
        $forwards = ($far->u - $near->u) * ($this->to->u - $this->from->u) + ($far->v - $near->v) * ($this->to->v - $this->from->v) > 0.0;
        [$from, $to] = $forwards ? [$near, $far] : [$far, $near];

        return new self(
            id: $this->id,
            kind: $this->kind,
            faces: $this->faces,
            from: $from,
            to: $to,
            fromHeight: $height($from),
            toHeight: $height($to),
            angleToRibDegrees: $this->angleToRibDegrees,
            dihedralDegrees: $this->dihedralDegrees,
            wall: $this->wall,
        );
    }

    /** @return array{Point, Point} the two ends, one of each edge, that lie farthest apart */
    private function farEnds(self $other): array
    {
        $pairs = [[$this->from, $other->from], [$this->from, $other->to], [$this->to, $other->from], [$this->to, $other->to]];
        usort($pairs, static fn (array $a, array $b): int => $b[0]->distanceTo($b[1]) <=> $a[0]->distanceTo($a[1]));

        return $pairs[0];
    }

    public function isLevel(): bool
    {
        return abs($this->toHeight - $this->fromHeight) < $this->from->distanceTo($this->to) * EdgeTyper::LEVEL;
    }

    /** True length in inches. */
    public function length(): float
    {
        return hypot($this->from->distanceTo($this->to), $this->toHeight - $this->fromHeight);
    }

    /** Bearing of the edge in plan, counter-clockwise from east, 0 to under 180. */
    public function planAngleDegrees(): float
    {
        $degrees = rad2deg(atan2($this->to->v - $this->from->v, $this->to->u - $this->from->u));
        $degrees = fmod($degrees + 360.0, 180.0);

        return $degrees > 180.0 - 1e-9 ? 0.0 : $degrees;
    }
}
