<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\StageResult;

/** Every clip and screw where it stands. */
final readonly class HoldDownResult implements StageResult
{
    /**
     * @param  array<string, FaceHold>  $faces  by id, as the roof has them
     * @param  Pressures|null  $pressures  null where none are known
     * @param  float  $zoneWidth  of edge strips on the level, inches
     * @param  list<Supply>  $supplies  for the field of the whole roof
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $faces, public ?Pressures $pressures, public float $zoneWidth, public array $supplies, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }

    public function fasteners(): int
    {
        return array_sum(array_map(static fn (FaceHold $hold): int => count($hold->clips) + count($hold->screws), $this->faces));
    }
}
