<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/**
 * One pencil mark. Along an edge the tape is hooked at the card's own end (B, or T for a valley piece); across the sheet it is hooked at the kept
 * leg. Running distances from that one zero, in inches.
 */
final readonly class Mark
{
    /**
     * @param  string  $name  which mark it is: its words stand in the message catalogue under `mark.<name>`
     * @param  float|null  $x  inches from the sheet's left edge in this view, where the mark is not at an edge itself
     * @param  AcrossFrom|null  $from  what its place across the sheet is taken from; null where it is at an edge itself
     */
    public function __construct(
        public string $name,
        public MarkKind $kind,
        public MarkLine $line,
        public float $distance,
        public ?float $x = null,
        public ?AcrossFrom $from = null,
    ) {
    }

    /** Inches across the sheet from the edge its place is taken from; null where it is at an edge or a leg itself. */
    public function across(float $width): ?float
    {
        return match ($this->from) {
            AcrossFrom::Left => $this->x,
            AcrossFrom::Right => $this->x === null ? null : $width - $this->x,
            default => null,
        };
    }

    public function takenFrom(?AcrossFrom $from): self
    {
        return new self($this->name, $this->kind, $this->line, $this->distance, $this->x, $from);
    }
}
