<?php

declare(strict_types=1);

namespace Imbrex\Core;

/** What holds today and is not in the job. A plan with other circumstances is another plan. */
final readonly class Circumstances
{
    /** @param  float|null  $metalF  how warm the metal is now, °F; null where nobody has measured it */
    public function __construct(public ?float $metalF = null)
    {
    }

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
