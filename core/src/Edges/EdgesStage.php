<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Edges\Contact\Metals;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Edges\Internal\Contact\ContactCheck;
use Imbrex\Core\Edges\Internal\Junctions\JunctionFinder;
use Imbrex\Core\Edges\Internal\SectionPath;
use Imbrex\Core\Edges\Internal\WaterCheck;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Sizes;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;

/**
 * Turns every edge's build into the section that stands there at its own pitch, and follows the water down it.
 *
 * @implements Stage<EdgesResult>
 */
final class EdgesStage implements Stage
{
    /** Degrees panels laid sideways are drawn to fall to their ends: a seam dams them on the slope, so that water leaves there. */
    private const LEVEL_FALL = 2.0;

    public static function needs(): array
    {
        return [RoofStage::class, BuildsStage::class];
    }

    public static function reads(): array
    {
        return [BuildsInput::class, MetalsInput::class];
    }

    public static function rules(): array
    {
        return [];
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): EdgesResult
    {
        $builds = $plan->of(BuildsStage::class);
        $roof = $plan->of(RoofStage::class)->roof;
        $edges = [];
        $metals = new Metals($plan->job->covering, $plan->job->part(MetalsInput::class));
        $judged = [];
        foreach ($roof->edges as $edge) {
            $wish = BuildsStage::wish($plan->job, $roof, $edge);
            $own = $builds->build($edge->kind, $wish, BuildsStage::rise($roof, $edge));
            if ($own->build !== null) {
                [$path, $sizes] = $this->lie($roof, $edge, $own);
                $section = Section::of($path, $own->layers(), $sizes);
                // Edges of one kind, build and pitch shed and wear alike.
                $like = serialize([$own->build->name(), $wish, $path->nodes, $sizes]);
                $edges[$edge->id] = new BuiltEdge($edge, $roof->face($edge->faces[0] ?? '')->name ?? '', $own, $own->build, $section, ...$judged[$like] ??= [(new WaterCheck($section))->faults(), (new ContactCheck($section, $metals))->faults()]);
            }
        }

        return new EdgesResult($edges, (new JunctionFinder($roof))->find($plan->job->part(BuildsInput::class)->junctions));
    }

    /** @return array{SectionPath, Sizes} */
    private function lie(Roof $roof, Edge $edge, EdgeBuild $own): array
    {
        [$slope, $other] = $this->slopes($roof, $edge);
        $sizes = $own->sizes($slope, $other);

        return [SectionPath::of($edge->kind, $slope, $other, $sizes->hem > 0.0 ? $sizes->hem : $sizes->rib), $sizes];
    }

    /** @return array{float, float} degrees the two sides fall square to the edge; of a pitch change the upper first */
    private function slopes(Roof $roof, Edge $edge): array
    {
        if ($edge->kind === EdgeKind::CrossEnd) {
            return [self::LEVEL_FALL, self::LEVEL_FALL];
        }
        if ($edge->kind === EdgeKind::Hip || $edge->kind === EdgeKind::Valley) {
            // Each side falls from the line by half of what the dihedral leaves of a flat angle.
            $half = (180.0 - ($edge->dihedralDegrees ?? 180.0)) / 2.0;

            return [$half, $half];
        }
        $faces = array_values(array_filter(array_map($roof->face(...), $edge->faces)));
        if ($edge->kind === EdgeKind::Transition && isset($faces[1]) && ! $this->liesAbove($faces[0], $edge)) {
            $faces = array_reverse($faces);
        }
        $degrees = array_map(static fn (Face $face): float => $face->pitch->degrees(), $faces);

        return [$degrees[0] ?? 0.0, $degrees[1] ?? $degrees[0] ?? 0.0];
    }

    /** Whether a face begins at an edge and climbs from it. */
    private function liesAbove(Face $face, Edge $edge): bool
    {
        $bounds = $face->outline->bounds();

        return $face->frame !== null && $face->frame->toDeck($edge->from)->v < ($bounds->bottom + $bounds->top) / 2.0;
    }
}
