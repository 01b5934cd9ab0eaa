<?php

declare(strict_types=1);

namespace App\Imports\Dxf;

use App\Documents\DocumentFault;
use App\Documents\Fault;
use App\Documents\Understood;

/** Reads the entities of an ASCII DXF file that can be roof: polylines, lines and texts. The rest is counted. */
final class DxfReader
{
    private const MOST_BYTES = 4_000_000;

    private const MOST_ENTITIES = 20_000;

    /** Inches of a unit by $INSUNITS; 0 and what is not here is unclear. */
    private const UNITS = [1 => 'in', 2 => 'ft', 4 => 'mm', 5 => 'cm', 6 => 'm'];

    /** @throws DocumentFault when the text is no drawing */
    public function read(string $text): DxfDrawing
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw $this->fault('too-large', strlen($text).' bytes', ['most' => self::MOST_BYTES]);
        }
        $drawing = new DxfDrawing;
        $section = '';
        $entity = null;
        $polyline = null;
        $count = 0;
        foreach ($this->pairs($text) as [$code, $value]) {
            if ($code === 0) {
                $this->finish($drawing, $entity, $polyline, $section);
                $entity = new DxfEntity(strtoupper($value));
                if ($entity->type === 'ENDSEC') {
                    $section = '';
                }
                if (++$count > self::MOST_ENTITIES) {
                    throw $this->fault('items', "over $count entities", ['least' => 1, 'most' => self::MOST_ENTITIES]);
                }

                continue;
            }
            if ($entity?->type === 'SECTION' && $code === 2) {
                $section = strtoupper($value);
            }
            $entity?->take($code, $value);
            if ($section === 'HEADER' && $entity?->variable === '$INSUNITS' && $code === 70) {
                $drawing->unit = self::UNITS[(int) $value] ?? null;
            }
        }
        $this->finish($drawing, $entity, $polyline, $section);
        if ($count === 0) {
            throw $this->fault('dxf', Understood::inWords(mb_convert_encoding(substr($text, 0, 60), 'UTF-8', 'UTF-8')));
        }

        return $drawing;
    }

    /**
     * Group codes with their values, line by line.
     *
     * @return iterable<array{int, string}>
     */
    private function pairs(string $text): iterable
    {
        $lines = preg_split('/\r\n|\n|\r/', $text) ?: [];
        if (str_contains(substr($text, 0, 1000), "\0")) {
            throw $this->fault('dxf-binary', 'a binary file');
        }
        for ($i = 0; $i + 1 < count($lines); $i += 2) {
            $code = trim($lines[$i]);
            if ($code === '' && trim($lines[$i + 1]) === '') {
                continue;
            }
            if (preg_match('/^-?\d{1,4}$/', $code) !== 1) {
                throw $this->fault('dxf-code', 'line '.($i + 1).': '.Understood::inWords(mb_convert_encoding(substr($code, 0, 60), 'UTF-8', 'UTF-8')));
            }
            yield [(int) $code, mb_convert_encoding(trim($lines[$i + 1]), 'UTF-8', 'UTF-8')];
        }
    }

    private function finish(DxfDrawing $drawing, ?DxfEntity $entity, ?DxfEntity &$polyline, string $section): void
    {
        if ($entity === null || $section !== 'ENTITIES') {
            return;
        }
        if ($entity->type === 'VERTEX' && $polyline !== null) {
            array_push($polyline->points, ...array_slice($entity->points, 0, 1));
            $polyline->curved = $polyline->curved || $entity->curved;
        } elseif ($entity->type === 'SEQEND' && $polyline !== null) {
            $drawing->add($polyline);
            $polyline = null;
        } elseif ($entity->type === 'POLYLINE') {
            $entity->points = [];
            $polyline = $entity;
        } elseif (! in_array($entity->type, ['SECTION', 'ENDSEC', 'EOF'], true)) {
            $drawing->add($entity);
        }
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $code, string $understood, array $accepted = []): DocumentFault
    {
        return DocumentFault::of([new Fault('file', $code, $understood, $accepted)]);
    }
}
