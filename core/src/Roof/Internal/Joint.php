<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

/** Two faces joined along a side of each. */
final readonly class Joint
{
    public function __construct(public string $face, public int $side, public string $other, public int $itsSide)
    {
    }

    public function turned(): self
    {
        return new self($this->other, $this->itsSide, $this->face, $this->side);
    }
}
