<?php

declare(strict_types=1);

namespace App\Exports;

use App\Imports\ReadingsCsv;
use stdClass;

/** Every reading of a job as a table that can be read in again. */
final class ReadingsTable
{
    public function write(stdClass $document): string
    {
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fputcsv($stream, ReadingsCsv::COLUMNS, ',', '"', '');
        foreach ($document->roof->planes ?? [] as $plane) {
            foreach ($plane->readings ?? [] as $reading) {
                $this->row($stream, $plane->id, $reading, isset($reading->value) ? (float) $reading->value : (float) $reading->panels * (float) $reading->cover);
            }
        }
        foreach ($document->roof->checks ?? [] as $check) {
            $this->row($stream, $check->where, $check, (float) $check->value);
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @param  resource  $stream */
    private function row($stream, string $where, stdClass $reading, float $value): void
    {
        $inches = $reading->quantity === 'pitch' ? (string) json_encode($value) : json_encode($value).' in';
        fputcsv($stream, [$where, $reading->quantity, $inches, $reading->source, $reading->at ?? '', $reading->corner ?? '', $reading->to ?? '', $reading->time ?? ''], ',', '"', '');
    }
}
