<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads of a document what first fits needed, and what has been cut. */
final readonly class CuttingReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): CuttingInput
    {
        return new CuttingInput($this->corrections());
    }

    /** @return list<Correction> */
    private function corrections(): array
    {
        $all = $this->reading->document->cutting->corrections ?? [];
        $this->reading->once($all, 'cutting.corrections');

        return array_map(static fn (stdClass $fit): Correction => new Correction(
            id: (string) $fit->id,
            face: (string) $fit->face,
            edge: (string) $fit->edge,
            trial: (string) $fit->panel,
            longSide: $fit->side === 'long',
            uphill: (float) $fit->amount * ($fit->toward === 'downhill' ? -1.0 : 1.0),
            before: array_values(array_map(strval(...), $fit->before ?? [])),
        ), array_values($all));
    }
}
