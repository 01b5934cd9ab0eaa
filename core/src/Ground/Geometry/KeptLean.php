<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/**
 * Of things a plan has ten thousands of: taken up again from where a plan is kept they are no larger than they were. As PHP
 * does it by itself each would carry a table of its properties besides.
 */
trait KeptLean
{
    /** @return array<mixed> */
    public function __serialize(): array
    {
        return get_object_vars($this);
    }

    /** @param  array<mixed>  $kept */
    public function __unserialize(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $this->{$name} = $value;
        }
    }
}
