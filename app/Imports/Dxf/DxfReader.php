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

    private const FLAT = 1e-6;

    private DxfDrawing $drawing;

    private ?DxfEntity $polyline = null;

    /** @var array<string, true> names of layers that are frozen or switched off */
    private array $hidden = [];

    /** @throws DocumentFault when the text is no drawing, or breaks off */
    public function read(string $text): DxfDrawing
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw $this->fault('too-large', strlen($text).' bytes', ['most' => self::MOST_BYTES]);
        }
        $this->drawing = new DxfDrawing;
        $this->hidden = [];
        $this->polyline = null;
        $section = $entity = null;
        $count = 0;
        $ended = false;
        foreach ($this->pairs(DxfWords::decoded($text)) as [$code, $value]) {
            if ($code === 0) {
                $this->finish($entity, $section);
                $entity = new DxfEntity(strtoupper($value));
                $section = $entity->type === 'ENDSEC' ? null : $section;
                $ended = $ended || $entity->type === 'EOF';
                if (++$count > self::MOST_ENTITIES) {
                    throw $this->fault('items', "over $count entities", ['least' => 1, 'most' => self::MOST_ENTITIES]);
                }

                continue;
            }
            // Only the first name after it is the section's: variables of a header have names of their own.
            if ($entity?->type === 'SECTION' && $code === 2 && $section === null) {
                $section = strtoupper($value);
            }
            $entity?->take($code, $value);
            if ($section === 'HEADER' && $entity?->variable === '$INSUNITS' && $code === 70) {
                $this->drawing->unit = self::UNITS[(int) $value] ?? null;
            }
        }
        $this->finish($entity, $section);
        if ($count === 0) {
            throw $this->fault('dxf', Understood::inWords(mb_convert_encoding(substr($text, 0, 60), 'UTF-8', 'UTF-8')));
        }
        if (! $ended) {
            throw $this->fault('dxf-cut-off', "$count entities and no end");
        }

        return $this->drawing;
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
            yield [(int) $code, trim($lines[$i + 1])];
        }
    }

    private function finish(?DxfEntity $entity, ?string $section): void
    {
        if ($entity?->type === 'LAYER' && $section === 'TABLES' && ($entity->frozen || $entity->off)) {
            $this->hidden[$entity->name] = true;
        }
        if ($entity === null || $section !== 'ENTITIES') {
            return;
        }
        if ($entity->type === 'VERTEX' && $this->polyline !== null) {
            array_push($this->polyline->points, ...array_slice($entity->points, 0, 1));
            $this->polyline->curved = $this->polyline->curved || $entity->curved;
        } elseif ($entity->type === 'SEQEND' && $this->polyline !== null) {
            $this->add($this->polyline);
            $this->polyline = null;
        } elseif ($entity->type === 'POLYLINE') {
            $entity->points = [];
            $this->polyline = $entity;
        } elseif (! in_array($entity->type, ['SECTION', 'ENDSEC', 'EOF'], true)) {
            $this->add($entity);
        }
    }

    /** What nobody sees in the drawing is no roof. */
    private function add(DxfEntity $entity): void
    {
        $why = match (true) {
            $entity->onPaper => 'paper',
            $entity->invisible || isset($this->hidden[$entity->layer]) => 'hidden',
            abs(abs($entity->facing) - 1.0) > self::FLAT => 'tilted',
            default => null,
        };
        if ($why !== null) {
            $this->drawing->leave($why, $entity->layer);

            return;
        }
        $entity->turned();
        $entity->text = DxfWords::plain($entity->text, $entity->type === 'MTEXT');
        $this->drawing->add($entity);
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $code, string $understood, array $accepted = []): DocumentFault
    {
        return DocumentFault::of([new Fault('file', $code, $understood, $accepted)]);
    }
}
