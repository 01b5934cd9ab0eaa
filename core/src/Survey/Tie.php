<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** An edge two planes share. */
final readonly class Tie
{
    /**
     * @param  int  $side  of this plane, from corner to corner + 1
     * @param  string  $plane  id of the neighbour, and `$itsSide` the same edge there
     */
    public function __construct(public int $side, public string $plane, public int $itsSide)
    {
    }
}
