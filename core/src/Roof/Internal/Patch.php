<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Side;

/** What is to be seen of one plane of one block, in convex pieces of the plan. */
final readonly class Patch
{
    /** @param  list<Polygon>  $pieces */
    public function __construct(public Block $block, public Side $side, public SlopePlane $plane, public array $pieces)
    {
    }
}
