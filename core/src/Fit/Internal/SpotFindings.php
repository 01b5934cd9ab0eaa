<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Fit\BareSpot;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\SideFinder;

/** Tells bare spots by the edges they lie at: of several alike at the same edges the largest, and how many more there are. */
final readonly class SpotFindings
{
    /** A spot lies at an edge that is no farther (in). */
    private const NEAR = 8.0;

    private SideFinder $sides;

    public function __construct(private Roof $roof)
    {
        $this->sides = new SideFinder($roof);
    }

    /**
     * @param  list<BareSpot>  $spots
     * @return list<Finding>
     */
    public function of(array $spots): array
    {
        $told = [];
        foreach ($spots as $spot) {
            $face = $this->roof->face($spot->face);
            if ($face !== null) {
                $edges = $this->near($face, $spot);
                $key = implode(' ', [$face->id, ...array_map(static fn (Edge $edge): string => $edge->id, $edges)]);
                $told[$key][] = [$face, $edges, $spot];
            }
        }

        return array_values(array_map(self::finding(...), $told));
    }

    /** @param  non-empty-list<array{Face, list<Edge>, BareSpot}>  $alike */
    private static function finding(array $alike): Finding
    {
        usort($alike, static fn (array $a, array $b): int => $b[2]->area <=> $a[2]->area);
        [$face, $edges, $spot] = $alike[0];

        return Finding::settle('cover.bare', $edges[0]->id ?? $face->id, [
            'face' => $face->name,
            'wide' => Length::ofInches($spot->right - $spot->left),
            'high' => Length::ofInches($spot->top - $spot->bottom),
            'up' => Length::ofInches($spot->bottom),
            'across' => Length::ofInches($spot->left),
            'edges' => min(2, count($edges)),
            'edge' => $edges === [] ? '' : new Term("edge.{$edges[0]->kind->value}"),
            'other' => isset($edges[1]) ? new Term("edge.{$edges[1]->kind->value}") : '',
            'more' => count($alike) - 1,
        ]);
    }

    /** @return list<Edge> the nearest first */
    private function near(Face $face, BareSpot $spot): array
    {
        $near = [];
        foreach ($face->region()->loops() as $loop => $outline) {
            foreach ($outline->corners as $side => $from) {
                $off = self::off($spot, $from, $outline->corner($side + 1));
                $edge = $off > self::NEAR ? null : $this->sides->edge($face, $loop, $side);
                if ($edge !== null) {
                    $near[$edge->id] = [min($off, $near[$edge->id][0] ?? INF), $edge];
                }
            }
        }
        usort($near, static fn (array $a, array $b): int => [round($a[0], 3), $a[1]->id] <=> [round($b[0], 3), $b[1]->id]);

        return array_column($near, 1);
    }

    /** How far (in) the middle of a spot's nearest part lies from a side. */
    private static function off(BareSpot $spot, Point $from, Point $to): float
    {
        $off = INF;
        foreach ($spot->outlines as $outline) {
            foreach ($outline as [$u, $v]) {
                $long = max(1e-12, ($to->u - $from->u) ** 2 + ($to->v - $from->v) ** 2);
                $part = max(0.0, min(1.0, (($u - $from->u) * ($to->u - $from->u) + ($v - $from->v) * ($to->v - $from->v)) / $long));
                $off = min($off, hypot($u - $from->u - $part * ($to->u - $from->u), $v - $from->v - $part * ($to->v - $from->v)));
            }
        }

        return $off;
    }
}
