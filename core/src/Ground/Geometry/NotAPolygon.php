<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

use InvalidArgumentException;

/** Corners that enclose no roof. `cause` is a code whose words stand in the message catalogue. */
final class NotAPolygon extends InvalidArgumentException
{
    private function __construct(public readonly string $cause)
    {
        parent::__construct($cause);
    }

    public static function tooFewCorners(int $count): self
    {
        return new self($count === 0 ? 'no-corners' : 'too-few-corners');
    }

    public static function noArea(): self
    {
        return new self('no-area');
    }

    public static function clockwise(): self
    {
        return new self('clockwise');
    }
}
