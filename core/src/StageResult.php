<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Findings\Finding;

/** What a stage came to. */
interface StageResult
{
    /** @return list<Finding> */
    public function findings(): array;
}
