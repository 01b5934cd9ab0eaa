<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Fit\BareSpot;
use Imbrex\Core\Fit\FitResult;
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Wire;

/**
 * Every edge with its build, and one of them in section.
 *
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type EdgeSectionShape from SectionWriter
 * @phpstan-import-type JunctionRowShape from JunctionWriter
 * @phpstan-import-type JunctionViewShape from JunctionWriter
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type EdgeRowShape array{
 *     id: string,
 *     kind: EdgeKindShape,
 *     name: string,
 *     plan: array{PlanPointShape, PlanPointShape},
 *     heights: array{float, float},
 *     length: float,
 *     build: string,
 *     layers: int,
 *     // Those at a spacing; those at ribs are not in it.
 *     fasteners: int,
 *     adapted: bool,
 *     sheds: bool,
 * }
 * @phpstan-type EdgesSliceShape array{
 *     faces: list<array{id: string, planOutline: PlanOutlineShape}>,
 *     edges: list<EdgeRowShape>,
 *     section: EdgeSectionShape|null,
 *     // Deck no metal lies over: convex parts of every spot, over the plan.
 *     bare: list<list<PlanOutlineShape>>,
 *     findings: list<PlanFindingShape>,
 *     junctions: list<JunctionRowShape>,
 *     junction: JunctionViewShape|null,
 * }
 */
final readonly class EdgesSlice
{
    public function __construct(private SectionWriter $sections, private BuildWords $builds, private EdgeNames $names, private JunctionWriter $junctions, private Wire $wire)
    {
    }

    /** @return EdgesSliceShape */
    public function of(Plan $plan, ?string $pick): array
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $edges = $plan->of(EdgesStage::class)->edges;
        $names = $this->names->of($roof);
        $findings = [...$plan->findingsOf('builds'), ...$plan->findingsOf('edges'), ...$plan->findingsOf('fit')];
        $judged = $plan->of(FitStage::class);
        $picked = $edges[$pick ?? ''] ?? array_values($edges)[0] ?? null;

        return [
            'faces' => array_map(static fn (Face $face): array => ['id' => $face->id, 'planOutline' => $face->frame === null ? [] : Wire::line(array_map($face->frame->toPlan(...), $face->outline->corners))], $roof->faces),
            'edges' => array_values(array_map(fn (BuiltEdge $built): array => $this->row($built, $names[$built->edge->id], $plan->job->covering->profile, $judged), $edges)),
            'section' => $picked === null ? null : $this->sections->section($plan, $picked, $names[$picked->edge->id], array_values(array_filter($findings, static fn (Finding $f): bool => self::isOf($f, $picked)))),
            'junctions' => $this->junctions->all($plan),
            'junction' => $this->junctions->one($plan, $pick ?? ''),
            'bare' => array_map(static fn (BareSpot $spot): array => self::overPlan($roof, $spot), $judged->bare),
            'findings' => $this->wire->findings($plan, $findings),
        ];
    }

    /** @return list<PlanOutlineShape> */
    private static function overPlan(Roof $roof, BareSpot $spot): array
    {
        $frame = $roof->face($spot->face)?->frame;

        return $frame === null ? [] : array_map(static fn (array $outline): array => Wire::line(array_map(static fn (array $at): Point => $frame->toPlan(new Point($at[0], $at[1])), $outline)), $spot->outlines);
    }

    /** Whether it is of one edge; what eats what there is said apart. */
    private static function isOf(Finding $finding, BuiltEdge $built): bool
    {
        return ! str_starts_with($finding->code, 'edges.contact-') && in_array($finding->where, [$built->edge->id, $built->build->name()], true);
    }

    /** @return EdgeRowShape */
    private function row(BuiltEdge $built, string $name, Profile $profile, FitResult $judged): array
    {
        return [
            'id' => $built->edge->id,
            'kind' => $built->edge->kind->value,
            'name' => $name,
            'plan' => [Wire::point($built->edge->from), Wire::point($built->edge->to)],
            'heights' => [$built->edge->fromHeight, $built->edge->toHeight],
            'length' => $built->edge->length(),
            'build' => $this->builds->title($built->build),
            'layers' => count($built->section->layers),
            'fasteners' => $built->fastenerCount($profile),
            'adapted' => $built->own->isAdapted(),
            'sheds' => $built->sheds() && $judged->stands($built->edge->id),
        ];
    }
}
