<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

/**
 * How one kind of junction is built: roof, fascia and walls round it unfolded into one sheet, and the pieces that meet
 * there in the order they go on, a later one over the earlier.
 */
final readonly class Junction
{
    /**
     * @param  list<Zone>  $zones  the first that has a place says how water runs there
     * @param  list<Piece>  $pieces
     */
    public function __construct(public JunctionKind $kind, public array $zones, public array $pieces)
    {
    }

    /** @param  list<string>  $order  keys of pieces */
    public function inOrder(array $order): self
    {
        $byKey = array_column($this->pieces, null, 'key');

        return new self($this->kind, $this->zones, array_values(array_filter(array_map(static fn (string $key): ?Piece => $byKey[$key] ?? null, $order))));
    }
}
