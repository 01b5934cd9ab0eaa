<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Layout\PieceCutter;

/** A strip of any face: its pieces are cut. */
final readonly class CutStrip implements StripTakes
{
    public function __construct(private PieceCutter $pieces)
    {
    }

    public function at(float $u): Taken
    {
        $inches = 0.0;
        $pieces = $this->pieces->pieces($u);
        foreach ($pieces as $piece) {
            $inches += $piece->sheet->outline->bounds()->height();
        }

        return new Taken(count($pieces), $inches);
    }
}
