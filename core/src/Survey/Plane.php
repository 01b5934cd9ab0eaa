<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/** One roof plane as it was brought down: readings, or an outline somebody vouches for, or both. */
final readonly class Plane
{
    /**
     * @param  Polygon|null  $outline  face coordinates, inches; where given it governs and readings check it
     * @param  list<EdgeKind>  $edges  kind of side i, from corner i to the next
     * @param  list<Reading>  $readings
     * @param  float|null  $riseIn12  the pitch somebody vouches for; readings of pitch are used where it is null
     * @param  string|null  $ridgeWith  id of the plane behind the ridge, whose ridge readings serve this one too
     * @param  list<Tie>  $ties  edges it shares with other planes
     * @param  bool  $leansLeft  of a parallelogram, where no diagonal tells
     * @param  OldPanels|null  $old  that are replaced in kind
     * @param  Point|null  $placed  where in plan its west and south ends were put, and with it all that is tied to it, inches; null stands beside the others
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?Polygon $outline,
        public array $edges,
        public array $readings,
        public ?float $riseIn12,
        public ?string $ridgeWith = null,
        public bool $roofOver = false,
        public int $oldLayers = 0,
        public ShapeKind $shape = ShapeKind::Rectangle,
        public array $ties = [],
        public bool $leansLeft = false,
        public ?Point $placed = null,
        public ?OldPanels $old = null,
    ) {
    }

    public function cornerCount(): int
    {
        return $this->shape->corners() ?? count($this->edges);
    }

    /**
     * @param  list<self>  $planes  of the job
     * @return list<EdgeKind> as typed, or else as its shape suggests
     */
    public function edgeKinds(array $planes): array
    {
        return $this->edges === [] ? $this->shape->usualEdges($this->isBacked($planes)) : $this->edges;
    }

    /**
     * Whether another plane is said to lie behind its ridge.
     *
     * @param  list<self>  $planes  of the job
     */
    private function isBacked(array $planes): bool
    {
        return $this->ridgeWith !== null || in_array($this->id, array_map(static fn (self $other): ?string => $other->ridgeWith, $planes), true);
    }
}
