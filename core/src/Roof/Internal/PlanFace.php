<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\SlopePlane;

/** A face as it lies over the plan, before its edges are known. */
final readonly class PlanFace
{
    /** @param  string|null  $block  id of the block it belongs to; null for a measured plane */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $block,
        public SlopePlane $plane,
        public Region $plan,
    ) {
    }
}
