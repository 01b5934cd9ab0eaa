<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** One thing that is bought besides panels and trims: what kind of thing, and which of it, by what tells it from others. */
final readonly class Item
{
    /**
     * @param  string  $name  a sealant's, a fastener's, a clip's or a layer's
     * @param  float  $high  of a tape, inches
     * @param  float  $wide  of a tape, inches
     * @param  int  $number  of a boot, by the pipes it fits
     */
    private function __construct(public SupplyKind $kind, public string $name = '', public float $high = 0.0, public float $wide = 0.0, public int $number = 0)
    {
    }

    public static function of(SupplyKind $kind, string $name): self
    {
        return new self($kind, $name);
    }

    /** @param  float  $high  inches, and so is the width */
    public static function tape(float $high, float $wide): self
    {
        return new self(SupplyKind::Tape, high: $high, wide: $wide);
    }

    public static function boot(int $number): self
    {
        return new self(SupplyKind::Boot, number: $number);
    }

    /** Which of its kind, in one word, as files name it. */
    public function key(): string
    {
        return match ($this->kind) {
            SupplyKind::Tape => "$this->high $this->wide",
            SupplyKind::Boot => (string) $this->number,
            default => $this->name,
        };
    }
}
