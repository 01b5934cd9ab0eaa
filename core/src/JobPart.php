<?php

declare(strict_types=1);

namespace Imbrex\Core;

/** What a job says to one stage. Every part can be made without arguments: a job that says nothing. */
interface JobPart
{
}
