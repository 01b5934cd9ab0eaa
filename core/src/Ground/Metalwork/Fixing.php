<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Imbrex\Core\Ground\Catalogue\Family;

/** What a build can hold: panels that hook one another, equal legs under a loose cap, or sheets screwed through. */
enum Fixing: string
{
    case Seam = 'seam';
    case Cap = 'cap';
    case Screwed = 'screwed';

    public static function of(Family $family): self
    {
        return match (true) {
            ! $family->isConcealed() => self::Screwed,
            $family->hasEqualLegs() => self::Cap,
            default => self::Seam,
        };
    }
}
