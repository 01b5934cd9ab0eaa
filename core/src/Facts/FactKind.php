<?php

declare(strict_types=1);

namespace Imbrex\Core\Facts;

/** What can have happened. */
enum FactKind: string
{
    /** A piece was cut. */
    case Cut = 'cut';

    /** A mark was taped on the roof. */
    case Taped = 'taped';

    /** A piece stands where it belongs. */
    case Set = 'set';

    /** Something ordered has come. */
    case Delivered = 'delivered';

    /** A step of the work is done. */
    case Done = 'done';

    /** A fact told before was told wrong, or never was. */
    case Corrected = 'corrected';
}
