<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\LoadOut\Order;

/** One way to lay a face out, with what it would take. */
final readonly class LayoutAlternative
{
    public function __construct(public FaceLayout $layout, public Order $order, public bool $chosen)
    {
    }
}
