<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Builds\Internal\BuildChoice;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Stage;

/**
 * Settles how each edge is built: by the house, or as somebody wished. Layout and Cutting read it.
 *
 * @implements Stage<Builds>
 */
final readonly class BuildsStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class];
    }

    public static function reads(): array
    {
        return [BuildsInput::class, 'cut.cleatFlange', 'cut.panTurnUp'];
    }

    public static function rules(): array
    {
        return BuildsRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): Builds
    {
        $input = $plan->job->part(BuildsInput::class);
        $covering = $plan->job->covering;
        $choice = new BuildChoice($covering, $input->builds, $input->book());
        // Only a cap seam's build goes by the pitch.
        $roof = $plan->of(RoofStage::class)->roof;
        $hasCrickets = array_filter($roof->faces, static fn (Face $face): bool => $face->behind !== null) !== [];
        if ($input->wishes === [] && ! $hasCrickets && Fixing::of($covering->profile->family) !== Fixing::Cap) {
            return Builds::of($covering, $choice, [], [], $this->older($input));
        }
        $edges = $this->bySide($roof);
        $wishes = array_filter(array_map(static fn (Edge $edge): ?EdgeWish => self::wish($plan->job, $roof, $edge), $edges));

        return Builds::of($covering, $choice, $wishes, array_map(static fn (Edge $edge): float => self::rise($roof, $edge), $edges), [...$this->gone($roof, $input->wishes), ...$this->older($input)]);
    }

    /** What somebody wished for an edge; a saddle's valleys have a reveal of their own, and nothing is let out at its ridge. */
    public static function wish(Job $job, Roof $roof, Edge $edge): ?EdgeWish
    {
        $wish = $job->part(BuildsInput::class)->wishes[$edge->id] ?? null;
        $isSaddle = in_array($edge->kind, [EdgeKind::Valley, EdgeKind::Ridge], true) && array_filter($edge->faces, static fn (string $face): bool => $roof->face($face)?->behind !== null) !== [];

        return $isSaddle ? ($wish ?? new EdgeWish)->onSaddle($edge->kind === EdgeKind::Valley ? $job->rules->number('opening.cricketReveal') : null) : $wish;
    }

    /** Of the flattest face at an edge, in 12. */
    public static function rise(Roof $roof, Edge $edge): float
    {
        return min([INF, ...array_map(static fn (string $face): float => $roof->face($face)->pitch->riseIn12 ?? INF, $edge->faces)]);
    }

    /** @return array<string, Edge> by face, loop and side: `S 0 3` */
    private function bySide(Roof $roof): array
    {
        $finder = new SideFinder($roof);
        $bySide = [];
        foreach ($roof->faces as $face) {
            foreach ($face->region()->loops() as $loop => $outline) {
                foreach (array_keys($outline->corners) as $side) {
                    $edge = $finder->edge($face, $loop, $side);
                    if ($edge !== null) {
                        $bySide["$face->id $loop $side"] = $edge;
                    }
                }
            }
        }

        return $bySide;
    }

    /**
     * Edges come and go as blocks are moved; what was wished for them is kept, and said.
     *
     * @param  array<string, EdgeWish>  $wishes
     * @return list<Finding>
     */
    private function gone(Roof $roof, array $wishes): array
    {
        $gone = array_filter(array_map(strval(...), array_keys($wishes)), static fn (string $id): bool => $roof->edge($id) === null);

        return array_map(static fn (string $id): Finding => Finding::note('builds.edge-gone', $id, ['edge' => $id]), array_values($gone));
    }

    /** @return list<Finding> a job keeps the builds it was planned with; where a later one is to be had, it is said */
    private function older(BuildsInput $input): array
    {
        $book = $input->book();
        $findings = [];
        foreach (array_unique([...array_values($input->builds), ...array_filter(array_map(static fn (EdgeWish $wish): ?string => $wish->build, $input->wishes))]) as $name) {
            $build = $book->build($name);
            $newest = $build === null ? null : $book->build($build->key);
            if ($build !== null && $newest !== null && $newest->version > $build->version) {
                $findings[] = Finding::note('builds.older', $build->name(), ['build' => $build->title ?? new Term("build.$build->key"), 'version' => $build->version, 'newest' => $newest->version]);
            }
        }

        return $findings;
    }
}
