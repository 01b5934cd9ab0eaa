<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** One straight side of a face, from corner to corner, and what it ends at. */
final readonly class SideRun
{
    /**
     * @param  int|null  $other  number of the face it meets
     * @param  bool  $lands  on that face, which runs on beneath
     * @param  int|null  $wall  number of the block whose wall stands there; its fascia where `$isFascia`
     */
    public function __construct(
        public int $from,
        public int $to,
        public EdgeKind $kind,
        public ?int $other = null,
        public bool $lands = false,
        public ?int $wall = null,
        public bool $isFascia = false,
    ) {
    }

    public function endsLike(self $side): bool
    {
        return $this->kind === $side->kind && $this->other === $side->other && $this->lands === $side->lands
            && $this->wall === $side->wall && $this->isFascia === $side->isFascia;
    }

    public function extendedTo(int $corner): self
    {
        return new self(
            from: $this->from,
            to: $corner,
            kind: $this->kind,
            other: $this->other,
            lands: $this->lands,
            wall: $this->wall,
            isFascia: $this->isFascia,
        );
    }
}
