<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** So much of one thing that a roof takes besides panels and trims. */
final readonly class Supply
{
    /** @param  float  $amount  inches of what comes by the foot, square feet of boards and flat metal; how many of the rest */
    public function __construct(public Item $item, public float $amount)
    {
    }

    /** Whole packs, as they are bought. */
    public function packs(): int
    {
        return (int) ceil($this->amount / Packs::of($this->item) - 1e-9);
    }

    public function isByFoot(): bool
    {
        return in_array($this->item->kind, [SupplyKind::Tape, SupplyKind::Sealant, SupplyKind::Foam, SupplyKind::Vent, SupplyKind::Rail, SupplyKind::SlipSheet], true);
    }
}
