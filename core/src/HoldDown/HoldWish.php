<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** How a face, or a whole job, is held otherwise than the house holds it; null = as usual. */
final readonly class HoldWish
{
    /**
     * @param  float|null  $spacing  most between two where one spacing is the school's, inches
     * @param  string|null  $clip  key of its kind
     * @param  int|null  $screws  a clip
     * @param  PurlinLines|null  $purlins  a face's own
     */
    public function __construct(public ?ClipSchool $school = null, public ?float $spacing = null, public ?string $clip = null, public ?int $screws = null, public ?PurlinLines $purlins = null)
    {
    }

    /** What is not said here is as it is there. */
    public function over(self $other): self
    {
        return new self($this->school ?? $other->school, $this->spacing ?? $other->spacing, $this->clip ?? $other->clip, $this->screws ?? $other->screws, $this->purlins);
    }
}
