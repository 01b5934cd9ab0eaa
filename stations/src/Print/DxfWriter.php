<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Imbrex\Core\Ground\Geometry\Point;

/** Writes a text DXF drawing (R12) in inches: its layers in a table, its words in the code page it names. */
final class DxfWriter
{
    private const CODE_PAGE = 'ANSI_1252';

    /** A colour a layer, in the order they come: numbers the format has for them. */
    private const COLOURS = [7, 1, 5, 3, 6, 4, 2, 30, 140, 200, 94, 14, 54, 174];

    /** Group codes of the entities with their values: a drawing has hundreds of thousands, so they are written at once. */
    private string $entities = '';

    /** @var array<int|string, true> */
    private array $layers = ['0' => true];

    /** @param  list<Point>  $corners */
    public function outline(string $layer, array $corners): void
    {
        $this->layers[$layer] = true;
        $this->put([0, 'POLYLINE'], [8, $layer], [66, '1'], [70, '1']);
        foreach ($corners as $corner) {
            $this->put([0, 'VERTEX'], [8, $layer], ...$this->at(10, $corner));
        }
        $this->put([0, 'SEQEND'], [8, $layer]);
    }

    public function line(string $layer, Point $from, Point $to): void
    {
        $this->layers[$layer] = true;
        $this->put([0, 'LINE'], [8, $layer], ...$this->at(10, $from), ...$this->at(11, $to));
    }

    public function circle(string $layer, Point $centre, float $radius): void
    {
        $this->layers[$layer] = true;
        $this->put([0, 'CIRCLE'], [8, $layer], ...$this->at(10, $centre), ...[[40, sprintf('%.6f', $radius)]]);
    }

    public function words(string $layer, Point $at, float $height, string $words): void
    {
        $this->layers[$layer] = true;
        $this->put([0, 'TEXT'], [8, $layer], ...$this->at(10, $at), ...[[40, (string) $height], [1, self::inCodePage($words)]]);
    }

    public function text(): string
    {
        $layers = array_map(strval(...), array_keys($this->layers));
        $before = self::pairs(
            [0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$DWGCODEPAGE'], [3, self::CODE_PAGE], [9, '$INSUNITS'], [70, '1'], [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'TABLES'],
            [0, 'TABLE'], [2, 'LTYPE'], [70, '1'], [0, 'LTYPE'], [2, 'CONTINUOUS'], [70, '0'], [3, 'Solid line'], [72, '65'], [73, '0'], [40, '0.0'], [0, 'ENDTAB'],
            [0, 'TABLE'], [2, 'LAYER'], [70, (string) count($layers)],
            ...array_merge(...array_map(static fn (string $layer, int $i): array => [[0, 'LAYER'], [2, $layer], [70, '0'], [62, (string) self::COLOURS[$i % count(self::COLOURS)]], [6, 'CONTINUOUS']], $layers, array_keys($layers))),
            ...[[0, 'ENDTAB'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']],
        );

        return $before.$this->entities.self::pairs([0, 'ENDSEC'], [0, 'EOF']);
    }

    /** @param  array{int, string}  ...$pairs */
    private function put(array ...$pairs): void
    {
        $this->entities .= self::pairs(...$pairs);
    }

    /** @param  array{int, string}  ...$pairs */
    private static function pairs(array ...$pairs): string
    {
        return implode('', array_map(static fn (array $p): string => $p[0]."\r\n".$p[1]."\r\n", $pairs));
    }

    /** A letter the code page lacks is written by its number. */
    private static function inCodePage(string $words): string
    {
        $text = '';
        // A line break would end the value and begin a group code.
        foreach (mb_str_split((string) preg_replace('/[\x00-\x1f]/', ' ', $words)) as $letter) {
            $known = mb_convert_encoding($letter, 'Windows-1252', 'UTF-8');
            $text .= mb_convert_encoding($known, 'UTF-8', 'Windows-1252') === $letter ? $known : sprintf('\\U+%04X', mb_ord($letter));
        }

        return $text;
    }

    /** @return list<array{int, string}> */
    private function at(int $code, Point $point): array
    {
        return [[$code, sprintf('%.6f', $point->u)], [$code + 10, sprintf('%.6f', $point->v)], [$code + 20, '0.0']];
    }
}
