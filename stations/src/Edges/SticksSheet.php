<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Plan;
use Imbrex\Core\Trims\Stick;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The stick map on paper: every kind of trim with its sticks drawn to one scale, and what is cut from each. */
final readonly class SticksSheet
{
    private const MARGIN = 36.0;

    private const BAR = 15.0;

    /** Room for a trim cut across. */
    private const SKETCH = 62.0;

    /** Room for how many there are of a stick, and for what is left of it. */
    private const SIDE = 34.0;

    public function __construct(private Sheet $sheet, private Words $words)
    {
    }

    public function draw(Plan $plan): void
    {
        $lots = $plan->of(TrimsStage::class)->lots;
        if ($lots === []) {
            return;
        }
        $this->sheet->page();
        $this->sheet->fitted(self::MARGIN, 56.0, $this->words->say('edges.view.sticks'), 22.0, 400.0, true);
        $longest = max(array_map(static fn (StickLot $lot): float => max(array_column($lot->sticks, 'stock') ?: [1.0]), $lots));
        $scale = ($this->sheet->width - 2 * self::MARGIN - self::SIDE) / $longest;
        $y = 84.0;
        foreach ($lots as $lot) {
            $run = $plan->of(TrimsStage::class)->ofKind($lot->kind)[0] ?? null;
            $rib = $plan->job->covering->profile->height;
            // Zees lie between the seams of pans and are no run of an edge.
            $y = $this->lot($lot, $run?->sketch($rib) ?? ShapeSketch::of($lot->shape, $rib, 0.0, 180.0), Wire::tape($plan), $scale, $y);
        }
    }

    private function lot(StickLot $lot, ShapeSketch $sketch, TapePrinter $tape, float $scale, float $y): float
    {
        $rows = [];
        foreach ($lot->sticks as $stick) {
            $rows[implode(' ', [$stick->stock, ...array_map(static fn (TrimPiece $piece): string => sprintf('%.4f', $piece->length), $stick->pieces)])][] = $stick;
        }
        $y = $this->room($y, self::SKETCH + 40.0);
        $bends = $this->words->list(array_map(fn (float $bend): string => $this->words->number($bend, 1).'°', $lot->bends));
        $this->sheet->text(self::MARGIN, $y, $this->words->say("trim.{$lot->shape->key}").' · '.$this->words->say('sticks.of', ['used' => count($lot->sticks)]), 11.0, true);
        $said = array_filter([$tape->print($lot->girth).' '.$this->words->say('sticks.flat-of'), $bends === '' ? '' : $this->words->say('sticks.bends', ['bends' => $bends]), $this->words->say("material.$lot->metal")]);
        $this->sheet->fitted(self::MARGIN + 200.0, $y, $this->words->beside($said), 9.5, $this->sheet->width - 2 * self::MARGIN - 200.0);
        $y += 8.0;
        $lines = $this->words->list(array_map($tape->print(...), $sketch->lines($lot->shape)));
        $told = $this->sheet->paragraph(self::MARGIN, $y + 10.0, $this->words->say('sticks.sketch-lines', ['lines' => $lines]), 9.0, 190.0);
        $y = max($told, $this->sketch($sketch, $tape, self::MARGIN + 230.0, $y, 200.0)) + 10.0;
        foreach ($rows as $alike) {
            $y = $this->room($y, self::BAR + 5.0);
            $this->stick($alike[0], count($alike), $tape, $scale, $y);
            $y += self::BAR + 4.0;
        }

        return $y + 18.0;
    }

    /**
     * The trim cut across for the brake, colour side up, with how long each leg is.
     *
     * @return float where it ends
     */
    private function sketch(ShapeSketch $sketch, TapePrinter $tape, float $x, float $y, float $wide): float
    {
        $points = [...$sketch->corners, ...$sketch->low, ...$sketch->high];
        [$us, $vs] = [array_map(static fn (Point $p): float => $p->u, $points), array_map(static fn (Point $p): float => $p->v, $points)];
        $scale = min($wide / max(0.5, max($us) - min($us)), (self::SKETCH - 16.0) / max(0.5, max($vs) - min($vs)), 40.0);
        $at = static fn (Point $p): array => [$x + ($p->u - min($us)) * $scale, $y + 12.0 + (max($vs) - $p->v) * $scale];
        foreach ([[$sketch->corners, 1.6], [$sketch->low, 0.8], [$sketch->high, 0.8]] as [$line, $stroke]) {
            foreach (array_slice($line, 1) as $i => $to) {
                [[$ax, $ay], [$bx, $by]] = [$at($line[$i]), $at($to)];
                $this->sheet->line($ax, $ay, $bx, $by, $stroke);
            }
        }
        foreach ($sketch->besideLegs(8.0 / $scale) as $i => $beside) {
            [$tx, $ty] = $at($beside);
            $this->sheet->text($tx, $ty + 3.0, $tape->inInches()->print($sketch->lengths[$i]), 8.5, true, 'middle');
        }

        return $y + 12.0 + (max($vs) - min($vs)) * $scale;
    }

    private function stick(Stick $stick, int $count, TapePrinter $tape, float $scale, float $y): void
    {
        $left = self::MARGIN + self::SIDE;
        $this->sheet->text($left - 6.0, $y + 11.0, $this->words->say('sticks.times', ['count' => $count]), 10.0, true, 'right');
        $this->sheet->polygon(self::box($left, $y, $stick->stock * $scale), 1.0, 0.4, 0.5);
        $at = $left;
        foreach ($stick->pieces as $piece) {
            $this->sheet->polygon(self::box($at, $y, $piece->length * $scale), 0.9, 0.8);
            if ($piece->length * $scale > 36.0) {
                $this->sheet->text($at + $piece->length * $scale / 2.0, $y + 11.0, $tape->print($piece->length), 9.5, true, 'middle');
            }
            $at += $piece->length * $scale;
        }
        if ($stick->offcut * $scale > 60.0) {
            $this->sheet->text($left + ($stick->stock - $stick->offcut / 2.0) * $scale, $y + 11.0, $this->words->say('sticks.offcut', ['length' => $tape->print($stick->offcut)]), 8.5, false, 'middle');
        }
    }

    private function room(float $y, float $high): float
    {
        if ($y + $high < $this->sheet->height - 50.0) {
            return $y;
        }
        $this->sheet->page();

        return 56.0;
    }

    /** @return list<array{float, float}> */
    private static function box(float $x, float $y, float $wide): array
    {
        return [[$x, $y], [$x + $wide, $y], [$x + $wide, $y + self::BAR], [$x, $y + self::BAR]];
    }
}
