<?php

declare(strict_types=1);

namespace Imbrex\Core;

/** What holds today and is not in the job: nothing yet. A plan with other circumstances is another plan. */
final readonly class Circumstances
{
    /** Tells what is kept for them from what is kept for others. */
    public function key(): string
    {
        return hash('xxh128', serialize($this));
    }

    public static function none(): self
    {
        return new self;
    }
}
