<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Circumstance;

/** How warm the metal is now. */
final readonly class MetalToday implements Circumstance
{
    /** @param  float|null  $metalF  °F; null where nobody has measured it */
    public function __construct(public ?float $metalF = null)
    {
    }
}
