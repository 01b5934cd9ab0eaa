<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\HoldDown\DrillTemplate;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\MarkTable;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** Drill templates, a page each: row distances from the eave end of a stack of sheets large enough to be read over the stack, and the places across. */
final readonly class DrillTemplateSheet
{
    private const MARGIN = 36.0;

    /** Of the sheet drawn across, points. */
    private const HIGH = 26.0;

    public function __construct(private Words $words, private PrintFoot $foot)
    {
    }

    public function isThere(Plan $plan): bool
    {
        return ! $plan->job->covering->profile->family->isConcealed() && $this->of($plan) !== [];
    }

    public function pdf(Edition $edition): ?string
    {
        $plan = $edition->plan();
        $templates = $this->of($plan);
        $sheet = Sheet::of($edition->plan());
        foreach ($templates as $template) {
            $this->page($sheet, $template, $plan);
        }
        $this->foot->on($sheet, $edition);

        return $templates === [] ? null : $sheet->pdf();
    }

    /** @return list<DrillTemplate> of every face */
    private function of(Plan $plan): array
    {
        $templates = [];
        foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
            array_push($templates, ...DrillTemplate::of($hold, $plan->of(CuttingStage::class)->panelsOf($id)));
        }

        return $templates;
    }

    private function page(Sheet $sheet, DrillTemplate $template, Plan $plan): void
    {
        $tape = Wire::tape($plan);
        $right = $sheet->width - self::MARGIN;
        $sheet->page();
        $face = $plan->of(RoofStage::class)->roof->face($template->face)->name ?? $template->face;
        $sheet->fitted(self::MARGIN, 58.0, $this->words->say('drill.title', ['face' => $face, 'length' => $tape->print($template->length)]), 24.0, $right - self::MARGIN, true);
        $sheet->fitted(self::MARGIN, 76.0, $this->words->say('drill.for', ['count' => count($template->panels), 'panels' => PanelRange::inWords($plan->of(CuttingStage::class)->names($template->panels))]), 11.0, $right - self::MARGIN);
        $y = $sheet->paragraph(self::MARGIN, 94.0, $this->words->say('drill.how'), 10.0, $right - self::MARGIN) + 8.0;
        $y = $sheet->paragraph(self::MARGIN, $y + 8.0, $this->words->say('caution.drill'), 10.0, $right - self::MARGIN, true) + 16.0;
        foreach (['field' => $plan->job->covering->profile->fieldScrews, 'end' => $plan->job->covering->profile->endScrews] as $row => $across) {
            $y = $this->across($sheet, $plan->job->covering->profile, $row, $across, $y, $tape) + 14.0;
        }
        $marks = array_map(fn (array $row, int $i): array => ['name' => (string) ($i + 1), 'kind' => $this->words->say("hold.row.{$row[1]->value}"), 'at' => $tape->print($row[0])], $template->rows, array_keys($template->rows));
        (new MarkTable($sheet))->draw([['heading' => $this->words->say('drill.from'), 'marks' => $marks]], self::MARGIN, $right, $y, $sheet->height - 40.0);
    }

    /**
     * One row of screws across the sheet, from its left edge.
     *
     * @param  list<float>  $across  from the left module line
     * @return float where it ends, down the page
     */
    private function across(Sheet $sheet, Profile $profile, string $row, array $across, float $y, TapePrinter $tape): float
    {
        $wide = $sheet->width - 2 * self::MARGIN;
        $scale = $wide / $profile->outToOut();
        $sheet->text(self::MARGIN, $y + 8.0, $this->words->say('drill.across', ['row' => $this->words->say('hold.row.'.ScrewRow::from($row)->value)]), 10.0, true);
        $y += 16.0;
        $sheet->polygon([[self::MARGIN, $y], [self::MARGIN + $wide, $y], [self::MARGIN + $wide, $y + self::HIGH], [self::MARGIN, $y + self::HIGH]], null, 0.8);
        foreach ($profile->ribs as $rib) {
            $x = self::MARGIN + ($profile->leftMetal + $rib) * $scale;
            $sheet->line($x, $y, $x, $y + self::HIGH, 2.2, [], 0.6);
        }
        foreach ($across as $i => $place) {
            $x = self::MARGIN + ($profile->leftMetal + $place) * $scale;
            $sheet->line($x - 4.0, $y + self::HIGH / 2.0, $x + 4.0, $y + self::HIGH / 2.0, 1.4);
            $sheet->line($x, $y + self::HIGH / 2.0 - 4.0, $x, $y + self::HIGH / 2.0 + 4.0, 1.4);
            $sheet->text($x, $y + self::HIGH + ($i % 2 === 0 ? 11.0 : 22.0), $tape->inInches()->print($profile->leftMetal + $place), 10.0, true, 'middle');
        }

        return $y + self::HIGH + 24.0;
    }
}
