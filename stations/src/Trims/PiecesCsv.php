<?php

declare(strict_types=1);

namespace Imbrex\Stations\Trims;

use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Edges\EdgeNames;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\CsvUnits;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** Every piece of trim and the stick it is cut from, as CSV. Columns are described in docs/formats. */
final readonly class PiecesCsv
{
    private const COLUMNS = ['piece', 'trim', 'edge', 'length_in', 'length', 'lap_low_in', 'lap_high_in', 'marks_in', 'stick', 'stock_in', 'girth_in', 'bends_deg', 'metal', 'plan'];

    public function __construct(private EdgeNames $names, private Words $words)
    {
    }

    public function write(Edition $edition): string
    {
        $plan = $edition->plan();
        $made = $plan->of(TrimsStage::class);
        $names = $this->names->of($plan->of(RoofStage::class)->roof);
        $tape = Wire::tape($plan);
        $edges = [];
        foreach ($made->runs as $run) {
            $edges += array_fill_keys(array_column($run->pieces, 'id'), $run->edge->id);
        }
        foreach ($made->closures as $closure) {
            $edges["$closure->edge.zee"] = $closure->edge;
        }
        $rows = [];
        $number = 0;
        foreach ($made->lots as $lot) {
            foreach ($lot->sticks as $stick) {
                $number++;
                foreach ($stick->pieces as $piece) {
                    $edge = $edges[$piece->id] ?? $edges[substr($piece->id, 0, (int) strrpos($piece->id, '.'))] ?? '';
                    $rows[] = [
                        $piece->id, $this->words->say("trim.{$lot->shape->key}"), $names[$edge] ?? $edge, round($piece->length, 4), $tape->print($piece->length), $piece->lapLow, $piece->lapHigh,
                        implode(' ', array_map(static fn (float $at): string => (string) round($at, 4), $piece->marks())), $number, $stick->stock, $lot->girth, implode(' ', array_map(static fn (float $bend): string => (string) round($bend, 2), $lot->bends)), $lot->metal, $edition->revision,
                    ];
                }
            }
        }

        return CsvUnits::write(self::COLUMNS, $rows, $plan->job->units);
    }
}
