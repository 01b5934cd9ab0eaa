<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\SeamRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The layout as it goes up: a sheet a face, with its running marks where they are chalked, its control line, its dimensions. */
final readonly class LayoutSheet
{
    private const MARGIN = 30.0;

    /** Of the list that follows where a face has more marks than its drawing can show. */
    private const ROW = 15.0;

    private const COLUMN = 176.0;

    public function __construct(private Words $words, private MarksWriter $marks, private PrintFoot $foot)
    {
    }

    public function pdf(Edition $edition): string
    {
        $plan = $edition->plan();
        $sheet = Sheet::of($edition->plan(), onItsSide: true);
        $tape = Wire::tape($plan);
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $this->face($sheet, $plan, $face, $tape);
        }
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    /** @return list<array{u: float, at: string, check: bool, eave: bool, head: string|null}> from left to right; `head` with where it is met from across */
    public function marksOf(Plan $plan, Face $face): array
    {
        $tape = Wire::tape($plan);
        $control = $plan->of(LayoutStage::class)->layouts[$face->id]->control;
        $marks = array_map(fn (SeamRow $row): array => [
            'u' => $control + $row->distance,
            'at' => $tape->print(abs($row->distance)),
            'check' => $row->check,
            'eave' => $row->eave,
            'head' => $row->head === null ? null : trim($tape->print(abs($row->distance)).' '.$this->meets($row->head, $plan, $tape)),
        ], $this->marks->rows($plan, $face, $plan->of(LayoutStage::class)->layouts));
        usort($marks, static fn (array $a, array $b): int => $a['u'] <=> $b['u']);

        return $marks;
    }

    private function face(Sheet $sheet, Plan $plan, Face $face, TapePrinter $tape): void
    {
        $marks = $this->marksOf($plan, $face);
        $this->head($sheet, $plan, $face, $tape);
        $drawing = new FaceDrawing($sheet, $this->words, $tape);
        $bottom = $sheet->height - 46.0;
        $all = $drawing->draw($plan, $face, $marks, self::MARGIN, 74.0, $sheet->width - 2 * self::MARGIN, $bottom - 16.0 - 74.0);
        $drawing->legend(FaceDrawing::kinds($face), self::MARGIN, $bottom + 4.0);
        $all || $this->list($sheet, $plan, $face, $marks, $tape);
    }

    private function head(Sheet $sheet, Plan $plan, Face $face, TapePrinter $tape): void
    {
        $layout = $plan->of(LayoutStage::class)->layouts[$face->id];
        $sheet->page();
        $sheet->fitted(self::MARGIN, 46.0, $face->name, 22.0, 400.0, true);
        $sheet->fitted(self::MARGIN, 62.0, $this->words->beside([
            $plan->job->name,
            $this->words->say('card.count-panels', ['count' => count($layout->strips)]),
            $plan->job->covering->profile->key,
            $this->words->say('marks.control', ['at' => $tape->print($layout->control - $layout->span->left)]),
            $this->words->say('marks.called'),
        ]), 10.0, $sheet->width - 2 * self::MARGIN);
    }

    /**
     * Every mark, to either side of the control line, nearest first.
     *
     * @param  list<array{u: float, at: string, check: bool, eave: bool, head: string|null}>  $marks
     */
    private function list(Sheet $sheet, Plan $plan, Face $face, array $marks, TapePrinter $tape): void
    {
        $control = $plan->of(LayoutStage::class)->layouts[$face->id]->control;
        $bottom = $sheet->height - 46.0;
        [$x, $y] = [INF, INF];
        foreach (['left' => array_reverse(array_filter($marks, static fn (array $m): bool => $m['u'] < $control)), 'right' => array_filter($marks, static fn (array $m): bool => $m['u'] >= $control)] as $side => $own) {
            $heading = $this->words->say("marks.$side");
            foreach (array_values($own) as $i => $mark) {
                if ($i === 0 || $y + self::ROW > $bottom) {
                    [$x, $y] = [$x + self::COLUMN, 90.0];
                    if ($x + self::COLUMN > $sheet->width) {
                        $this->head($sheet, $plan, $face, $tape);
                        $x = self::MARGIN;
                    }
                    $sheet->text($x, $y, $heading, 9.0, true);
                    $sheet->text($x + 92.0, $y, $this->words->say('marks.eave'), 9.0, true, 'right');
                    $sheet->text($x + 100.0, $y, $this->words->say('marks.ridge'), 9.0, true);
                    $sheet->line($x, $y + 3.0, $x + self::COLUMN - 12.0, $y + 3.0, 1.2);
                }
                $y += self::ROW;
                $sheet->text($x, $y, $mark['check'] ? ($i + 1).' '.$this->words->say('marks.check') : (string) ($i + 1), 9.0, $mark['check']);
                $mark['eave'] && $sheet->text($x + 92.0, $y, $mark['at'], 11.0, $mark['check'], 'right');
                $mark['head'] !== null && $sheet->fitted($x + 100.0, $y, $mark['head'], 11.0, self::COLUMN - 112.0, $mark['check']);
                $sheet->line($x, $y + 3.0, $x + self::COLUMN - 12.0, $y + 3.0, 0.3, [], 0.6);
            }
        }
    }

    private function meets(RunningMark $mark, Plan $plan, TapePrinter $tape): string
    {
        return match (true) {
            $mark->across === null || $mark->theirs === null => '',
            $mark->meets() => '= '.($plan->of(RoofStage::class)->roof->face($mark->across)->name ?? $mark->across).' '.$tape->print(abs($mark->theirs)),
            default => $this->words->say('marks.off').' '.$tape->print((float) $mark->miss),
        };
    }
}
