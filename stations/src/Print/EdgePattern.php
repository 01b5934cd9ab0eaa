<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/**
 * Draws an edge so that its kind is told by its pattern, as on the screens: ridge a double line, eave a line with ticks,
 * rake plain and heavy, peak a line under a dashed one, hip chevrons up the slope, valley chevrons down it, a pitch change
 * dash and dot, wall lines hatched. Page coordinates; the face lies to the left of from→to as it is drawn.
 */
final readonly class EdgePattern
{
    public function __construct(private Sheet $sheet)
    {
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    public function draw(EdgeKind $kind, array $from, array $to): void
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        if ($length < 0.5) {
            return;
        }
        $along = [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length];
        [$stroke, $dashes] = match ($kind) {
            EdgeKind::Rake => [2.6, []],
            EdgeKind::Hip, EdgeKind::Valley => [1.2, []],
            EdgeKind::Transition => [1.5, [9.0, 3.0, 1.5, 3.0]],
            default => [1.5, []],
        };
        $this->line($from, $to, $stroke, $dashes);
        if ($kind === EdgeKind::Ridge || $kind === EdgeKind::Peak) {
            $this->line($from, $to, 1.1, $kind === EdgeKind::Peak ? [7.0, 4.0] : [], 4.0);
        }
        if ($kind === EdgeKind::Hip || $kind === EdgeKind::Valley) {
            $this->chevrons($from, $to, $along, $length, $kind === EdgeKind::Hip);
        }
        if ($kind === EdgeKind::Eave) {
            $this->ticks($from, $along, $length, 10.0, 4.5, 0.0);
        }
        if ($kind === EdgeKind::Headwall || $kind === EdgeKind::Sidewall) {
            $this->ticks($from, $along, $length, 7.0, 5.0, 5.0);
        }
    }

    /**
     * What each pattern means, in a row.
     *
     * @param  array<string, string>  $named  words by kind of edge
     */
    public function legend(array $named, float $x, float $y, float $letter): void
    {
        foreach ($named as $kind => $word) {
            $kind = EdgeKind::from($kind);
            $steep = $kind === EdgeKind::Hip || $kind === EdgeKind::Valley;
            $this->draw($kind, [$x, $steep ? $y + 1.0 : $y - 3.0], [$x + 30.0, $steep ? $y - 7.0 : $y - 3.0]);
            $this->sheet->text($x + 36.0, $y, $word, $letter);
            $x += 36.0 + $this->sheet->textWidth($word, $letter) + 18.0;
        }
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<float>  $dashes
     * @param  float  $out  how far outside the edge
     */
    private function line(array $from, array $to, float $stroke, array $dashes = [], float $out = 0.0): void
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        [$ox, $oy] = [-($to[1] - $from[1]) / $length * $out, ($to[0] - $from[0]) / $length * $out];
        $this->sheet->line($from[0] + $ox, $from[1] + $oy, $to[0] + $ox, $to[1] + $oy, $stroke, $dashes);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $along  of length one
     */
    private function ticks(array $from, array $along, float $length, float $spacing, float $reach, float $lean): void
    {
        $count = max(1, (int) floor($length / $spacing));
        for ($i = 0; $i <= $count; $i++) {
            [$x, $y] = [$from[0] + $along[0] * $length * $i / $count, $from[1] + $along[1] * $length * $i / $count];
            $this->sheet->line($x, $y, $x - $along[1] * $reach + $along[0] * $lean, $y + $along[0] * $reach + $along[1] * $lean, 0.8);
        }
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  array{float, float}  $along  of length one
     */
    private function chevrons(array $from, array $to, array $along, float $length, bool $upTheSlope): void
    {
        // Up the slope is up the page.
        $way = ($to[1] <= $from[1]) === $upTheSlope ? 1.0 : -1.0;
        $count = max(1, (int) floor($length / 18.0));
        for ($i = 0; $i < $count; $i++) {
            $at = ($i + 0.5) / $count * $length + $way * 2.5;
            [$x, $y] = [$from[0] + $along[0] * $at, $from[1] + $along[1] * $at];
            foreach ([1.0, -1.0] as $side) {
                $this->sheet->line($x - $along[0] * $way * 5.0 - $along[1] * $side * 4.0, $y - $along[1] * $way * 5.0 + $along[0] * $side * 4.0, $x, $y, 1.1);
            }
        }
    }
}
