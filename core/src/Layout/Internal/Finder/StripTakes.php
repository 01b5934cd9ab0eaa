<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

/** What one strip takes by where its left module line lies. */
interface StripTakes
{
    /** @param  float  $u  of its left module line, inches */
    public function at(float $u): Taken;
}
