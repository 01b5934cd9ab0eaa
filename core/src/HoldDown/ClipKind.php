<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** A clip a seam is held by. */
final readonly class ClipKind
{
    /**
     * @param  float  $height  of the panel above the deck, inches
     * @param  float  $travel  how far a panel slides in it, inches
     * @param  string  $screw  key of its screws
     * @param  bool  $wantsSlipSheet  under panels that lie on the deck
     * @param  int|null  $screws  it always takes; null where two or three do
     */
    public function __construct(public string $key, public float $height, public float $travel, public string $screw, public bool $wantsSlipSheet, public ?int $screws = null)
    {
    }
}
