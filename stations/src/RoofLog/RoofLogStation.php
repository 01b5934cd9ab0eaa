<?php

declare(strict_types=1);

namespace Imbrex\Stations\RoofLog;

use Imbrex\Core\Facts\FactLog;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Stations\Station;

/** What happened, held against what is planned. */
final class RoofLogStation extends Station
{
    public function key(): string
    {
        return 'roof-log';
    }

    public function stage(): string
    {
        return 'roof-log';
    }

    public function happened(FactLog $log): PiecesCut
    {
        return PiecesCut::of($log);
    }
}
