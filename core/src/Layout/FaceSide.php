<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\EdgeAllowance;
use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** One side metal ends at: of the face's outline, of a hole in it, or of something that comes through it. Its number is the tag its metal carries. */
final readonly class FaceSide
{
    /**
     * @param  EdgeAllowance  $allowance  what its detail asks of the metal
     * @param  int  $loop  of the face (0 = outline); beyond the face's own an opening's
     * @param  int  $side  which side of the loop
     * @param  float  $fullHem  what is folded there by its detail, inches; the allowance's own is less where the quick habit is kept
     * @param  bool  $turnsPanUp  whether a pan that ends at it is turned up as a dam
     * @param  bool|null  $isBeside  whether a panel is ripped along it; null = as is usual for its kind
     */
    public function __construct(public EdgeKind $kind, public EdgeAllowance $allowance, public int $loop, public int $side, public float $fullHem = 0.0, public bool $turnsPanUp = false, private ?bool $isBeside = null)
    {
    }

    /** Whether a panel is ripped along it rather than ended. */
    public function isBeside(): bool
    {
        return $this->isBeside ?? $this->kind->runsUpSlope();
    }
}
