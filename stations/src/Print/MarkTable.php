<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

/** Marks under their headings, as large as there is room for: to be read at two metres. */
final readonly class MarkTable
{
    /** A row, from what is read at two metres down to what a card full of them leaves. */
    private const MOST_ROW = 31.0;

    /** Of a row. */
    private const HEADING_SHARE = 0.62;

    public function __construct(private Sheet $sheet)
    {
    }

    /** @param  list<array{heading: string, marks: list<array{name: string, kind: string, at: string}>}>  $runs */
    public function draw(array $runs, float $left, float $right, float $top, float $bottom): void
    {
        $rows = array_sum(array_map(static fn (array $run): float => self::HEADING_SHARE + count($run['marks']), $runs));
        $row = min(self::MOST_ROW, ($bottom - $top) / max(1.0, $rows));
        [$at, $name] = [$row * 0.86, min(12.0, $row * 0.52)];
        $y = $top;
        foreach ($runs as $run) {
            $y += $row * self::HEADING_SHARE;
            $this->sheet->text($left, $y - 4.0, $run['heading'], min(11.0, $row * 0.46), true);
            $this->sheet->line($left, $y, $right, $y, 1.2);
            foreach ($run['marks'] as $mark) {
                $y += $row;
                $wide = $this->sheet->textWidth($mark['at'], $at, true);
                $this->sheet->text($right, $y - $row * 0.16, $mark['at'], $at, true, 'right');
                $this->sheet->text($right - $wide - 10.0, $y - $row * 0.3, $mark['kind'], $name * 0.86, false, 'right');
                $kind = $this->sheet->textWidth($mark['kind'], $name * 0.86);
                $this->sheet->fitted($left, $y - $row * 0.3, $mark['name'], $name, $right - $left - $wide - $kind - 18.0);
                $this->sheet->line($left, $y, $right, $y, 0.4, [], 0.5);
            }
        }
    }
}
