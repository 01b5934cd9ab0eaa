<?php

declare(strict_types=1);

namespace Imbrex\Core\Facts;

/** A panel that has been cut, with the lengths of the card it was cut by (inches). */
final readonly class CutPanel
{
    /** @param  list<string>  $facts  ids of those that say so */
    public function __construct(public float $long, public float $short, public array $facts = [])
    {
    }
}
