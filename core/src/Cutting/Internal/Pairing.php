<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\Pair;

/** Which panels come out of one sheet, and what that saves. */
final readonly class Pairing
{
    /** @var array<string, Pair> */
    private array $byPanel;

    /**
     * @param  list<Pair>  $pairs
     * @param  float  $bound  inches no pairing of these panels can save more than
     */
    public function __construct(public array $pairs, public float $bound)
    {
        $byPanel = [];
        foreach ($pairs as $pair) {
            $byPanel[$pair->lower] = $byPanel[$pair->upper] = $pair;
        }
        $this->byPanel = $byPanel;
    }

    public static function none(): self
    {
        return new self([], 0.0);
    }

    public function of(string $panel): ?Pair
    {
        return $this->byPanel[$panel] ?? null;
    }

    /** Inches of order length. */
    public function saved(): float
    {
        return array_sum(array_map(static fn (Pair $p): float => $p->saved, $this->pairs));
    }
}
