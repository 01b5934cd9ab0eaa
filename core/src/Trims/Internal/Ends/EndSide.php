<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Vector;

/** A face a run lies on, and the next edge round it from where the run ends. */
final readonly class EndSide
{
    /**
     * @param  Vector  $normal  square to the face, up; one long
     * @param  EdgeKind|null  $kind  of that edge; null where none ends there
     * @param  Vector|null  $way  along it, away from the point; one long
     */
    public function __construct(public Vector $normal, public ?EdgeKind $kind = null, public ?Vector $way = null)
    {
    }
}
