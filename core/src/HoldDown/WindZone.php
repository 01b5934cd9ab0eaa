<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** Where on a roof wind pulls how hard. */
enum WindZone: string
{
    case Field = 'field';
    case Edge = 'edge';
    case Corner = 'corner';

    public function harder(self $other): self
    {
        $order = self::cases();

        return array_search($this, $order, true) >= array_search($other, $order, true) ? $this : $other;
    }
}
