<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Circumstance;

/** What was taped of edges' true lines. */
final readonly class Taped implements Circumstance
{
    /** @param  list<Observation>  $marks  in the order they were taped */
    public function __construct(public array $marks = [])
    {
    }
}
