<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\LineCheck;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * Puts the triangle a line is checked by into its wire shape, with what it tells in words.
 *
 * @phpstan-type LineTriangleShape array{
 *     at: float,
 *     toward: 'left'|'right',
 *     along: float,
 *     up: float,
 *     // What the tape has to read across.
 *     must: float,
 * }
 * @phpstan-type CheckedLineShape array{
 *     at: float,
 *     toward: 'left'|'right',
 *     along: float,
 *     up: float,
 *     // What the tape has to read across.
 *     must: float,
 *     read: float|null,
 *     // What was read tells; null while nothing was.
 *     said: array{state: 'straight'|'leans', text: string}|null,
 *     // What lies at the line now.
 *     as: 'seam'|'pan',
 * }
 */
final readonly class LineCheckWriter
{
    /** Nearer to straight (in at its far end) than a chalk line is wide. */
    private const STRAIGHT = 1.0 / 16.0;

    public function __construct(private Words $words)
    {
    }

    /** @return array{check: CheckedLineShape|null, triangles: list<LineTriangleShape>} */
    public function lines(Plan $plan, Face $face): array
    {
        $check = $plan->job->part(LayoutInput::class)->checks[$face->id] ?? null;
        $tape = Wire::tape($plan);

        return [
            'check' => $check === null ? null : [...self::triangle($check), 'read' => $check->read, 'as' => self::asSeam($plan, $face, $check) ? 'seam' : 'pan', 'said' => $check->read === null ? null : $this->said($check, LineCheck::over($face, $check->at), $tape)],
            'triangles' => array_map(self::triangle(...), LineCheck::largest($face, $plan->of(LayoutStage::class)->layouts[$face->id]->control)),
        ];
    }

    /** @return LineTriangleShape */
    private static function triangle(LineCheck $check): array
    {
        return ['at' => $check->at, 'toward' => $check->toRight ? 'right' : 'left', 'along' => $check->along, 'up' => $check->up, 'must' => $check->must()];
    }

    /** Whether a seam lies at the line now, rather than the middle of a pan. */
    private static function asSeam(Plan $plan, Face $face, LineCheck $check): bool
    {
        $off = array_map(static fn (float $seam): float => abs($seam - $check->at), $plan->of(LayoutStage::class)->layouts[$face->id]->seams);

        return $off === [] || min($off) < $plan->job->covering->profile->cover / 4.0;
    }

    /** @return array{state: 'straight'|'leans', text: string} string, text: string} */
    private function said(LineCheck $check, float $over, TapePrinter $tape): array
    {
        $out = (float) $check->runOut($over);
        $straight = abs($out) <= self::STRAIGHT;

        return ['state' => $straight ? 'straight' : 'leans', 'text' => $straight
            ? $this->words->say('line.straight', ['read' => $tape->print((float) $check->read), 'over' => $tape->print($over)])
            : $this->words->say('line.leans', [
                'read' => $tape->print((float) $check->read),
                'foot' => $tape->print(abs((float) $check->runOut(12.0))), 'out' => $tape->print(abs($out)), 'over' => $tape->print($over),
                'side' => $out > 0.0 ? 'right' : 'left', 'way' => $out > 0.0 ? 'left' : 'right',
            ])];
    }
}
