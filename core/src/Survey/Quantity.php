<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** What a reading measures on a four-sided plane, looking up-slope. */
enum Quantity: string
{
    case Eave = 'eave';
    case Ridge = 'ridge';
    case LeftRake = 'leftRake';
    case RightRake = 'rightRake';
    case EaveToRidge = 'eaveToRidge';
    /** From the low left corner to the high right one. */
    case DiagonalRight = 'diagonalRight';
    /** From the low right corner to the high left one. */
    case DiagonalLeft = 'diagonalLeft';
    case Pitch = 'pitch';

    public function isLength(): bool
    {
        return $this !== self::Pitch;
    }

    /** Where the longest reading governs, because a panel cut short is scrap; elsewhere the middle one does. */
    public function longestGoverns(): bool
    {
        return $this === self::EaveToRidge;
    }
}
