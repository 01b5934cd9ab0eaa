<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Geometry\Point;

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
        return new self($id, $this->kind, $this->faces, $this->from, $this->to, $this->fromHeight, $this->toHeight, $this->angleToRibDegrees, $this->dihedralDegrees, $this->wall);
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
