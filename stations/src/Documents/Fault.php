<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

/** One thing wrong with a job document: the field, what was understood there, what would be accepted. */
final readonly class Fault
{
    /** @param  array<string, string|int|float>  $accepted parameters of the message `fault.<code>` */
    public function __construct(
        public string $field,
        public string $code,
        public string $understood,
        public array $accepted = [],
    ) {
    }
}
