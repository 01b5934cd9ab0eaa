<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Ground\Units\Length;

/** What speaks for or against a layout: a code with parameters. Its words stand in the message catalogue under `reason.<code>`. */
final readonly class Reason
{
    /** @param  array<string, Length|float|int|string>  $parameters */
    public function __construct(public string $code, public bool $speaksFor, public array $parameters = [])
    {
    }
}
