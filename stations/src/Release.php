<?php

declare(strict_types=1);

namespace Imbrex\Stations;

/** That an order was released: which of the job's orders, by whom, when. */
final readonly class Release
{
    /** @param  string  $at  ISO 8601, UTC */
    public function __construct(public int $number, public string $by, public string $at)
    {
    }

    /** As it stands on paper: to the minute, with its zone. */
    public function when(): string
    {
        return substr(strtr($this->at, 'T', ' '), 0, 16).' UTC';
    }
}
