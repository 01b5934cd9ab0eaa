<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\LoadOut\OrderLine;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\SupplyWords;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The order as a printed sheet: how many of which length, for which panels, and what that comes to. */
final readonly class CutListSheet
{
    private const MARGIN = 40.0;

    /** Where a column's text ends, or begins where it is words. */
    private const QUANTITY = 82.0;

    private const LENGTH = 180.0;

    private const INCHES = 236.0;

    private const HAND = 246.0;

    private const PANELS = 312.0;

    private const SQUARE_FEET = 530.0;

    private const POUNDS = 572.0;

    private const PANELS_WIDE = 172.0;

    private const LARGE = 17.0;

    private const SMALL = 10.0;

    private const LEADING = 12.0;

    /** A blank at which no line ends. */
    private const FIRM = "\u{A0}";

    public function __construct(private Words $words, private SupplyWords $supplies, private PrintFoot $foot, private TrimsBeside $trims)
    {
    }

    public function pdf(Edition $edition): string
    {
        $sheet = Sheet::of($edition->plan());
        $tape = Wire::tape($edition->plan());
        $y = $this->head($sheet, $edition);
        $y = $this->columns($sheet, $tape, $y);
        $lines = $edition->plan()->of(LoadOutStage::class)->order->lines;
        foreach ($lines as $number => $line) {
            $y = $this->line($sheet, $edition, $line, $tape, $y);
            $number % 50 === 49 && $edition->tell($number, count($lines));
        }
        $y = $this->totals($sheet, $edition, $tape, $y + 10.0);
        $y = $this->trims($sheet, $edition, $y);
        $this->findings($sheet, $edition, $tape, $y + 14.0);
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    /** @return float where the next baseline may stand */
    private function head(Sheet $sheet, Edition $edition): float
    {
        $covering = $edition->plan()->job->covering;
        $release = $edition->release;
        $sheet->page();
        $sheet->text(self::MARGIN, 62.0, $this->words->say('print.cut-list'), 22.0, true);
        $sheet->fitted(self::MARGIN, 80.0, $this->words->beside([$edition->plan()->job->name, $covering->profile->key, $this->words->say('material.'.$covering->material->key).' '.$covering->gauge, $this->words->say('order.colour', ['colour' => $this->words->say('colour.'.($covering->colour->value ?? 'none'))])]), 11.0, $sheet->width - 2 * self::MARGIN);
        $sheet->fitted(self::MARGIN, 95.0, $release === null
            ? $this->words->say('print.not-released', ['plan' => $edition->revision])
            : $this->words->say('print.released', ['order' => $release->number, 'plan' => $edition->revision, 'by' => $release->by, 'when' => $release->when()]), 11.0, $sheet->width - 2 * self::MARGIN, true);

        return 122.0;
    }

    private function columns(Sheet $sheet, TapePrinter $tape, float $y): float
    {
        $numbers = [
            [self::QUANTITY, $this->words->say('order.quantity')],
            [self::LENGTH, $this->words->say('order.length')],
            ...($tape->isMetric() ? [] : [[self::INCHES, $this->words->say('order.inches')]]),
            [self::SQUARE_FEET, $this->words->say('order.squareFeet', ['units' => $tape->units->value])],
            [self::POUNDS, $this->words->say('order.pounds', ['units' => $tape->units->value])],
        ];
        foreach ($numbers as [$x, $heading]) {
            $sheet->text($x, $y, $heading, 9.0, true, 'right');
        }
        $sheet->text(self::HAND, $y, $this->words->say('order.hand'), 9.0, true);
        $sheet->text(self::PANELS, $y, $this->words->say('order.panels'), 9.0, true);
        $sheet->line(self::MARGIN, $y + 5.0, self::POUNDS, $y + 5.0, 2.0);

        return $y + 5.0;
    }

    private function line(Sheet $sheet, Edition $edition, OrderLine $line, TapePrinter $tape, float $y): float
    {
        // A name is not parted over two lines.
        $whole = array_map(static fn (string $name): string => str_replace(' ', self::FIRM, $name), $edition->plan()->of(CuttingStage::class)->names(array_values($line->panels)));
        $panels = array_map(static fn (string $text): string => str_replace(self::FIRM, ' ', $text), $sheet->lines(PanelRange::inWords($whole), self::SMALL, self::PANELS_WIDE));
        if ($line->ripped > 0) {
            array_push($panels, ...$sheet->lines($this->words->say('order.ripped', ['count' => $line->ripped]), self::SMALL, self::PANELS_WIDE));
        }
        $high = max(26.0, 14.0 + self::LEADING * count($panels));
        // A line of more panels than a page holds goes on overleaf.
        $bottom = $sheet->height - 44.0;
        if ($y + min($high, $bottom - 160.0) > $bottom) {
            $sheet->page();
            $y = $this->columns($sheet, $tape, 56.0);
        }
        $base = $y + 18.0;
        $sheet->text(self::QUANTITY, $base, (string) $line->quantity, self::LARGE, true, 'right');
        $sheet->text(self::LENGTH, $base, $tape->print($line->length, Rounding::Up), self::LARGE, true, 'right');
        $tape->isMetric() || $sheet->text(self::INCHES, $base, $tape->inInches()->print($line->length, Rounding::Up), self::SMALL, false, 'right');
        $sheet->fitted(self::HAND, $base, $this->words->say("hand.$line->hand"), self::SMALL, self::PANELS - self::HAND - 6.0);
        $sheet->text(self::SQUARE_FEET, $base, $this->words->measures($tape->units)->areaNumber($line->squareFeet, 1), self::SMALL, false, 'right');
        $sheet->text(self::POUNDS, $base, $this->words->measures($tape->units)->weightNumber($line->pounds), self::SMALL, false, 'right');
        foreach ($panels as $text) {
            if ($base > $bottom) {
                $sheet->page();
                $base = $this->columns($sheet, $tape, 56.0) + 18.0;
            }
            $sheet->text(self::PANELS, $base, $text, self::SMALL);
            $base += self::LEADING;
        }
        $y = max($base - self::LEADING + 8.0, $y + 26.0);
        $y = $y > $bottom ? $base - self::LEADING + 8.0 : $y;
        $sheet->line(self::MARGIN, $y, self::POUNDS, $y, 0.5, [], 0.6);

        return $y;
    }

    private function totals(Sheet $sheet, Edition $edition, TapePrinter $tape, float $y): float
    {
        $order = $edition->plan()->of(LoadOutStage::class)->order;
        $measures = $this->words->measures($tape->units);
        $totals = [
            [$this->words->say('order.sheets'), (string) $order->sheets],
            [$this->words->say('order.metal'), $measures->area($order->squareFeet, 1)],
            [$this->words->say('order.waste'), $measures->area($order->wasteSquareFeet, 1)],
            [$this->words->say('order.coil', ['width' => $tape->inInches()->print($order->coilWidth)]), $measures->run(ceil($order->coilFeet - 1e-6))],
            [$this->words->say('order.weight'), $measures->weight($order->pounds)],
            ...($order->endPlugs > 0 ? [[$this->words->say('order.end-plugs'), (string) $order->endPlugs]] : []),
            ...array_map(fn (Supply $one): array => array_values($this->supplies->of($one, $tape)), $order->supplies),
        ];
        $y = $this->roomFor($sheet, $y, 18.0 * count($totals));
        foreach ($totals as [$what, $much]) {
            $sheet->text(self::MARGIN, $y + 12.0, $what, 11.0);
            $sheet->text(self::PANELS, $y + 12.0, $much, 11.0, true, 'right');
            $y += 18.0;
            $sheet->line(self::MARGIN, $y - 1.0, self::PANELS, $y - 1.0, 0.5, [], 0.6);
        }

        return $y;
    }

    /** One line that leads to the sticks: trims are not in this list. */
    private function trims(Sheet $sheet, Edition $edition, float $y): float
    {
        $text = $this->trims->said($edition->plan());
        if ($text === null) {
            return $y;
        }
        $wide = $sheet->width - 2 * self::MARGIN;
        $y = $this->roomFor($sheet, $y, 40.0) + 18.0;
        $sheet->paragraph(self::MARGIN, $y, $text, 11.0, $wide);

        return $y + 13.0 * (count($sheet->lines($text, 11.0, $wide)) - 1);
    }

    private function findings(Sheet $sheet, Edition $edition, TapePrinter $tape, float $y): void
    {
        $findings = LoadOutSlice::standing($edition->plan());
        if ($findings === []) {
            return;
        }
        $y = $this->roomFor($sheet, $y, 50.0) + 14.0;
        $sheet->text(self::MARGIN, $y, $this->words->say('findings.settle'), 13.0, true);
        $y += 6.0;
        $wide = $sheet->width - 2 * self::MARGIN - 12.0;
        foreach (array_map(fn (Finding $finding): string => $this->words->finding($finding, $tape), $findings) as $text) {
            $high = 13.0 * count($sheet->lines($text, 11.0, $wide));
            $y = $this->roomFor($sheet, $y, $high + 8.0);
            $sheet->line(self::MARGIN + 2.0, $y + 3.0, self::MARGIN + 2.0, $y + $high + 5.0, 3.0);
            $sheet->paragraph(self::MARGIN + 12.0, $y + 13.0, $text, 11.0, $wide);
            $y += $high + 8.0;
        }
    }

    private function roomFor(Sheet $sheet, float $y, float $high): float
    {
        if ($y + $high <= $sheet->height - 40.0) {
            return $y;
        }
        $sheet->page();

        return 44.0;
    }
}
