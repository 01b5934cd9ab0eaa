<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Words\Words;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\DrawnEnds;
use Imbrex\Core\Cutting\Line;
use Imbrex\Core\Cutting\MarkKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Units\TapePrinter;

/**
 * Draws a mark-out card in black on white. A panel is far longer than wide, so the drawing keeps its ends to scale
 * and breaks the length between them.
 */
final readonly class CardDrawing
{
    private const WIDTH = 250.0;

    private const HEIGHT = 330.0;

    private const MARGIN = 46.0;

    public function __construct(private Words $words, private TapePrinter $tape)
    {
    }

    public function svg(CutCard $card): string
    {
        $outline = implode(' ', array_map(fn (Point $p): string => $this->at($card, $p), $card->outline->corners));
        $parts = ["<polygon points=\"$outline\" fill=\"#f4f4f4\" stroke=\"#000\" stroke-width=\"1.6\"/>"];
        foreach ($card->holes as $hole) {
            $parts[] = '<polygon points="'.implode(' ', array_map(fn (Point $p): string => $this->at($card, $p), $hole->corners)).'" fill="#fff" stroke="#000" stroke-width="3"/>';
        }
        foreach ($card->ribs as $rib) {
            // Only where there is sheet: heads and feet may be cut at an angle.
            foreach (array_chunk($card->outline->transposed()->crossingsAt($rib), 2) as [$from, $to]) {
                $parts[] = $this->line($card, new Point($rib, $from), new Point($rib, $to), 'stroke="#777" stroke-width="2.4"');
            }
        }
        foreach ($card->lines as $line) {
            $parts[] = $this->line($card, $line->from, $line->to, $this->style($line));
        }
        $middle = self::MARGIN + (self::WIDTH - 2 * self::MARGIN) / 2;
        $parts[] = $this->text($middle, self::HEIGHT / 2 - 4, $this->tape->print($card->length), 20, 'middle');
        $parts[] = $this->text($middle, self::MARGIN + 46, $this->words->say('card.top'), 20, 'middle');
        $parts[] = $this->text($middle, self::HEIGHT - self::MARGIN - 38, $this->words->say('card.bottom'), 20, 'middle');
        $parts[] = $this->text($middle, self::HEIGHT - 8, $this->tape->print($card->width), 13, 'middle');

        return '<svg xmlns="http://www.w3.org/2000/svg" width="'.self::WIDTH.'" height="'.self::HEIGHT.'" viewBox="0 0 '.self::WIDTH.' '.self::HEIGHT.'">'.implode('', $parts).'</svg>';
    }

    private function style(Line $line): string
    {
        return match ($line->kind) {
            MarkKind::Cut => 'stroke="#000" stroke-width="3"',
            MarkKind::Bend => 'stroke="#000" stroke-width="1.2" stroke-dasharray="5,3"',
            MarkKind::Notch => 'stroke="#000" stroke-width="4"',
        };
    }

    private function line(CutCard $card, Point $from, Point $to, string $style): string
    {
        [$x1, $y1] = $this->place($card, $from);
        [$x2, $y2] = $this->place($card, $to);

        return sprintf('<line x1="%.2f" y1="%.2f" x2="%.2f" y2="%.2f" %s/>', $x1, $y1, $x2, $y2, $style);
    }

    private function text(float $x, float $y, string $text, int $size, string $anchor): string
    {
        return sprintf('<text x="%.1f" y="%.1f" font-size="%d" font-family="DejaVu Sans" font-weight="bold" text-anchor="%s">%s</text>', $x, $y, $size, $anchor, e($text));
    }

    private function at(CutCard $card, Point $p): string
    {
        [$x, $y] = $this->place($card, $p);

        return sprintf('%.2f,%.2f', $x, $y);
    }

    /** @return array{float, float} */
    private function place(CutCard $card, Point $p): array
    {
        $inner = self::WIDTH - 2 * self::MARGIN;
        $x = self::MARGIN + $p->u / max($card->width, 1e-6) * $inner;
        $tall = self::HEIGHT - 2 * self::MARGIN;
        $ends = DrawnEnds::of($card);
        [$foot, $head] = [$ends->foot, $ends->head];
        $scale = $tall * ($ends->broken ? 0.8 : 1.0) / ($foot + $head);
        $y = match (true) {
            $p->v <= $foot => $p->v * $scale,
            $p->v >= $card->length - $head => $tall - ($card->length - $p->v) * $scale,
            default => $foot * $scale + ($p->v - $foot) / ($card->length - $foot - $head) * ($tall - ($foot + $head) * $scale),
        };

        return [$x, self::HEIGHT - self::MARGIN - $y];
    }
}
