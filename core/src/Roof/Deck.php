<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** The deck of one face. */
final readonly class Deck
{
    /** @param  float|null  $spacing  of battens or purlins, or the exposure of old shingle courses, inches up the slope; null where it is not known, or where there is none */
    public function __construct(public DeckKind $kind, public ?float $spacing = null)
    {
    }
}
