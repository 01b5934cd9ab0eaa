<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Roof\Edge;

/** An edge of the roof with its build: the section as it stands, and whether it sheds. */
final readonly class BuiltEdge
{
    /** @param  list<WaterFault>  $faults */
    public function __construct(public Edge $edge, public EdgeBuild $own, public Build $build, public Section $section, public array $faults)
    {
    }

    public function sheds(): bool
    {
        return $this->faults === [];
    }
}
