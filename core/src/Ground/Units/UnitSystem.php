<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** Settles what a bare number means: inches, or millimetres. */
enum UnitSystem: string
{
    case Imperial = 'imperial';
    case Metric = 'metric';
}
