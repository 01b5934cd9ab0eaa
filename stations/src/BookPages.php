<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Plan;
use Imbrex\Stations\Print\Sheet;

/** Pages another station adds to the edge book. */
interface BookPages
{
    /** Draws them, each on a page of its own; none where there is nothing to show. */
    public function pages(Sheet $sheet, Plan $plan): void;
}
