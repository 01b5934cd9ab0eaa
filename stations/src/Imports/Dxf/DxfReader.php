<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Understood;

/** Reads the entities of an ASCII DXF file that can be roof: polylines, lines, texts and circles, also where blocks of them are placed. The rest is counted. */
final class DxfReader
{
    private const MOST_BYTES = 4_000_000;

    /** Corners, lines, texts and circles that are kept; what is left out costs nothing. */
    private const MOST_USED = 20_000;

    /** Inches of a unit by $INSUNITS; 0 and what is not here is unclear. */
    private const UNITS = [1 => 'in', 2 => 'ft', 4 => 'mm', 5 => 'cm', 6 => 'm'];

    private const FLAT = 1e-6;

    private DxfDrawing $drawing;

    private DxfBlocks $blocks;

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
        $this->blocks = new DxfBlocks;
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
                $count++;

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
        if (str_contains(substr($text, 0, 1000), "\0")) {
            throw $this->fault('dxf-binary', 'a binary file');
        }
        $code = null;
        foreach ($this->lines($text) as $number => $line) {
            if ($code === null) {
                $code = $line;

                continue;
            }
            if ($code !== '' || $line !== '') {
                if (preg_match('/^-?\d{1,4}$/', $code) !== 1) {
                    throw $this->fault('dxf-code', "line $number: ".Understood::inWords(mb_convert_encoding(substr($code, 0, 60), 'UTF-8', 'UTF-8')));
                }
                yield [(int) $code, $line];
            }
            $code = null;
        }
    }

    /**
     * One after the other: a drawing has a million of them, and most are not kept.
     *
     * @return iterable<int, string> by the number of those before it
     */
    private function lines(string $text): iterable
    {
        $ends = str_contains($text, "\n") ? "\n" : "\r";
        [$number, $at, $whole] = [0, 0, strlen($text)];
        while ($at < $whole) {
            $end = strpos($text, $ends, $at);
            $end = $end === false ? $whole : $end;
            yield $number++ => trim(substr($text, $at, $end - $at));
            $at = $end + 1;
        }
    }

    private function finish(?DxfEntity $entity, ?string $section): void
    {
        if ($entity?->type === 'LAYER' && $section === 'TABLES' && ($entity->frozen || $entity->off)) {
            $this->hidden[$entity->name] = true;
        }
        if ($entity === null || ($section !== 'ENTITIES' && $section !== 'BLOCKS')) {
            return;
        }
        match (true) {
            $entity->type === 'BLOCK' => $this->blocks->begin($entity),
            $entity->type === 'ENDBLK' => $this->blocks->end(),
            $entity->type === 'VERTEX' && $this->polyline !== null => $this->corner($entity),
            $entity->type === 'SEQEND' => $this->close($section),
            $entity->type === 'POLYLINE' => $this->open($entity),
            in_array($entity->type, ['SECTION', 'ENDSEC', 'EOF'], true) => null,
            default => $this->keep($entity, $section),
        };
    }

    private function open(DxfEntity $polyline): void
    {
        $polyline->points = [];
        $this->polyline = $polyline;
    }

    private function corner(DxfEntity $vertex): void
    {
        if ($this->polyline !== null) {
            array_push($this->polyline->points, ...array_slice($vertex->points, 0, 1));
            $this->polyline->curved = $this->polyline->curved || $vertex->curved;
        }
    }

    /** The end of a polyline's corners, or of a block's words. */
    private function close(string $section): void
    {
        if ($this->polyline !== null) {
            $this->keep($this->polyline, $section);
            $this->polyline = null;
        }
    }

    private function keep(DxfEntity $entity, string $section): void
    {
        if ($section === 'BLOCKS') {
            $this->blocks->add($entity);
        } elseif ($entity->type === 'INSERT' && ! $this->isHidden($entity)) {
            foreach ($this->blocks->shown($entity) as $part) {
                $this->add($part);
            }
        } else {
            $this->add($entity);
        }
    }

    private function isHidden(DxfEntity $entity): bool
    {
        return $entity->invisible || isset($this->hidden[$entity->layer]);
    }

    /** What nobody sees in the drawing is no roof. */
    private function add(DxfEntity $entity): void
    {
        $why = match (true) {
            $entity->onPaper => 'paper',
            $this->isHidden($entity) => 'hidden',
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
        if ($this->drawing->used() > self::MOST_USED) {
            throw $this->fault('items', 'over '.self::MOST_USED.' corners, lines and texts', ['least' => 1, 'most' => self::MOST_USED]);
        }
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $code, string $understood, array $accepted = []): DocumentFault
    {
        return DocumentFault::of([new Fault('file', $code, $understood, $accepted)]);
    }
}
