<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Plan;
use Imbrex\Core\Trims\Ends\EndCard;
use Imbrex\Core\Trims\Ends\EndView;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Words\Words;

/** The ends of a job's trims on paper: as cards, and full size where a sheet holds them. */
final readonly class EndCardsPdf
{
    private const INCH = 72.0;

    private const MARGIN = 36.0;

    /** Above a template for its words, below it for the rulers. */
    private const WORDS = 66.0;

    private const RULERS = 60.0;

    public function __construct(private EndWords $said, private Words $words, private PrintFoot $foot)
    {
    }

    public function cards(Edition $edition): ?string
    {
        $sheet = Sheet::of($edition->plan());
        if ((new EndCardSheet($sheet, $this->said, $this->words))->draw($edition->plan()) === 0) {
            return null;
        }
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    /** Full size, one to a page, from the back, with rulers to check the printer by. */
    public function templates(Edition $edition): ?string
    {
        $plan = $edition->plan();
        $sheet = Sheet::of($edition->plan());
        $cards = $this->fitting($plan, $sheet);
        foreach ($cards as [$card, $view]) {
            $sheet->page();
            $this->template($sheet, $card, $view, $plan);
        }
        $this->foot->on($sheet, $edition);

        return $cards === [] ? null : $sheet->pdf();
    }

    /** Whether a job has ends to mark. */
    public function hasCards(Plan $plan): bool
    {
        return EndCard::of($plan->of(TrimsStage::class)) !== [];
    }

    public function hasTemplates(Plan $plan): bool
    {
        return $this->fitting($plan, Sheet::of($plan)) !== [];
    }

    /** @return list<array{EndCard, EndView}> those a sheet of paper holds */
    private function fitting(Plan $plan, Sheet $sheet): array
    {
        $fitting = [];
        foreach (EndCard::of($plan->of(TrimsStage::class)) as $card) {
            $view = EndView::of($card->cut, true);
            if ($view->width * self::INCH <= $sheet->width - 2 * self::MARGIN && $view->height * self::INCH <= $sheet->height - 2 * self::MARGIN - self::WORDS - self::RULERS) {
                $fitting[] = [$card, $view];
            }
        }

        return $fitting;
    }

    private function template(Sheet $sheet, EndCard $card, EndView $view, Plan $plan): void
    {
        $most = $sheet->width - 2 * self::MARGIN;
        $sheet->fitted(self::MARGIN, 52.0, $this->said->title($card), 18.0, $most, true);
        $sheet->fitted(self::MARGIN, 68.0, $this->words->beside([$this->words->say('ends.back'), $this->said->side($card), ...$this->said->where($card, $plan)]), 9.0, $most);
        $sheet->paragraph(self::MARGIN, 84.0, $this->words->say('ends.full-size'), 9.0, $most, true);
        (new EndDrawing($sheet))->draw($view, $sheet->width / 2.0, self::MARGIN + self::WORDS + $view->height * self::INCH / 2.0, self::INCH, true);
        $y = $sheet->height - self::MARGIN - 22.0;
        // Six inches, and a hundred millimetres above them.
        $sheet->line(self::MARGIN, $y, self::MARGIN + 6.0 * self::INCH, $y, 0.8);
        foreach (range(0, 24) as $quarter) {
            $x = self::MARGIN + $quarter * self::INCH / 4.0;
            $sheet->line($x, $y, $x, $y - ($quarter % 4 === 0 ? 9.0 : 5.0), 0.6);
            $quarter % 4 === 0 && $sheet->text($x, $y + 9.0, (string) ($quarter / 4), 7.0, false, 'middle');
        }
        $y -= 26.0;
        $sheet->line(self::MARGIN, $y, self::MARGIN + 100.0 / 25.4 * self::INCH, $y, 0.8);
        foreach (range(0, 10) as $centimetre) {
            $x = self::MARGIN + $centimetre / 2.54 * self::INCH;
            $sheet->line($x, $y, $x, $y - 5.0, 0.6);
        }
        $sheet->text(self::MARGIN + 100.0 / 25.4 * self::INCH + 6.0, $y, $this->words->say('notch.metric'), 7.0);
    }
}
