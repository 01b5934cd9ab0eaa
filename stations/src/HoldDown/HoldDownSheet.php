<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Closure;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\EdgePattern;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The hold-down as it is chalked: a sheet a face, with its zones, every clip or screw, what fixes the panels, its snow guards, and the heights to set them at. */
final readonly class HoldDownSheet
{
    private const MARGIN = 30.0;

    private const TOP = 74.0;

    /** Of the page's height the drawing may take; heights are listed under it. */
    private const SHARE = 0.56;

    private const COLUMNS = 3;

    private const BETWEEN = 16.0;

    private const REACH = 2.2;

    private const GREY = ['edge' => 0.93, 'corner' => 0.84];

    public function __construct(private Words $words, private FaceHeights $heights, private PrintFoot $foot)
    {
    }

    public function pdf(Edition $edition): string
    {
        $plan = $edition->plan();
        $sheet = Sheet::of($edition->plan(), onItsSide: true);
        foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
            $face = $plan->of(RoofStage::class)->roof->face($id);
            $face === null || $this->face($sheet, $plan, $face, $hold);
        }
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    private function face(Sheet $sheet, Plan $plan, Face $face, FaceHold $hold): void
    {
        $sheet->page();
        $sheet->fitted(self::MARGIN, 46.0, $face->name, 22.0, 300.0, true);
        $sheet->fitted(self::MARGIN, 62.0, $this->words->beside([$plan->job->name, $this->heights->counted($hold, $face)]), 10.0, $sheet->width - 2 * self::MARGIN);
        $notes = $this->notes($plan);
        $bottom = $sheet->height - 40.0 - count($notes) * 11.0;
        $under = $this->draw($sheet, $plan, $face, $hold, self::TOP + ($bottom - self::TOP) * self::SHARE);
        $this->legend($sheet, $hold, $under + 18.0);
        $y = $bottom;
        foreach ($notes as $note) {
            $y += 11.0;
            $sheet->fitted(self::MARGIN, $y, $note, 8.6, $sheet->width - 2 * self::MARGIN, true);
        }
        $this->list($sheet, $plan, $hold, $under + 38.0, $bottom - 4.0);
    }

    /** @return list<string> what the numbers rest on, and the caution */
    private function notes(Plan $plan): array
    {
        $notes = array_filter($plan->findingsOf('hold-down'), static fn (Finding $one): bool => in_array($one->code, ['hold.no-wind', 'hold.estimate', 'hold.example', 'hold.stainless', 'snow.estimate'], true));

        return [...array_values(array_map(fn (Finding $one): string => $this->words->finding($one, Wire::tape($plan)), $notes)), $this->words->say('caution.hold')];
    }

    /** @return float where it ends, down the page */
    private function draw(Sheet $sheet, Plan $plan, Face $face, FaceHold $hold, float $bottom): float
    {
        $bounds = $face->outline->bounds();
        $wide = $sheet->width - 2 * self::MARGIN;
        $scale = min($wide / max(1.0, $bounds->width()), ($bottom - self::TOP) / max(1.0, $bounds->height()));
        $at = static fn (Point $p): array => [self::MARGIN + ($p->u - $bounds->left) * $scale, self::TOP + ($bounds->top - $p->v) * $scale];
        foreach ($hold->zones->outlines() as [$zone, $outline]) {
            $sheet->polygon(array_map($at, $outline), self::GREY[$zone->value] ?? 1.0, 0.2, self::GREY[$zone->value] ?? 1.0);
        }
        foreach ($plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
            $sheet->polygon(array_map($at, $panel->metal->corners), null, 0.3, 0.6);
        }
        foreach ($face->openings as $opening) {
            $sheet->polygon(array_map($at, $opening->outline->corners), 1.0, 1.2);
        }
        $pattern = new EdgePattern($sheet);
        foreach ($face->edges as $side => $kind) {
            $pattern->draw($kind, $at($face->outline->corner($side)), $at($face->outline->corner($side + 1)));
        }
        foreach ([...$hold->clips, ...$hold->screws] as $one) {
            $this->cross($sheet, $at(new Point($one->u, $one->v)));
        }
        foreach ($hold->fixed as $fixed) {
            foreach ($fixed->at as $point) {
                [$x, $y] = $at($point);
                $sheet->polygon([[$x - 1.6, $y - 1.6], [$x + 1.6, $y - 1.6], [$x + 1.6, $y + 1.6], [$x - 1.6, $y + 1.6]], 0.0, 0.2);
            }
        }
        $this->guards($sheet, $hold, $at);

        return self::TOP + $bounds->height() * $scale;
    }

    /** @param  Closure(Point): array{float, float}  $at */
    private function guards(Sheet $sheet, FaceHold $hold, Closure $at): void
    {
        foreach ($hold->guards as $row) {
            [[$x1, $y], [$x2]] = [$at(new Point($row->from, $row->v)), $at(new Point($row->to, $row->v))];
            $sheet->line($x1, $y, $x2, $y, 1.4);
            foreach ($row->at as $point) {
                [$x, $y] = $at($point);
                $sheet->polygon([[$x, $y - 3.2], [$x + 3.2, $y], [$x, $y + 3.2], [$x - 3.2, $y]], 1.0, 1.0);
            }
        }
    }

    /** @param  array{float, float}  $at */
    private function cross(Sheet $sheet, array $at): void
    {
        [$x, $y] = $at;
        $sheet->line($x - self::REACH, $y, $x + self::REACH, $y, 0.7);
        $sheet->line($x, $y - self::REACH, $x, $y + self::REACH, 0.7);
    }

    private function legend(Sheet $sheet, FaceHold $hold, float $y): void
    {
        $x = self::MARGIN;
        foreach ([WindZone::Edge, WindZone::Corner] as $zone) {
            $sheet->polygon([[$x, $y - 8.0], [$x + 16.0, $y - 8.0], [$x + 16.0, $y], [$x, $y]], self::GREY[$zone->value], 0.4);
            $text = $this->words->say('hold.zone', ['zone' => $zone->value, 'pull' => 'none', 'most' => 'none']);
            $sheet->text($x + 20.0, $y - 1.0, $text, 8.6);
            $x += 36.0 + $sheet->textWidth($text, 8.6);
        }
        $this->cross($sheet, [$x, $y - 4.0]);
        $x = $this->named($sheet, $x + 6.0, $y, $hold->school === null ? 'hold.mark-screw' : 'hold.mark-clip');
        if ($hold->fixed !== []) {
            $sheet->polygon([[$x, $y - 6.0], [$x + 4.0, $y - 6.0], [$x + 4.0, $y - 2.0], [$x, $y - 2.0]], 0.0, 0.2);
            $x = $this->named($sheet, $x + 8.0, $y, 'hold.mark-fixed');
        }
        if ($hold->guards !== []) {
            $sheet->polygon([[$x + 3.2, $y - 7.2], [$x + 6.4, $y - 4.0], [$x + 3.2, $y - 0.8], [$x, $y - 4.0]], 1.0, 1.0);
            $this->named($sheet, $x + 10.0, $y, 'hold.mark-guard');
        }
    }

    /** @return float where the next begins */
    private function named(Sheet $sheet, float $x, float $y, string $word): float
    {
        $text = $this->words->say($word);
        $sheet->text($x, $y - 1.0, $text, 8.6);

        return $x + $sheet->textWidth($text, 8.6) + 16.0;
    }

    private function list(Sheet $sheet, Plan $plan, FaceHold $hold, float $top, float $bottom): void
    {
        $wide = ($sheet->width - 2 * self::MARGIN - (self::COLUMNS - 1) * self::BETWEEN) / self::COLUMNS;
        [$column, $y] = [0, $top];
        foreach ($this->heights->of($hold, $plan) as ['title' => $title, 'heights' => $heights]) {
            $high = 12.0 + count($sheet->lines($heights, 9.6, $wide)) * 11.6;
            if ($y + $high > $bottom) {
                [$column, $y] = [$column + 1, $top];
            }
            if ($column === self::COLUMNS) {
                $sheet->page();
                [$column, $top, $y, $bottom] = [0, 46.0, 46.0, $sheet->height - 40.0];
            }
            $x = self::MARGIN + $column * ($wide + self::BETWEEN);
            $sheet->fitted($x, $y, $title, 8.6, $wide, true);
            $sheet->paragraph($x, $y + 11.6, $heights, 9.6, $wide);
            $y += $high + 6.0;
        }
    }
}
