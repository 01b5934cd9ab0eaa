<?php

declare(strict_types=1);

namespace App\Exports;

use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Plan;

/** The roof plan as a drawing in inches: a closed polyline a face, edges as lines on layers by kind, names with pitches. */
final class RoofDxf
{
    private const TEXT_HEIGHT = 8.0;

    public function write(Plan $plan): string
    {
        $pairs = [[0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, '1'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']];
        foreach ($plan->roof->faces as $face) {
            $region = $face->plan();
            foreach ($region?->loops() ?? [] as $number => $loop) {
                array_push($pairs, [0, 'POLYLINE'], [8, $number === 0 ? 'FACE' : 'HOLE'], [66, '1'], [70, '1']);
                foreach ($loop->corners as $corner) {
                    array_push($pairs, [0, 'VERTEX'], [8, $number === 0 ? 'FACE' : 'HOLE'], ...$this->at(10, $corner));
                }
                array_push($pairs, [0, 'SEQEND'], [8, 'FACE']);
            }
            if ($region !== null) {
                $name = preg_replace('/[\x00-\x1f]/', ' ', $face->name).' '.rtrim(rtrim(sprintf('%.4f', $face->pitch->riseIn12), '0'), '.').':12';
                array_push($pairs, [0, 'TEXT'], [8, 'NAME'], ...$this->at(10, $region->outline->insidePoint()), ...[[40, (string) self::TEXT_HEIGHT], [1, $name]]);
            }
        }
        foreach ($plan->roof->edges as $edge) {
            array_push($pairs, [0, 'LINE'], [8, strtoupper($edge->kind->value)], ...$this->at(10, $edge->from), ...$this->at(11, $edge->to));
        }
        array_push($pairs, [0, 'ENDSEC'], [0, 'EOF']);

        return implode('', array_map(static fn (array $p): string => $p[0]."\r\n".$p[1]."\r\n", $pairs));
    }

    /** @return list<array{int, string}> */
    private function at(int $code, Point $point): array
    {
        return [[$code, sprintf('%.6f', $point->u)], [$code + 10, sprintf('%.6f', $point->v)], [$code + 20, '0.0']];
    }
}
