<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Stations\Print\MarkTable;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Words\Words;

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
        $sub = $this->words->beside([$this->words->list($card->faces), $this->words->say('card.count', ['count' => count($card->pieces)]), $card->sub, ...($card->corrected ? [$this->words->say('cuts.corrected')] : [])]);
        $this->sheet->fitted(self::MARGIN, $top + 38.0, $sub, self::SMALL, $across);

        $bottom = $top + self::HEIGHT - 12.0;
        $notes = $this->notes($card->notes, $bottom);
        $this->sheet->text(self::MARGIN, $top + 56.0, $this->words->say('card.back'), self::SMALL);
        $this->drawing->draw($card->card, self::MARGIN, $top + 62.0, self::DRAWING, $notes - 8.0 - ($top + 62.0));
        (new MarkTable($this->sheet))->draw($card->runs, self::MARGIN + self::DRAWING + 20.0, $right, $top + 50.0, $bottom);
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
}
