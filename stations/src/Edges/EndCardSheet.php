<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Plan;
use Imbrex\Core\Trims\Ends\EndCard;
use Imbrex\Core\Trims\Ends\EndMark;
use Imbrex\Core\Trims\Ends\EndView;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Print\MarkTable;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The ends of trims as cards, two to a page, to be read from two metres: the back large, the colour side small, marks from the end. */
final readonly class EndCardSheet
{
    private const MARGIN = 30.0;

    /** Of a card, points. */
    private const HEIGHT = 372.0;

    private const DRAWING = 290.0;

    /** The colour side, drawn small. */
    private const SMALL = 84.0;

    public function __construct(private Sheet $sheet, private EndWords $said, private Words $words)
    {
    }

    /** @return int how many cards there were */
    public function draw(Plan $plan): int
    {
        $cards = array_values(EndCard::of($plan->of(TrimsStage::class)));
        foreach ($cards as $i => $card) {
            $i % 2 === 0 && $this->sheet->page();
            $this->card($card, $plan, $i % 2 === 1);
        }

        return count($cards);
    }

    private function card(EndCard $card, Plan $plan, bool $lower): void
    {
        $tape = Wire::tape($plan)->inInches();
        $top = self::MARGIN + ($lower ? self::HEIGHT + 4.0 : 0.0);
        $right = $this->sheet->width - self::MARGIN;
        $bottom = $top + self::HEIGHT - 12.0;
        $lower && $this->sheet->line(self::MARGIN, $top - 6.0, $right, $top - 6.0, 1.6);
        $this->sheet->fitted(self::MARGIN, $top + 22.0, $this->said->title($card), 24.0, $right - self::MARGIN, true);
        $this->sheet->fitted(self::MARGIN, $top + 38.0, $this->words->beside([$this->said->side($card), ...$this->said->where($card, $plan)]), 10.0, $right - self::MARGIN);
        $notes = array_filter([$this->said->how($card), $this->said->angles($card), $this->words->say('caution.edges')]);
        $height = array_sum(array_map(fn (string $note): float => count($this->sheet->lines($note, 8.6, self::DRAWING)) * 10.4 + 3.0, $notes));
        $y = $from = $bottom - $height;
        foreach ($notes as $i => $note) {
            $y = $this->sheet->paragraph(self::MARGIN, $y + 8.6, $note, 8.6, self::DRAWING, $i === 0) + 4.8;
        }
        $back = EndView::of($card->cut, true);
        [$drawTop, $wide] = [$top + 78.0, self::DRAWING - self::SMALL - 34.0];
        $scale = min($wide / $back->width, ($from - 22.0 - $drawTop) / $back->height, 48.0);
        $middle = $drawTop + ($from - 22.0 - $drawTop) / 2.0;
        $x = self::MARGIN + 22.0 + $wide / 2.0;
        (new EndDrawing($this->sheet))->draw($back, $x, $middle, $scale, true);
        [$low, $high] = $this->said->edges($card);
        $this->sheet->text($x, $middle - $back->height * $scale / 2.0 - 14.0, $this->words->say('ends.back'), 10.0, true, 'middle');
        $this->sheet->text($x, $middle - $back->height * $scale / 2.0 - 4.0, $high, 8.6, false, 'middle');
        $this->sheet->text($x, $middle + $back->height * $scale / 2.0 + 11.0, $low, 8.6, false, 'middle');
        $colour = EndView::of($card->cut, false);
        $small = min(self::SMALL / $colour->width, 130.0 / $colour->height);
        $x = self::MARGIN + self::DRAWING - self::SMALL / 2.0;
        (new EndDrawing($this->sheet))->draw($colour, $x, $middle, $small, false);
        $this->sheet->text($x, $middle - $colour->height * $small / 2.0 - 6.0, $this->words->say('ends.colour'), 8.6, false, 'middle');
        $this->sheet->text($x, $middle + 5.0, 'f', 14.0, true, 'middle');
        $marks = array_map(fn (EndMark $mark, int $i): array => ['name' => ($i + 1).'  '.$this->said->across($mark, $tape), 'kind' => $this->said->kind($mark), 'at' => $tape->print($mark->distance)], $card->cut->marks(), array_keys($card->cut->marks()));
        (new MarkTable($this->sheet))->draw([['heading' => $this->words->say('ends.from'), 'marks' => $marks]], self::MARGIN + self::DRAWING + 20.0, $right, $top + 50.0, $bottom);
    }
}
