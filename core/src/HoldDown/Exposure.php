<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** What lies before a house, as the planning estimate asks. */
enum Exposure: string
{
    case Suburban = 'suburban';
    case Open = 'open';
    case Shore = 'shore';
}
