<?php

declare(strict_types=1);

namespace App\Exports;

use Imbrex\Core\Geometry\Point;

/** Writes an ASCII DXF drawing (R12) in inches. */
final class DxfWriter
{
    /** @var list<array{int, string}> group codes with their values */
    private array $pairs = [[0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, '1'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']];

    /** @param  list<Point>  $corners */
    public function outline(string $layer, array $corners): void
    {
        array_push($this->pairs, [0, 'POLYLINE'], [8, $layer], [66, '1'], [70, '1']);
        foreach ($corners as $corner) {
            array_push($this->pairs, [0, 'VERTEX'], [8, $layer], ...$this->at(10, $corner));
        }
        array_push($this->pairs, [0, 'SEQEND'], [8, $layer]);
    }

    public function line(string $layer, Point $from, Point $to): void
    {
        array_push($this->pairs, [0, 'LINE'], [8, $layer], ...$this->at(10, $from), ...$this->at(11, $to));
    }

    public function words(string $layer, Point $at, float $height, string $words): void
    {
        // A line break would end the value and begin a group code.
        $plain = (string) preg_replace('/[\x00-\x1f]/', ' ', $words);
        array_push($this->pairs, [0, 'TEXT'], [8, $layer], ...$this->at(10, $at), ...[[40, (string) $height], [1, $plain]]);
    }

    public function text(): string
    {
        $pairs = [...$this->pairs, [0, 'ENDSEC'], [0, 'EOF']];

        return implode('', array_map(static fn (array $p): string => $p[0]."\r\n".$p[1]."\r\n", $pairs));
    }

    /** @return list<array{int, string}> */
    private function at(int $code, Point $point): array
    {
        return [[$code, sprintf('%.6f', $point->u)], [$code + 10, sprintf('%.6f', $point->v)], [$code + 20, '0.0']];
    }
}
