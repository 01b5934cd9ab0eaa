<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

/** A mark to snap, as a running distance from the control line: inches, negative to its left. */
final readonly class RunningMark
{
    /** @param  bool  $check a seam to check the run by while laying (house rule: every so many panels) */
    public function __construct(public float $distance, public RunningMarkKind $kind, public bool $check)
    {
    }
}
