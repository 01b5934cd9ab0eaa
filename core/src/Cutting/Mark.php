<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/**
 * One pencil mark. Along an edge the tape is hooked at B, the eave end; across the sheet it is hooked at the kept
 * leg. Running distances from that one zero, in inches.
 */
final readonly class Mark
{
    /** @param  string  $name which mark it is: its words stand in the message catalogue under `mark.<name>` */
    public function __construct(
        public string $name,
        public MarkKind $kind,
        public MarkLine $line,
        public float $distance,
    ) {
    }
}
