<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** How the uphill side of an opening is built: trade practice, §9. */
enum UphillSchool: string
{
    /** A pan tucked under the panels above it. */
    case Apron = 'apron';
    /** A saddle of two small faces that part the water. */
    case Cricket = 'cricket';
    /** Panels laid sideways, up to the ridge. */
    case Cross = 'cross-panels';
}
