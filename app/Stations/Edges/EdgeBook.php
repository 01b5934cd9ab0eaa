<?php

declare(strict_types=1);

namespace App\Stations\Edges;

use App\Exports\EdgePattern;
use App\Exports\PrintFoot;
use App\Exports\Sheet;
use App\Stations\Edition;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;

/**
 * The edge book: the plan with the number of each edge's page, then a page for every way an edge stands, in the order they are
 * built, and one for every kind of corner. Edges of one build, pitch and size share a page.
 */
final readonly class EdgeBook
{
    /** In which order edges are built. */
    private const ORDER = [EdgeKind::Eave, EdgeKind::Valley, EdgeKind::Rake, EdgeKind::Sidewall, EdgeKind::Headwall, EdgeKind::Transition, EdgeKind::Hip, EdgeKind::Ridge, EdgeKind::Peak];

    private const MARGIN = 36.0;

    private const ROW = 15.0;

    /** The plan stands on the first page. */
    private const FIRST = 2;

    public function __construct(private Words $words, private EdgeNames $names, private LayerWords $layers, private PrintFoot $foot)
    {
    }

    public function pdf(Edition $edition): string
    {
        $plan = $edition->plan();
        $sheet = Sheet::letter();
        $pages = $this->pages($plan);
        $corners = $this->corners($plan);
        $this->plan($sheet, $plan, $pages, $corners);
        foreach ($pages as $edges) {
            $this->page($sheet, $plan, $edges);
        }
        foreach ($corners as $junctions) {
            $this->corner($sheet, $plan, $junctions);
        }
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    /** @return list<non-empty-list<BuiltEdge>> a page each, in the order of work */
    private function pages(Plan $plan): array
    {
        $pages = [];
        foreach ($plan->of(EdgesStage::class)->edges as $built) {
            $order = array_search($built->edge->kind, self::ORDER, true);
            $pages[sprintf('%02d %s', (int) $order, md5(serialize([$built->build->name(), $built->section])))][] = $built;
        }
        ksort($pages);

        return array_values($pages);
    }

    /** @return list<non-empty-list<BuiltJunction>> a page each */
    private function corners(Plan $plan): array
    {
        $pages = [];
        foreach ($plan->of(EdgesStage::class)->junctions as $built) {
            $order = array_search($built->junction->kind, JunctionKind::cases(), true);
            $pages[sprintf('%02d %s', (int) $order, implode(' ', array_column($built->junction->pieces, 'key')))][] = $built;
        }
        ksort($pages);

        return array_values($pages);
    }

    /**
     * @param  list<non-empty-list<BuiltEdge>>  $pages
     * @param  list<non-empty-list<BuiltJunction>>  $corners
     */
    private function plan(Sheet $sheet, Plan $plan, array $pages, array $corners): void
    {
        $sheet->page();
        $sheet->fitted(self::MARGIN, 56.0, $this->words->say('edges.book'), 22.0, 500.0, true);
        $sheet->fitted(self::MARGIN, 74.0, $plan->job->name.' · '.$plan->job->covering->profile->key, 10.0, 500.0);
        $points = array_merge(...array_map(static fn (array $edges): array => array_merge(...array_map(static fn (BuiltEdge $built): array => [$built->edge->from, $built->edge->to], $edges)), $pages));
        if ($points === []) {
            $sheet->text(self::MARGIN, 110.0, $this->words->say('edges.none'), 11.0);

            return;
        }
        [$us, $vs] = [array_map(static fn (Point $p): float => $p->u, $points), array_map(static fn (Point $p): float => $p->v, $points)];
        $scale = min(($sheet->width - 2 * self::MARGIN - 30.0) / max(1.0, max($us) - min($us)), 470.0 / max(1.0, max($vs) - min($vs)));
        $at = static fn (Point $p): array => [self::MARGIN + 15.0 + ($p->u - min($us)) * $scale, 120.0 + (max($vs) - $p->v) * $scale];
        $pattern = new EdgePattern($sheet);
        $kinds = [];
        foreach ($pages as $edges) {
            foreach ($edges as $built) {
                // Uphill, for chevrons of hips and valleys point along it.
                [$low, $high] = $built->edge->fromHeight <= $built->edge->toHeight ? [$built->edge->from, $built->edge->to] : [$built->edge->to, $built->edge->from];
                $rises = in_array($built->edge->kind, [EdgeKind::Hip, EdgeKind::Valley], true);
                $pattern->draw($built->edge->kind, $at($rises ? $low : $built->edge->from), $at($rises ? $high : $built->edge->to));
                $kinds[$built->edge->kind->value] = $this->words->say("edge.{$built->edge->kind->value}");
            }
        }
        foreach ($pages as $i => $edges) {
            foreach ($edges as $built) {
                [$x, $y] = $at(new Point(($built->edge->from->u + $built->edge->to->u) / 2.0, ($built->edge->from->v + $built->edge->to->v) / 2.0));
                $sheet->polygon([[$x - 8.0, $y - 8.0], [$x + 8.0, $y - 8.0], [$x + 8.0, $y + 8.0], [$x - 8.0, $y + 8.0]], 1.0, 0.8);
                $sheet->text($x, $y + 4.0, (string) ($i + self::FIRST), 11.0, true, 'middle');
            }
        }
        foreach ($corners as $i => $junctions) {
            foreach ($junctions as $built) {
                [$x, $y] = $at($built->at);
                $sheet->polygon(array_map(static fn (int $part): array => [$x + 7.0 * cos($part * M_PI / 8.0), $y + 7.0 * sin($part * M_PI / 8.0)], range(0, 15)), 1.0, 0.6);
                $sheet->text($x, $y + 3.0, (string) ($i + count($pages) + self::FIRST), 8.5, false, 'middle');
            }
        }
        $pattern->legend($kinds, self::MARGIN, 630.0, 8.4);
        $y = 652.0;
        $y = $sheet->paragraph(self::MARGIN, $y, $this->words->say('edges.book-how'), 9.0, $sheet->width - 2 * self::MARGIN);
        $sheet->paragraph(self::MARGIN, $y + 12.0, $this->words->say('caution.edges'), 9.0, $sheet->width - 2 * self::MARGIN);
    }

    /** @param  non-empty-list<BuiltEdge>  $edges */
    private function page(Sheet $sheet, Plan $plan, array $edges): void
    {
        $built = $edges[0];
        $names = $this->names->of($plan->of(RoofStage::class)->roof);
        $tape = Wire::tape($plan);
        $most = $sheet->width - 2 * self::MARGIN;
        $sheet->page();
        $sheet->fitted(self::MARGIN, 56.0, $this->words->say("build.{$built->build->key}"), 22.0, $most, true);
        $said = array_map(static fn (BuiltEdge $one): string => $names[$one->edge->id].' '.$tape->print($one->edge->length()), $edges);
        $y = $sheet->paragraph(self::MARGIN, 74.0, implode(' · ', $said), 10.0, $most);
        $y = $sheet->paragraph(self::MARGIN, $y + 14.0, $this->words->say("build.{$built->build->key}.why"), 9.0, $most);
        $y = (new SectionSheet($sheet, $this->words))->draw($built->section, self::MARGIN, $y + 16.0, $most, 330.0) + 26.0;
        foreach ($built->section->layers as $i => $placed) {
            $sheet->text(self::MARGIN + 14.0, $y, (string) ($i + 1), 11.0, true, 'right');
            $sheet->text(self::MARGIN + 24.0, $y, $this->words->say("layer.{$placed->layer->key}"), 11.0, true);
            $sheet->fitted(self::MARGIN + 190.0, $y, implode(' · ', $this->layers->of($placed, $tape->inInches())), 10.0, $most - 190.0);
            $sheet->line(self::MARGIN, $y + 4.0, self::MARGIN + $most, $y + 4.0, 0.3, [], 0.6);
            $y += self::ROW;
        }
        if ($built->own->isAdapted()) {
            $y = $sheet->paragraph(self::MARGIN, $y + 6.0, $this->words->say('edges.adapted'), 9.0, $most, true);
        }
        $this->water($sheet, $plan, $built->edge->id, $built->sheds(), $y);
    }

    /** @param  non-empty-list<BuiltJunction>  $junctions */
    private function corner(Sheet $sheet, Plan $plan, array $junctions): void
    {
        $built = $junctions[0];
        $kind = $built->junction->kind->value;
        $most = $sheet->width - 2 * self::MARGIN;
        $sheet->page();
        $sheet->fitted(self::MARGIN, 56.0, $this->words->say("junction.$kind"), 22.0, $most, true);
        $y = $sheet->paragraph(self::MARGIN, 74.0, $this->words->say("junction.$kind.why"), 10.0, $most);
        (new JunctionSheet($sheet))->draw($built->junction, self::MARGIN + ($most - 330.0) / 2.0, $y + 14.0, 330.0);
        $y = $sheet->paragraph(self::MARGIN, $y + 360.0, $this->words->say('edges.unfolded'), 9.0, $most) + 22.0;
        foreach ($built->junction->pieces as $i => $piece) {
            $sheet->text(self::MARGIN + 14.0, $y, (string) ($i + 1), 11.0, true, 'right');
            $sheet->text(self::MARGIN + 24.0, $y, $this->words->say("layer.$piece->key"), 11.0, true);
            $sheet->line(self::MARGIN, $y + 4.0, self::MARGIN + $most, $y + 4.0, 0.3, [], 0.6);
            $y += self::ROW;
        }
        $this->water($sheet, $plan, $built->id, $built->sheds(), $y);
    }

    /** Whether it sheds, and what is to settle. */
    private function water(Sheet $sheet, Plan $plan, string $where, bool $sheds, float $y): void
    {
        $most = $sheet->width - 2 * self::MARGIN;
        $y = $sheet->paragraph(self::MARGIN, $y + 6.0, $this->words->say($sheds ? 'edges.sheds' : 'edges.leaks'), 9.0, $most, true);
        foreach ($plan->findingsOf('edges') as $finding) {
            if ($finding->where === $where) {
                $y = $sheet->paragraph(self::MARGIN, $y + 14.0, $this->words->finding($finding, Wire::tape($plan)), 9.0, $most);
            }
        }
    }
}
