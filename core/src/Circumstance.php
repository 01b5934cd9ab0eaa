<?php

declare(strict_types=1);

namespace Imbrex\Core;

/** One thing that holds today and is not in the job. Each can be made without arguments: nothing is known of it. */
interface Circumstance
{
}
