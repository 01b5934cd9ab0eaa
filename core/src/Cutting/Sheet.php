<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Geometry\KeptLean;

/** One sheet that is ordered: a panel comes out of it, or two. */
final readonly class Sheet
{
    use KeptLean;

    /**
     * @param  float  $length  with the extra, rounded up to the ordering step; inches
     * @param  non-empty-list<Panel>  $panels
     */
    public function __construct(public float $length, public array $panels)
    {
    }
}
