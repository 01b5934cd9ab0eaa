<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Snow;

/** What lies below a row of guards. */
enum GuardFor: string
{
    case Door = 'door';
    case Walk = 'walk';
    case LowerRoof = 'lower-roof';
    case Valley = 'valley';
}
