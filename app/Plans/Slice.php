<?php

declare(strict_types=1);

namespace App\Plans;

/** One station's part of a plan, as JSON, with the tag it is cached by. */
final readonly class Slice
{
    public function __construct(public string $json, public string $tag)
    {
    }
}
