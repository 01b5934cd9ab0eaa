<?php

declare(strict_types=1);

namespace Imbrex\Core;

use LogicException;

/** A stage looked at something it does not say it looks at: what is kept of it would outlive a change of that. */
final class Undeclared extends LogicException
{
    public static function stage(string $by, string $other): self
    {
        return new self("$by uses what $other came to, and does not say so in needs().");
    }

    public static function part(string $by, string $part): self
    {
        return new self("$by looks at $part, and does not say so in reads().");
    }

    public static function rule(string $key): self
    {
        return new self("A stage goes by the house rule $key, which is neither its own nor that of a stage it needs.");
    }
}
