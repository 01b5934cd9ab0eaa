<?php

declare(strict_types=1);

namespace Imbrex\Stations\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\Kit;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceMark;
use Imbrex\Core\Plan;
use Imbrex\Stations\BookPages;
use Imbrex\Stations\Print\MarkTable;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** Draws the pages of openings: from above with its pieces numbered, how each goes on, and the flats two to a page. */
final readonly class OpeningPages implements BookPages
{
    private const MARGIN = 36.0;

    /** Of a card, points. */
    private const CARD = 366.0;

    /** As much (in) of the roof is drawn round an opening. */
    private const ROUND = 16.0;

    public function __construct(private PieceWords $pieces, private Words $words)
    {
    }

    public function pages(Sheet $sheet, Plan $plan): void
    {
        $openings = $plan->of(OpeningsStage::class)->openings;
        foreach ($openings as $flashed) {
            $sheet->page();
            $this->opening($sheet, $plan, $flashed);
            $cut = array_values(array_filter($flashed->pieces, static fn (OpeningPiece $piece): bool => $piece->flat !== []));
            foreach ($cut as $i => $piece) {
                $i % 2 === 0 && $sheet->page();
                $this->card($sheet, $plan, $flashed, $piece, self::MARGIN + ($i % 2) * self::CARD);
            }
        }
    }

    private function opening(Sheet $sheet, Plan $plan, FlashedOpening $flashed): void
    {
        $tape = Wire::tape($plan)->inInches();
        $most = $sheet->width - 2 * self::MARGIN;
        $opening = $flashed->round->opening;
        $sheet->fitted(self::MARGIN, 56.0, $opening->name, 22.0, $most, true);
        $y = $sheet->paragraph(self::MARGIN, 74.0, $this->words->say('openings.sheet', ['face' => $flashed->round->face->name, 'width' => $tape->print($flashed->round->width), 'height' => $tape->print($flashed->round->height), 'order' => $opening->kind->partsPanels() ? $this->pieces->order($flashed->order) : 'none', 'uphill' => $this->pieces->uphill($flashed->uphill)]), 10.0, $most);
        if ($opening->kind->partsPanels() && $flashed->pieces !== []) {
            $this->above($sheet, $flashed, $y + 16.0);
            $y += 250.0;
        }
        foreach ($flashed->pieces as $i => $piece) {
            if ($y > $sheet->height - 96.0) {
                $sheet->page();
                $y = 44.0;
            }
            $y += 16.0;
            $sheet->text(self::MARGIN + 14.0, $y, (string) ($i + 1), 11.0, true, 'right');
            $sheet->fitted(self::MARGIN + 24.0, $y, $this->pieces->name($piece->role), 11.0, 130.0, true);
            $said = $this->words->beside(array_filter([$this->pieces->size($piece, $tape), $this->pieces->held($piece, $tape)]));
            $low = $said === '' ? $y - 11.0 : $sheet->paragraph(self::MARGIN + 160.0, $y, $said, 9.5, $most - 160.0);
            $y = $sheet->paragraph(self::MARGIN + 160.0, $said === '' ? $y : $low + 11.0, $this->pieces->how($flashed, $piece), 8.6, $most - 160.0) + 4.0;
            $sheet->line(self::MARGIN, $y, self::MARGIN + $most, $y, 0.3, [], 0.6);
        }
        foreach ([...$this->pieces->notes($flashed, $tape), $this->words->say($flashed->sheds() ? 'openings.sheds' : 'openings.leaks'), $this->words->say('caution.openings')] as $note) {
            $y = $sheet->paragraph(self::MARGIN, $y + 14.0, $note, 9.0, $most);
        }
    }

    /** From above, uphill at the top. */
    private function above(Sheet $sheet, FlashedOpening $flashed, float $top): void
    {
        $round = $flashed->round;
        [$left, $low, $right, $high] = [-self::ROUND, -self::ROUND, $round->width + self::ROUND, $round->height + self::ROUND + 8.0];
        $scale = min(($sheet->width - 2 * self::MARGIN) / ($right - $left), 220.0 / ($high - $low));
        $x0 = ($sheet->width - ($right - $left) * $scale) / 2.0;
        $at = static fn (float $x, float $y): array => [$x0 + (max($left, min($right, $x)) - $left) * $scale, $top + ($high - max($low, min($high, $y))) * $scale];
        foreach ((new Kit($round, $flashed->order, $flashed->uphill))->lying($flashed->pieces) as $one) {
            $sheet->polygon([$at($one->left, $one->bottom), $at($one->right, $one->bottom), $at($one->right, $one->top), $at($one->left, $one->top)], $one->role->isPanel() ? 0.98 : 0.88, 0.5, 0.3);
        }
        $sheet->polygon([$at(0, 0), $at($round->width, 0), $at($round->width, $round->height), $at(0, $round->height)], 1.0, 1.6);
        foreach ($flashed->pieces as $i => $piece) {
            foreach ((new Kit($round, $flashed->order, $flashed->uphill))->lying([$piece]) as $one) {
                [$x, $y] = $at((max($left, $one->left) + min($right, $one->right)) / 2.0, (max($low, $one->bottom) + min($high, $one->top)) / 2.0);
                $piece->role->isPanel() || $sheet->text($x, $y + 4.0, (string) ($i + 1), 11.0, true, 'middle');
            }
        }
    }

    private function card(Sheet $sheet, Plan $plan, FlashedOpening $flashed, OpeningPiece $piece, float $top): void
    {
        $tape = Wire::tape($plan)->inInches();
        $right = $sheet->width - self::MARGIN;
        $top > self::MARGIN && $sheet->line(self::MARGIN, $top - 8.0, $right, $top - 8.0, 1.6);
        $sheet->fitted(self::MARGIN, $top + 20.0, "{$flashed->round->opening->name}: {$this->pieces->name($piece->role)}", 20.0, $right - self::MARGIN, true);
        $sheet->fitted(self::MARGIN, $top + 34.0, $this->words->beside(array_filter([$this->pieces->size($piece, $tape), $this->pieces->held($piece, $tape)])), 10.0, $right - self::MARGIN);
        [$length, $width] = $piece->sheet();
        $scale = min(($right - self::MARGIN - 20.0) / max(1.0, $length), 120.0 / max(1.0, $width));
        $x0 = self::MARGIN + ($right - self::MARGIN - $length * $scale) / 2.0;
        $y0 = $top + 50.0 + $width * $scale;
        $at = static fn (Point $p): array => [$x0 + $p->u * $scale, $y0 - $p->v * $scale];
        $sheet->polygon(array_map($at, [new Point(0, 0), new Point($length, 0), new Point($length, $width), new Point(0, $width)]), 1.0, 0.3, 0.6);
        $sheet->polygon(array_map($at, $piece->flat), 0.94, 1.2);
        foreach ($piece->lines as $line) {
            [$stroke, $dashes] = match ($line->kind) {
                MarkKind::Cut => [1.8, []],
                MarkKind::Bend => [0.9, [4.0, 2.5]],
                MarkKind::Notch => [3.0, []],
            };
            $sheet->line(...$at($line->from), ...$at($line->to), stroke: $stroke, dashes: $dashes);
        }
        $marks = $piece->marks();
        foreach ($marks as $i => $mark) {
            [$x, $y] = $at(new Point($mark->along, $mark->across));
            $sheet->text($x + 2.0, $y - 2.0, (string) ($i + 1), 8.6, true);
        }
        $sheet->text($x0, $y0 + 12.0, $this->words->say('openings.colour-up'), 8.6);
        $named = array_map(fn (PieceMark $mark, int $i): array => ['name' => ($i + 1).'  '.$this->pieces->mark($mark, $tape), 'kind' => '', 'at' => $tape->print($mark->along)], $marks, array_keys($marks));
        $half = (int) ceil(count($named) / 2);
        foreach ([array_slice($named, 0, $half), array_slice($named, $half)] as $column => $some) {
            $x = self::MARGIN + $column * ($right - self::MARGIN) / 2.0;
            $some !== [] && (new MarkTable($sheet))->draw([['heading' => $this->words->say('openings.from-left'), 'marks' => $some]], $x, $x + ($right - self::MARGIN) / 2.0 - 16.0, $y0 + 24.0, $top + self::CARD - 14.0);
        }
    }
}
