<?php

declare(strict_types=1);

namespace Imbrex\Stations\Openings;

use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;

/** Every opening on paper: its pieces in order, then a card for each that is cut. */
final readonly class OpeningsSheet
{
    public function __construct(private OpeningPages $pages, private PrintFoot $foot)
    {
    }

    public function pdf(Edition $edition): ?string
    {
        $sheet = Sheet::of($edition->plan());
        if ($edition->plan()->of(OpeningsStage::class)->openings === []) {
            return null;
        }
        $this->pages->pages($sheet, $edition->plan());
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }
}
