<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

/** One ordered sheet and what is to be cut of it now. */
final readonly class SheetCheck
{
    /**
     * @param  list<string>  $pieces  ids of what is not yet cut; none where the plan has no use for it any more
     * @param  float  $length  ordered, inches
     * @param  float  $need  what its pieces take, blanks and kerf, inches
     * @param  bool  $parted  its two pieces no longer come out of one sheet
     * @param  SheetCheck|null  $swap  the sheet it may change with, so that both serve
     */
    public function __construct(public array $pieces, public float $length, public float $need, public bool $parted = false, public ?self $swap = null)
    {
    }

    /** Inches it is too short by; negative where it is long enough. */
    public function by(): float
    {
        return $this->need - $this->length;
    }

    public function swappedWith(self $other): self
    {
        return new self($this->pieces, $this->length, $this->need, $this->parted, $other);
    }
}
