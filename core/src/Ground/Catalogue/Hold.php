<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** What holds a panel down; clip travel in inches, 0 where nothing travels. */
final readonly class Hold
{
    public function __construct(public HoldKind $kind, public float $travel)
    {
    }
}
