<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\DrawnEnds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\SideLength;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Words\Words;

/**
 * Draws the piece of a mark-out card in black on white. A panel is far longer than wide, so the drawing keeps its ends to
 * scale and breaks the length between them. Numbers stand beside the metal, never on a line of it.
 */
final class CardDrawing
{
    /** Beside the metal, for the lengths of its sides. */
    private const ASIDE = 40.0;

    /** Above and below it, for its ends' names and its width. */
    private const ABOVE = 26.0;

    private const BELOW = 38.0;

    /** How far from the metal a side's length is drawn. */
    private const OUT = 12.0;

    private const LETTER = 18.0;

    private const NUMBER = 12.0;

    private float $x = 0.0;

    private float $y = 0.0;

    private float $wide = 1.0;

    private float $high = 1.0;

    private ?DrawnEnds $ends = null;

    public function __construct(private readonly Sheet $sheet, private readonly Words $words, private readonly TapePrinter $tape)
    {
    }

    /** Into this box of the page, points. */
    public function draw(CutCard $card, float $x, float $y, float $wide, float $high): void
    {
        [$this->x, $this->y] = [$x + self::ASIDE, $y + self::ABOVE];
        [$this->wide, $this->high] = [$wide - 2 * self::ASIDE, $high - self::ABOVE - self::BELOW];
        $this->ends = DrawnEnds::of($card);
        $this->sheet->polygon($this->corners($card, $card->outline->corners), 0.95, 1.4);
        foreach ($card->holes as $hole) {
            $this->sheet->polygon($this->corners($card, $hole->corners), 1.0, 2.4);
        }
        foreach ($card->ribs as $rib) {
            // Only where there is sheet: heads and feet may be cut at an angle.
            foreach (array_chunk($card->outline->transposed()->crossingsAt($rib), 2) as [$from, $to]) {
                $this->line($card, new Point($rib, $from), new Point($rib, $to), 1.8, [], 0.5);
            }
        }
        foreach ($card->lines as $line) {
            $this->marked($card, $line);
        }
        $middle = $this->x + $this->wide / 2.0;
        $this->sheet->text($middle, $this->y - 8.0, $this->words->say('card.top'), self::LETTER, true, 'middle');
        $this->sheet->text($middle, $this->y + $this->high + 18.0, $this->words->say('card.bottom'), self::LETTER, true, 'middle');
        $this->sheet->text($middle, $this->y + $this->high + 33.0, $this->words->say('card.wide', ['width' => $this->tape->print($card->width)]), self::NUMBER, false, 'middle');
        foreach ([true, false] as $left) {
            foreach ($card->sides($left) as $side) {
                $this->side($card, $side, $left);
            }
        }
    }

    /** The length of a side as it is marked from, beside it. */
    private function side(CutCard $card, SideLength $side, bool $left): void
    {
        $x = $left ? $this->x - self::OUT : $this->x + $this->wide + self::OUT;
        [[, $low], [, $top]] = [$this->place($card, new Point(0.0, $side->from)), $this->place($card, new Point(0.0, $side->to))];
        $this->sheet->line($x, $low, $x, $top, 0.7);
        foreach ([$low, $top] as $end) {
            $this->sheet->line($x - 4.0, $end, $x + 4.0, $end, 0.7);
        }
        $text = $this->tape->print($side->to - $side->from);
        $size = min(self::NUMBER + 2.0, max(7.0, ($low - $top) / max(1.0, $this->sheet->textWidth($text, 1.0, true))));
        $this->sheet->text($left ? $x - 5.0 : $x + 5.0 + $size * 0.72, ($low + $top) / 2.0, $text, $size, true, 'middle', 90.0);
    }

    private function marked(CutCard $card, Line $line): void
    {
        [$stroke, $dashes] = match ($line->kind) {
            MarkKind::Cut => [2.4, []],
            MarkKind::Bend => [0.9, [4.0, 2.5]],
            MarkKind::Notch => [3.2, []],
        };
        $this->line($card, $line->from, $line->to, $stroke, $dashes);
    }

    /** @param  list<float>  $dashes */
    private function line(CutCard $card, Point $from, Point $to, float $stroke, array $dashes = [], float $grey = 0.0): void
    {
        $this->sheet->line(...$this->place($card, $from), ...$this->place($card, $to), stroke: $stroke, dashes: $dashes, grey: $grey);
    }

    /**
     * @param  list<Point>  $corners
     * @return list<array{float, float}>
     */
    private function corners(CutCard $card, array $corners): array
    {
        return array_map(fn (Point $p): array => $this->place($card, $p), $corners);
    }

    /** @return array{float, float} */
    private function place(CutCard $card, Point $p): array
    {
        $ends = $this->ends ??= DrawnEnds::of($card);
        [$foot, $head] = [$ends->foot, $ends->head];
        $scale = $this->high * ($ends->broken ? 0.8 : 1.0) / ($foot + $head);
        $up = match (true) {
            $p->v <= $foot => $p->v * $scale,
            $p->v >= $card->length - $head => $this->high - ($card->length - $p->v) * $scale,
            default => $foot * $scale + ($p->v - $foot) / ($card->length - $foot - $head) * ($this->high - ($foot + $head) * $scale),
        };

        return [$this->x + $p->u / max($card->width, 1e-6) * $this->wide, $this->y + $this->high - $up];
    }
}
