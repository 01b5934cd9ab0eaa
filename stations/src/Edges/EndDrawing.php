<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Trims\Ends\EndView;
use Imbrex\Stations\Print\Sheet;

/** Draws the end of a trim on its flat in black on white: what is cut away dotted, what is cut, bent and notched told apart. */
final readonly class EndDrawing
{
    /** Points of a number beside its mark. */
    private const NUMBER = 10.0;

    public function __construct(private Sheet $sheet)
    {
    }

    /**
     * With the middle of its box at a place of the page.
     *
     * @param  float  $scale  points an inch
     * @param  bool  $isNumbered  whether its marks bear their numbers
     */
    public function draw(EndView $view, float $x, float $y, float $scale, bool $isNumbered): void
    {
        [$left, $bottom] = [$x - $view->width * $scale / 2.0, $y + $view->height * $scale / 2.0];
        $at = static fn (Point $p): array => [$left + $p->u * $scale, $bottom - $p->v * $scale];
        $this->sheet->polygon(array_map($at, [new Point(0.0, 0.0), new Point($view->width, 0.0), new Point($view->width, $view->height), new Point(0.0, $view->height)]), 1.0, 0.3, 0.6);
        $this->sheet->polygon(array_map($at, $view->outline), 0.94, 0.3, 0.5);
        foreach ($view->bends as $bend) {
            $this->sheet->line(...$at($bend->from), ...$at($bend->to), stroke: 0.5, grey: 0.35);
        }
        // The last two corners are where it is broken off.
        $cut = array_slice($view->outline, 0, -2);
        foreach (array_slice($cut, 1) as $i => $to) {
            $this->sheet->line(...$at($cut[$i]), ...$at($to), stroke: 2.2);
        }
        foreach ($view->lines as $line) {
            [$stroke, $dashes] = match ($line->kind) {
                MarkKind::Cut => [2.2, []],
                MarkKind::Bend => [1.0, [4.0, 2.5]],
                MarkKind::Notch => [3.2, []],
            };
            $this->sheet->line(...$at($line->from), ...$at($line->to), stroke: $stroke, dashes: $dashes);
        }
        $isNumbered && $this->numbers($view, $at);
    }

    /**
     * In a row beside the end, each as near its mark as the others let it.
     *
     * @param  callable(Point): array{float, float}  $at
     */
    private function numbers(EndView $view, callable $at): void
    {
        $places = array_map(static fn (array $mark): array => $at($mark[0]), $view->marks);
        [$end] = $at(new Point($view->isLeft ? 0.0 : $view->width, 0.0));
        $way = $view->isLeft ? -1.0 : 1.0;
        $rows = self::spread(array_column($places, 1));
        foreach ($places as $i => [$x, $y]) {
            $this->sheet->line($x, $y, $end + $way * 4.0, $rows[$i], 0.3, [], 0.3);
            $this->sheet->polygon(array_map(static fn (int $part): array => [$x + 1.8 * cos($part * M_PI / 4.0), $y + 1.8 * sin($part * M_PI / 4.0)], range(0, 7)), 0.0, 0.2);
            $this->sheet->text($end + $way * 12.0, $rows[$i] + self::NUMBER * 0.35, (string) ($i + 1), self::NUMBER, true, 'middle');
        }
    }

    /**
     * @param  list<float>  $wanted  from the top of the page
     * @return array<int, float> those that would lie on each other stand about their middle
     */
    private static function spread(array $wanted): array
    {
        // From the low edge of the flat, which is the bottom of the page, up.
        $order = array_keys($wanted);
        usort($order, static fn (int $a, int $b): int => $wanted[$a] <=> $wanted[$b] ?: $b <=> $a);
        $heaps = [];
        foreach ($order as $i) {
            $heap = [$wanted[$i], [$i]];
            while ($heaps !== [] && $heaps[count($heaps) - 1][0] + count($heaps[count($heaps) - 1][1]) * self::NUMBER > $heap[0]) {
                $those = [...array_pop($heaps)[1], ...$heap[1]];
                $heap = [array_sum(array_map(static fn (int $one): float => $wanted[$one], $those)) / count($those) - (count($those) - 1) * self::NUMBER / 2.0, $those];
            }
            $heaps[] = $heap;
        }
        $rows = [];
        foreach ($heaps as [$from, $those]) {
            foreach ($those as $place => $i) {
                $rows[$i] = $from + $place * self::NUMBER;
            }
        }

        return $rows;
    }
}
