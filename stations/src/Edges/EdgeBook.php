<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\BookPages;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\EdgePattern;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * The edge book: the plan with the number of each edge's page, then, in the order of work, a page for every way an edge stands
 * and for every kind of corner; then the sticks, and the ends of trims. Edges of one build, pitch and size share a page.
 */
final readonly class EdgeBook
{
    /** In which order edges are built. */
    private const ORDER = [EdgeKind::Eave, EdgeKind::Valley, EdgeKind::Rake, EdgeKind::Sidewall, EdgeKind::Headwall, EdgeKind::Transition, EdgeKind::Hip, EdgeKind::Ridge, EdgeKind::Peak];

    private const MARGIN = 36.0;

    private const ROW = 15.0;

    /** @param  list<BookPages>  $more  what other stations add */
    public function __construct(private Words $words, private EdgeNames $names, private LayerWords $layers, private BuildWords $builds, private EndWords $ends, private PrintFoot $foot, private array $more)
    {
    }

    public function pdf(Edition $edition): string
    {
        $plan = $edition->plan();
        $sheet = Sheet::of($edition->plan());
        $pages = $this->pages($plan);
        // What does not go on one page takes another: where all begin is known when they were laid out once.
        $trial = Sheet::of($edition->plan());
        $trial->page();
        $this->plan($sheet, $plan, $pages, $this->body($trial, $plan, $pages));
        $this->body($sheet, $plan, $pages);
        (new SticksSheet($sheet, $this->words))->draw($plan);
        (new EndCardSheet($sheet, $this->ends, $this->words))->draw($plan);
        foreach ($this->more as $pages) {
            $pages->pages($sheet, $plan);
        }
        $this->foot->on($sheet, $edition);

        return $sheet->pdf();
    }

    /**
     * @param  list<non-empty-list<BuiltEdge|BuiltJunction>>  $pages
     * @return list<int> on which page each begins
     */
    private function body(Sheet $sheet, Plan $plan, array $pages): array
    {
        return array_map(function (array $alike) use ($sheet, $plan): int {
            $sheet->page();
            $number = $sheet->number();
            $built = $alike[0];
            $built instanceof BuiltEdge ? $this->edge($sheet, $plan, $built, array_map(static fn (BuiltEdge|BuiltJunction $one): ?BuiltEdge => $one instanceof BuiltEdge ? $one : null, $alike)) : $this->corner($sheet, $plan, $built);

            return $number;
        }, $pages);
    }

    /** @return list<non-empty-list<BuiltEdge|BuiltJunction>> what is built alike, in the order of work: a corner after the last of its edges */
    private function pages(Plan $plan): array
    {
        $edges = $plan->of(EdgesStage::class)->edges;
        $turn = static fn (EdgeKind $kind): int => (int) array_search($kind, self::ORDER, true);
        $pages = $places = [];
        foreach ($edges as $built) {
            $like = serialize([$built->edge->kind, $built->build->name(), $built->section]);
            $pages[$like][] = $built;
            $places[$like] ??= [$turn($built->edge->kind), 0, ''];
        }
        foreach ($plan->of(EdgesStage::class)->junctions as $built) {
            $last = max([0, ...array_map(static fn (string $id): int => isset($edges[$id]) ? $turn($edges[$id]->edge->kind) : 0, $built->edges)]);
            $like = $built->junction->kind->value.' '.implode(' ', array_column($built->junction->pieces, 'key'));
            $pages[$like][] = $built;
            $places[$like] ??= [$last, 1, $like];
        }
        // Of one kind as the roof has them.
        uksort($pages, static fn (string $one, string $other): int => $places[$one] <=> $places[$other]);

        return array_values($pages);
    }

    /**
     * @param  list<non-empty-list<BuiltEdge|BuiltJunction>>  $pages
     * @param  list<int>  $numbers  of their pages
     */
    private function plan(Sheet $sheet, Plan $plan, array $pages, array $numbers): void
    {
        $sheet->page();
        $sheet->fitted(self::MARGIN, 56.0, $this->words->say('edges.book'), 22.0, 500.0, true);
        $sheet->fitted(self::MARGIN, 74.0, $plan->job->name.' · '.$plan->job->covering->profile->key, 10.0, 500.0);
        $points = [];
        foreach ($plan->of(EdgesStage::class)->edges as $built) {
            array_push($points, $built->edge->from, $built->edge->to);
        }
        if ($points === []) {
            $sheet->text(self::MARGIN, 110.0, $this->words->say('edges.none'), 11.0);

            return;
        }
        [$us, $vs] = [array_map(static fn (Point $p): float => $p->u, $points), array_map(static fn (Point $p): float => $p->v, $points)];
        $scale = min(($sheet->width - 2 * self::MARGIN - 30.0) / max(1.0, max($us) - min($us)), 470.0 / max(1.0, max($vs) - min($vs)));
        $at = static fn (Point $p): array => [self::MARGIN + 15.0 + ($p->u - min($us)) * $scale, 120.0 + (max($vs) - $p->v) * $scale];
        $pattern = new EdgePattern($sheet);
        $kinds = [];
        foreach ($plan->of(EdgesStage::class)->edges as $built) {
            // Uphill, for chevrons of hips and valleys point along it.
            [$low, $high] = $built->edge->fromHeight <= $built->edge->toHeight ? [$built->edge->from, $built->edge->to] : [$built->edge->to, $built->edge->from];
            $rises = in_array($built->edge->kind, [EdgeKind::Hip, EdgeKind::Valley], true);
            $pattern->draw($built->edge->kind, $at($rises ? $low : $built->edge->from), $at($rises ? $high : $built->edge->to));
            $kinds[$built->edge->kind->value] = $this->words->say("edge.{$built->edge->kind->value}");
        }
        foreach ($pages as $i => $alike) {
            foreach ($alike as $built) {
                $isEdge = $built instanceof BuiltEdge;
                [$x, $y] = $at($isEdge ? new Point(($built->edge->from->u + $built->edge->to->u) / 2.0, ($built->edge->from->v + $built->edge->to->v) / 2.0) : $built->at);
                $ring = array_map(static fn (int $part): array => [$x + 7.0 * cos($part * M_PI / 8.0), $y + 7.0 * sin($part * M_PI / 8.0)], range(0, 15));
                $sheet->polygon($isEdge ? [[$x - 8.0, $y - 8.0], [$x + 8.0, $y - 8.0], [$x + 8.0, $y + 8.0], [$x - 8.0, $y + 8.0]] : $ring, 1.0, $isEdge ? 0.8 : 0.6);
                $sheet->text($x, $y + ($isEdge ? 4.0 : 3.0), (string) $numbers[$i], $isEdge ? 11.0 : 8.5, $isEdge, 'middle');
            }
        }
        $pattern->legend($kinds, self::MARGIN, 630.0, 8.4);
        $y = 652.0;
        $y = $sheet->paragraph(self::MARGIN, $y, $this->words->say('edges.book-how'), 9.0, $sheet->width - 2 * self::MARGIN);
        $sheet->paragraph(self::MARGIN, $y + 12.0, $this->words->say('caution.edges'), 9.0, $sheet->width - 2 * self::MARGIN);
    }

    /** @param  array<BuiltEdge|null>  $alike */
    private function edge(Sheet $sheet, Plan $plan, BuiltEdge $built, array $alike): void
    {
        $names = $this->names->of($plan->of(RoofStage::class)->roof);
        $tape = Wire::tape($plan);
        $most = $sheet->width - 2 * self::MARGIN;
        $sheet->fitted(self::MARGIN, 56.0, $this->builds->title($built->build), 22.0, $most, true);
        $said = array_map(static fn (BuiltEdge $one): string => $names[$one->edge->id].' '.$tape->print($one->edge->length()), array_filter($alike));
        $y = $sheet->paragraph(self::MARGIN, 74.0, $this->words->beside($said), 10.0, $most);
        $y = $sheet->paragraph(self::MARGIN, $y + 14.0, $this->builds->why($built->build), 9.0, $most);
        $y = (new SectionSheet($sheet, $this->layers))->draw($built->section, self::MARGIN, $y + 16.0, $most, 270.0) + 24.0;
        foreach ($built->section->layers as $i => $placed) {
            $y = $this->layer($sheet, $plan, $placed, $i + 1, $y);
        }
        $differs = $this->builds->differences($built->own, $tape->inInches());
        if ($differs !== []) {
            $y = $sheet->paragraph(self::MARGIN, $this->room($sheet, $y + 6.0), $this->words->say('edges.differs', ['build' => $this->builds->title($built->own->shipped() ?? $built->build)]).': '.$this->words->beside($differs), 9.0, $most, true) + 6.0;
        }
        foreach ($this->builds->contact($built) as $said) {
            $y = $sheet->paragraph(self::MARGIN, $this->room($sheet, $y + 6.0), $said, 9.0, $most) + 6.0;
        }
        $this->water($sheet, $plan, $built->edge->id, $built->sheds() && $plan->of(FitStage::class)->stands($built->edge->id), $this->room($sheet, $y));
    }

    /** A layer with how it is held, and how it is laid. */
    private function layer(Sheet $sheet, Plan $plan, PlacedLayer $placed, int $number, float $y): float
    {
        $most = $sheet->width - 2 * self::MARGIN;
        $y = $this->room($sheet, $y);
        $sheet->text(self::MARGIN + 14.0, $y, (string) $number, 11.0, true, 'right');
        $sheet->fitted(self::MARGIN + 24.0, $y, $this->layers->name($placed->layer), 11.0, 120.0, true);
        $said = $this->words->beside($this->layers->of($placed, Wire::tape($plan)->inInches(), $plan->job->rules->number('edge.spliceGap')));
        $how = implode(' ', array_filter([$this->layers->note($placed->layer), $this->layers->caution($placed->layer)]));
        $low = $said === '' ? $y - 11.0 : $sheet->paragraph(self::MARGIN + 150.0, $y, $said, 9.5, $most - 150.0);
        $low = $how === '' ? $low : $sheet->paragraph(self::MARGIN + 150.0, $said === '' ? $y : $low + 11.0, $how, 8.5, $most - 150.0);
        $low = max($low, $y) + 4.5;
        $sheet->line(self::MARGIN, $low, self::MARGIN + $most, $low, 0.3, [], 0.6);

        return $low + 13.0;
    }

    /** Where there is room for some lines more: here, or on a page of its own. */
    private function room(Sheet $sheet, float $y): float
    {
        if ($y < $sheet->height - 2 * self::MARGIN) {
            return $y;
        }
        $sheet->page();

        return 56.0;
    }

    private function corner(Sheet $sheet, Plan $plan, BuiltJunction $built): void
    {
        $kind = $built->junction->kind->value;
        $most = $sheet->width - 2 * self::MARGIN;
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
        foreach ([...$plan->findingsOf('edges'), ...$plan->findingsOf('fit')] as $finding) {
            if ($finding->where === $where && ! str_starts_with($finding->code, 'edges.contact-')) {
                $y = $sheet->paragraph(self::MARGIN, $y + 14.0, $this->words->finding($finding, Wire::tape($plan)), 9.0, $most);
            }
        }
    }
}
