<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

use InvalidArgumentException;

final class NotInCatalogue extends InvalidArgumentException
{
    private function __construct(public readonly string $key)
    {
        parent::__construct($key);
    }

    public static function key(string $key): self
    {
        return new self($key);
    }
}
