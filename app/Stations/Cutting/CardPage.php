<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Exports\PanelRange;
use App\Exports\Sheet;
use App\Words\Words;
use Imbrex\Core\Units\TapePrinter;

/** Draws mark-out cards, each on half a page: which pieces, the piece to the left, its marks as large as there is room for to the right. */
final readonly class CardPage
{
    private const MARGIN = 30.0;

    /** Of a card, points. */
    private const HEIGHT = 372.0;

    private const DRAWING = 196.0;

    private const TITLE = 26.0;

    private const SMALL = 10.0;

    private const NOTE = 8.6;

    /** A row of marks, from what is read at two metres down to what a card full of them leaves. */
    private const MOST_ROW = 31.0;

    /** Of a row. */
    private const HEADING_SHARE = 0.62;

    private CardDrawing $drawing;

    public function __construct(private Sheet $sheet, private Words $words, private TapePrinter $tape)
    {
        $this->drawing = new CardDrawing($sheet, $words, $tape);
    }

    public function draw(PrintedCard $card, bool $lower): void
    {
        $top = self::MARGIN + ($lower ? self::HEIGHT + 4.0 : 0.0);
        $right = $this->sheet->width - self::MARGIN;
        $across = $right - self::MARGIN;
        $lower && $this->sheet->line(self::MARGIN, $top - 6.0, $right, $top - 6.0, 1.6);
        $this->sheet->fitted(self::MARGIN, $top + 22.0, PanelRange::inWords($card->pieces), self::TITLE, $across, true);
        $sub = implode(' · ', [implode(', ', $card->faces), $this->words->say('card.count', ['count' => count($card->pieces)]), $card->sub, ...($card->corrected ? [$this->words->say('cuts.corrected')] : [])]);
        $this->sheet->fitted(self::MARGIN, $top + 38.0, $sub, self::SMALL, $across);

        $bottom = $top + self::HEIGHT - 12.0;
        $notes = $this->notes($card->notes, $bottom);
        $this->sheet->text(self::MARGIN, $top + 56.0, $this->words->say('card.back'), self::SMALL);
        $this->drawing->draw($card->card, self::MARGIN, $top + 62.0, self::DRAWING, $notes - 8.0 - ($top + 62.0));
        $this->marks($card->runs, $top + 50.0, $bottom);
    }

    /**
     * @param  list<string>  $notes
     * @return float where they begin: they stand on the bottom
     */
    private function notes(array $notes, float $bottom): float
    {
        $said = [...array_map(static fn (string $note): array => [$note, true], $notes), [$this->words->say('caution.cutting'), false]];
        $height = 0.0;
        foreach ($said as [$text, $bold]) {
            $height += count($this->sheet->lines($text, self::NOTE, self::DRAWING, $bold)) * self::NOTE * 1.2 + 3.0;
        }
        $from = $y = $bottom - $height;
        foreach ($said as [$text, $bold]) {
            $y = $this->sheet->paragraph(self::MARGIN, $y + self::NOTE, $text, self::NOTE, self::DRAWING, $bold) + 3.0 + self::NOTE * 0.2;
        }

        return $from;
    }

    /** @param  list<array{heading: string, marks: list<array{name: string, kind: string, at: string}>}>  $runs */
    private function marks(array $runs, float $top, float $bottom): void
    {
        [$left, $right] = [self::MARGIN + self::DRAWING + 20.0, $this->sheet->width - self::MARGIN];
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
