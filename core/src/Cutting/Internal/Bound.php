<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/** Which way a side bounds its piece, looking up-slope. */
enum Bound: string
{
    case Foot = 'foot';
    case Head = 'head';
    case Left = 'left';
    case Right = 'right';

    public static function beside(bool $left): self
    {
        return $left ? self::Left : self::Right;
    }

    public function isEnd(): bool
    {
        return $this === self::Foot || $this === self::Head;
    }
}
