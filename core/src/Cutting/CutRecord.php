<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** A panel that has been cut, with the lengths of the card it was cut by (inches). */
final readonly class CutRecord
{
    public function __construct(public string $panel, public float $long, public float $short)
    {
    }
}
