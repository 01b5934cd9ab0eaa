<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Catalogue\Covering;

/** A result that is asked later what the house rules make of it: by those of whoever asks, not by what held when it was worked. */
interface AskedByRules extends StageResult
{
    public function under(Covering $covering): static;
}
