<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** Adds up what is taken, each thing once. */
final class SupplySum
{
    /** @var array<string, Supply> in the order they were first taken */
    private array $taken = [];

    /** @param  list<Supply>  $supplies  of several stages */
    public static function together(array $supplies): self
    {
        $sum = new self;
        foreach ($supplies as $one) {
            $sum->take($one->item, $one->amount);
        }

        return $sum;
    }

    public function take(Item $item, float $amount): void
    {
        $which = "{$item->kind->value} {$item->key()}";
        $this->taken[$which] = new Supply($item, ($this->taken[$which]->amount ?? 0.0) + $amount);
    }

    /** @return list<Supply> what anything was taken of */
    public function all(): array
    {
        return array_values(array_filter($this->taken, static fn (Supply $one): bool => $one->amount > 0.0));
    }

    /** @return list<Supply> the same, kind by kind */
    public function byKind(): array
    {
        $places = array_flip(array_column(SupplyKind::cases(), 'value'));
        $all = $this->all();
        usort($all, static fn (Supply $a, Supply $b): int => [$places[$a->item->kind->value], $a->item->key()] <=> [$places[$b->item->kind->value], $b->item->key()]);

        return $all;
    }
}
