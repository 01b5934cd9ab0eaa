<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\LayoutOption;
use Imbrex\Core\LoadOut\Order;

/** One way to lay a face out, with what it would take on that face and what speaks for it in its whole group. */
final readonly class LayoutAlternative
{
    /** @param  array<string, float>  $points  by part of the score, whole group */
    public function __construct(public FaceLayout $layout, public Order $order, public LayoutOption $option, public array $points)
    {
    }
}
