<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\Internal\Cutter;
use Imbrex\Core\Cutting\Internal\Pairing;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\LayoutOption;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;

/**
 * One way to start a face, carried through to the metal it takes there, and what speaks for it in its whole group.
 *
 * @phpstan-import-type ScorePart from Score
 */
final readonly class ComparedStart
{
    /** @param  array<ScorePart, float>  $points  by part of the score, whole group */
    private function __construct(public FaceLayout $layout, public SheetList $sheets, public LayoutOption $option, public array $points)
    {
    }

    public function total(): float
    {
        return array_sum($this->points);
    }

    /**
     * What is worth telling of its points: of the one chosen all, of another how it differs from the best. Whole points.
     *
     * @return array<ScorePart, int> by part of the score
     */
    public function tells(self $best): array
    {
        $points = $this->option->chosen ? $this->points : array_map(static fn (float $own, float $its): float => $own - $its, $this->points, $best->points);

        return self::whole(array_combine(array_keys($this->points), $points));
    }

    /**
     * @param  array<ScorePart, float>  $points
     * @return array<ScorePart, int> those that round to something
     */
    public static function whole(array $points): array
    {
        return array_filter(array_map(static fn (float $p): int => (int) round($p), $points));
    }

    /**
     * The best ways to lay out one face, side by side, the best first; the chosen one as it has been nudged.
     *
     * @return list<self>
     */
    public static function compare(Plan $plan, Face $face): array
    {
        $laid = $plan->of(LayoutStage::class);
        $builds = $plan->of(BuildsStage::class);
        $group = $laid->groupOf($face->id);
        $planner = new LayoutPlanner($builds);
        $cutter = new Cutter($builds);
        $order = OrderLength::on($plan, $face);

        return array_map(static function (LayoutOption $option) use ($planner, $cutter, $builds, $face, $order, $laid): self {
            $layout = $planner->lay($face, $option->choice);

            return new self(
                $layout,
                SheetList::of($cutter->cut($face, $layout, $order), Pairing::none(), $builds->covering->profile),
                $option,
                $option->score->points($laid->finder()->weights()),
            );
        }, $group === null ? [] : $laid->finder()->options($face, $group, $plan->job->part(LayoutInput::class)->choices));
    }
}
