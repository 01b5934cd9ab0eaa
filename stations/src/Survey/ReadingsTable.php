<?php

declare(strict_types=1);

namespace Imbrex\Stations\Survey;

use Imbrex\Stations\Documents\ReadingValue;
use Imbrex\Stations\Imports\ReadingsCsv;
use Imbrex\Stations\Print\Csv;
use stdClass;

/** Every reading of a job as a table that can be read in again. */
final class ReadingsTable
{
    public function write(stdClass $document): string
    {
        $rows = [];
        foreach ($document->roof->planes ?? [] as $plane) {
            foreach ($plane->readings ?? [] as $reading) {
                $rows[] = $this->row($plane->id, $reading, (float) ReadingValue::of($reading));
            }
        }
        foreach ($document->roof->checks ?? [] as $check) {
            $rows[] = $this->row($check->where, $check, (float) $check->value);
        }

        return Csv::write(ReadingsCsv::COLUMNS, $rows);
    }

    /** @return list<string|int> */
    private function row(string $where, stdClass $reading, float $value): array
    {
        $inches = $reading->quantity === 'pitch' ? json_encode($value).' in 12' : json_encode($value).' in';

        return [$where, $reading->quantity, $inches, $reading->source, $reading->at ?? '', $reading->corner ?? '', $reading->to ?? '', $reading->time ?? '', $reading->low ?? ''];
    }
}
