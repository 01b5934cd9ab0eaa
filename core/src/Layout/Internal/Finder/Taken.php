<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

/** What a strip, or all strips of a face, take: pieces, and inches of sheet. */
final readonly class Taken
{
    /**
     * @param  string  $shape  what the pieces are like, corner for corner, where it is known
     */
    public function __construct(public int $pieces, public float $inches, public string $shape = '')
    {
    }
}
