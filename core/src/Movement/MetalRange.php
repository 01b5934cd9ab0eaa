<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Ground\Catalogue\Colour;
use Imbrex\Core\Ground\Catalogue\Covering;

/** Between which temperatures the metal of a roof moves, °F: the design cold, and the hottest air with what its colour adds. */
final readonly class MetalRange
{
    private const WHITE = [Colour::White, Colour::Sand, Colour::Bare];

    private const DARK = [Colour::Charcoal, Colour::Black, Colour::Brown];

    public function __construct(public float $coldF, public float $hotF)
    {
    }

    public static function of(Covering $covering, MovementInput $input): self
    {
        $rules = $covering->rules;
        $gain = $input->gainF ?? $rules->number(match (true) {
            // Where nobody has said the colour, the one that gets hottest.
            $covering->colour === null, in_array($covering->colour, self::DARK, true) => 'move.dark',
            in_array($covering->colour, self::WHITE, true) => 'move.white',
            default => 'move.mid',
        });

        return new self($input->coldF ?? $rules->number('move.cold'), ($input->hotAirF ?? $rules->number('move.hotAir')) + $gain);
    }

    public function span(): float
    {
        return $this->hotF - $this->coldF;
    }
}
