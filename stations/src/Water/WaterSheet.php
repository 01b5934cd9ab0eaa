<?php

declare(strict_types=1);

namespace Imbrex\Stations\Water;

use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\BookPages;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\EdgePattern;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Words\Words;

/** Where the water of a roof runs, on one sheet: the plan with its valleys as wide as their flow, and what runs where. */
final readonly class WaterSheet implements BookPages
{
    private const MARGIN = 30.0;

    private const TOP = 76.0;

    /** Of the list beside the plan, points. */
    private const LIST = 270.0;

    /** Of the fullest valley at its low end, points. */
    private const WIDEST = 9.0;

    public function __construct(private WaterSlice $slice, private Words $words, private PrintFoot $foot)
    {
    }

    public function pdf(Edition $edition): ?string
    {
        $plan = $edition->plan();
        $roof = $plan->of(RoofStage::class)->roof;
        if ($roof->faces === []) {
            return null;
        }
        $sheet = Sheet::of($edition->plan(), onItsSide: true);
        $this->pages($sheet, $plan);
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    public function pages(Sheet $sheet, Plan $plan): void
    {
        $roof = $plan->of(RoofStage::class)->roof;
        if ($roof->faces === []) {
            return;
        }
        $rows = $this->slice->rows($plan);
        $sheet->page();
        $sheet->text(self::MARGIN, 46.0, $this->words->say('station.water'), 22.0, true);
        $sheet->fitted(self::MARGIN, 62.0, "{$plan->job->name} · {$this->slice->said($plan)}", 10.0, $sheet->width - 2 * self::MARGIN);
        $this->draw($sheet, $roof, array_column($rows['valley'], 'share', 'id'));
        $this->list($sheet, ['water.valleys' => $rows['valley'], 'water.openings' => $rows['opening'], 'water.eaves' => $rows['eave']]);
        $sheet->fitted(self::MARGIN, $sheet->height - 30.0, $this->words->say('caution.water'), 8.6, $sheet->width - 2 * self::MARGIN, true);
    }

    /** @param  array<string, float>  $shares  of the fullest valley, by id */
    private function draw(Sheet $sheet, Roof $roof, array $shares): void
    {
        $outlines = array_map(static fn (Face $face): Polygon => $face->frame?->inPlan($face->outline) ?? $face->outline, $roof->faces);
        $bounds = array_map(static fn (Polygon $one): Bounds => $one->bounds(), $outlines);
        [$left, $right] = [min(INF, ...array_map(static fn (Bounds $one): float => $one->left, $bounds)), max(-INF, ...array_map(static fn (Bounds $one): float => $one->right, $bounds))];
        [$low, $top] = [min(INF, ...array_map(static fn (Bounds $one): float => $one->bottom, $bounds)), max(-INF, ...array_map(static fn (Bounds $one): float => $one->top, $bounds))];
        $scale = min(($sheet->width - 3 * self::MARGIN - self::LIST) / max(1.0, $right - $left), ($sheet->height - self::TOP - 60.0) / max(1.0, $top - $low));
        $at = static fn (Point $point): array => [self::MARGIN + ($point->u - $left) * $scale, self::TOP + ($top - $point->v) * $scale];
        foreach ($roof->faces as $i => $face) {
            $sheet->polygon(array_map($at, $outlines[$i]->corners), 0.95, 0.3, 0.6);
            foreach ($face->openings as $opening) {
                $sheet->polygon(array_map($at, ($face->frame?->inPlan($opening->outline) ?? $opening->outline)->corners), 1.0, 1.0);
            }
        }
        $pattern = new EdgePattern($sheet);
        foreach ($roof->edges as $edge) {
            isset($shares[$edge->id]) && $this->stream($sheet, $at($edge->fromHeight >= $edge->toHeight ? $edge->from : $edge->to), $at($edge->fromHeight >= $edge->toHeight ? $edge->to : $edge->from), $shares[$edge->id]);
            $pattern->draw($edge->kind, $at($edge->from), $at($edge->to));
        }
    }

    /**
     * Wider to its low end.
     *
     * @param  array{float, float}  $top
     * @param  array{float, float}  $low
     */
    private function stream(Sheet $sheet, array $top, array $low, float $share): void
    {
        $long = max(1.0, hypot($low[0] - $top[0], $low[1] - $top[1]));
        $half = max(1.0, $share * self::WIDEST / 2.0);
        [$x, $y] = [-($low[1] - $top[1]) / $long * $half, ($low[0] - $top[0]) / $long * $half];
        $sheet->polygon([$top, [$low[0] + $x, $low[1] + $y], [$low[0] - $x, $low[1] - $y]], 0.55, 0.3, 0.4);
    }

    /** @param  array<string, list<array{id: string, name: string, gallons: string, said: string, tight: bool, share: float}>>  $groups  by the word that heads them */
    private function list(Sheet $sheet, array $groups): void
    {
        $x = $sheet->width - self::MARGIN - self::LIST;
        $y = self::TOP + 10.0;
        foreach (array_filter($groups) as $title => $flows) {
            $sheet->text($x, $y, $this->words->say($title), 10.0, true);
            foreach ($flows as $flow) {
                if ($y > $sheet->height - 86.0) {
                    $sheet->page();
                    $y = self::TOP;
                }
                $y += 14.0;
                $sheet->fitted($x, $y, $flow['name'], 9.6, self::LIST - 80.0, true);
                $sheet->text($x + self::LIST, $y, $flow['gallons'], 9.6, true, 'right');
                $y = $sheet->paragraph($x, $y + 11.0, $flow['said'], 8.6, self::LIST) + 2.0;
            }
            $y += 20.0;
        }
    }
}
