<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Rules;

use InvalidArgumentException;

/** A house rule that does not exist, or a value it cannot take. */
final class RuleFault extends InvalidArgumentException
{
    private function __construct(public readonly string $key, public readonly ?HouseRule $rule, public readonly float|string $value)
    {
        parent::__construct("$key: $value");
    }

    public static function unknown(string $key): self
    {
        return new self($key, null, '');
    }

    public static function outOfRange(HouseRule $rule, float|string $value): self
    {
        return new self($rule->key, $rule, $value);
    }
}
