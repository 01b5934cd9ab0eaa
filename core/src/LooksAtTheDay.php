<?php

declare(strict_types=1);

namespace Imbrex\Core;

/** A stage whose result is another on another day: it reads the circumstances. What follows it may, too. */
interface LooksAtTheDay
{
}
