<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** What several stages take of the same things, as one list. */
final class SuppliesTogether
{
    /**
     * @param  list<Supply>  $supplies
     * @return list<Supply> each thing once
     */
    public static function of(array $supplies): array
    {
        $together = [];
        foreach ($supplies as $one) {
            $was = $together["{$one->kind->value} $one->key"] ?? null;
            $together["{$one->kind->value} $one->key"] = $was === null ? $one : new Supply($one->kind, $one->key, $was->amount + $one->amount, $one->pack);
        }

        return array_values($together);
    }
}
