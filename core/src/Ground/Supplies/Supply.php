<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** So much of one thing that a roof takes besides panels and trims. */
final readonly class Supply
{
    /**
     * @param  string  $key  which of its kind: a sealant's or a fastener's, a layer's, a tape's size
     * @param  float  $amount  inches of what comes by the foot; how many of the rest
     * @param  float  $pack  of a roll, a tube, a piece or a box, in the same
     */
    public function __construct(public SupplyKind $kind, public string $key, public float $amount, public float $pack)
    {
    }

    /** Whole packs, as they are bought. */
    public function packs(): int
    {
        return (int) ceil($this->amount / $this->pack - 1e-9);
    }

    public function isByFoot(): bool
    {
        return ! in_array($this->kind, [SupplyKind::Fastener, SupplyKind::MetalClosure, SupplyKind::Clip, SupplyKind::Guard, SupplyKind::Boot, SupplyKind::Board, SupplyKind::Flat], true);
    }
}
