<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Closure;

/** Where results of stages are kept from one plan to the next: whoever works plans again and again brings such a place. */
interface Results
{
    /**
     * @param  string  $key  of everything the result follows from
     * @param  Closure(): StageResult  $work  where it is not kept
     */
    public function of(string $key, Closure $work): StageResult;
}
