<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

/** Fills in a page that is written as HTML. */
interface Template
{
    /** @param  array<string, mixed>  $data */
    public function fill(string $name, array $data): string;
}
