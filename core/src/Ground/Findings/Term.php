<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Findings;

/** A thing of the trade a finding speaks of, by the code of its name. */
final readonly class Term
{
    public function __construct(public string $code)
    {
    }
}
