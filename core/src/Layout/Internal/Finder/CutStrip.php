<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Layout\PieceCutter;

/** A strip of any face: its pieces are cut. */
final readonly class CutStrip implements StripTakes
{
    public function __construct(private PieceCutter $pieces)
    {
    }

    public function at(float $u): Taken
    {
        $lengths = $this->pieces->lengths($u);

        return new Taken(count($lengths), array_sum($lengths));
    }
}
