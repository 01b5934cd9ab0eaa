<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** An edge of a trim folded back on itself. */
final readonly class TrimHem
{
    /** @param  bool  $isOpen  it takes a cleat or a zee; closed otherwise */
    public function __construct(public float $length, public bool $isOpen = false)
    {
    }
}
