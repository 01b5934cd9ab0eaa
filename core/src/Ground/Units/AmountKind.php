<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** What an amount is told of: square feet, gallons, pounds of pull, rise in 12. */
enum AmountKind
{
    case Area;

    case Water;

    case Force;

    case Pitch;
}
