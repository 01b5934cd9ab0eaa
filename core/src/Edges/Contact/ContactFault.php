<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Contact;

/** Two things that eat each other where they meet. */
final readonly class ContactFault
{
    /**
     * @param  string  $kind  `run-off`, `touch`, `rivet`, `nail`, `screw`, `timber`, `mortar`
     * @param  string  $piece  key of the layer that drains, lies over or is held
     * @param  string|null  $other  key of the layer it drains onto or touches
     * @param  string  $metal  of the first; of a fastener its own
     * @param  string|null  $otherMetal  of the second; of what a fastener holds
     */
    public function __construct(public string $kind, public string $piece, public ?string $other, public string $metal, public ?string $otherMetal)
    {
    }

    public function name(): string
    {
        return "$this->kind $this->piece $this->other $this->metal $this->otherMetal";
    }
}
