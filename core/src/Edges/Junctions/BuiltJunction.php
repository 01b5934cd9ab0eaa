<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Edges\Internal\WaterFault;
use Imbrex\Core\Ground\Geometry\Point;

/** A point of the roof where edges meet, with how it is built there and whether it sheds. */
final readonly class BuiltJunction
{
    /**
     * @param  string  $id  its kind, and what the edges that meet come to: `eave-valley.5f1c09ab`
     * @param  list<string>  $edges  ids
     * @param  Point  $at  in plan
     * @param  bool  $isAdapted  whether somebody changed the order of its pieces
     * @param  list<WaterFault>  $faults
     * @param  float  $rise  of the flattest roof that meets there, over a run of one
     */
    public function __construct(public string $id, public array $edges, public Point $at, public Junction $junction, public bool $isAdapted, public array $faults, public float $rise)
    {
    }

    public function sheds(): bool
    {
        return $this->faults === [];
    }
}
