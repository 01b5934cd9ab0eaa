<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** What a reading measures on a plane, looking up-slope. */
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
    /** Running dimension of a corner along the eave line, from the low left corner. */
    case Along = 'along';
    /** Running dimension of a corner square to the eave line. */
    case Up = 'up';
    /** Straight from one corner to another. */
    case Between = 'between';
    case Pitch = 'pitch';
    /** From the ground to the eave. */
    case WallHeight = 'wallHeight';

    /** Whether it says something about the plane's outline. */
    public function isLength(): bool
    {
        return $this !== self::Pitch && $this !== self::WallHeight;
    }

    /** Whether there is only one of it on a plane; the others are told apart by corners. */
    public function isSingle(): bool
    {
        return $this !== self::Along && $this !== self::Up && $this !== self::Between;
    }

    /** Where the longest reading governs, because a panel cut short is scrap; elsewhere the middle one does. */
    public function longestGoverns(): bool
    {
        return $this === self::EaveToRidge;
    }
}
