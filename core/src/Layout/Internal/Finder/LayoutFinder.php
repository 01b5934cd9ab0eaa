<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\LayoutOption;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/**
 * Finds where the seams of tied faces fall at the least cost by the house's weights, keeps what a person chose or
 * pinned, and compares the ways to start a face. One finder serves one roof; it keeps what it has worked out.
 */
final class LayoutFinder
{
    /** So many ways are shown side by side, the chosen one among them. */
    private const HANDFUL = 7;

    private readonly Looks $looks;

    private readonly LayoutPlanner $planner;

    private readonly Starts $ways;

    private readonly Weights $weights;

    /** @var list<FaceGroup> */
    private readonly array $groups;

    /** @var array<string, list<FaceCost>> */
    private array $costs = [];

    /** @var array<string, list<list<Start>>> */
    private array $starts = [];

    /** @var array<string, GroupSearch> */
    private array $searches = [];

    /** @var array<string, GroupSearch> */
    private array $meetings = [];

    private readonly Profile $profile;

    public function __construct(Roof $roof, private readonly Builds $builds)
    {
        $this->profile = $builds->covering->profile;
        $this->planner = new LayoutPlanner($builds);
        $this->ways = new Starts($this->profile, $this->planner);
        $this->weights = Weights::by($builds->covering->rules);
        $this->looks = Looks::on($roof, $this->profile->cover);
        $this->groups = (new TieFinder($this->profile->cover))->groups($roof);
    }

    public function weights(): Weights
    {
        return $this->weights;
    }

    /**
     * @param  array<string, LayoutChoice>  $chosen  by face id
     * @return list<GroupLayout>
     */
    public function settle(array $chosen): array
    {
        return array_map(fn (FaceGroup $group): GroupLayout => $this->settleGroup($group, $chosen), $this->groups);
    }

    /**
     * The best handful of ways to lay out a face, the best first; each with the rest of its group as good as it can be
     * beside it and beside whatever is pinned.
     *
     * @param  array<string, LayoutChoice>  $chosen  by face id
     * @return list<LayoutOption>
     */
    public function options(Face $face, GroupLayout $now, array $chosen): array
    {
        $group = $now->group;
        $number = (int) $group->numberOf($face->id);
        $pins = [];
        foreach ($now->decided as $i => $decided) {
            if ($decided === 'pinned' && $i !== $number) {
                $pins[$i] = $now->modules[$i];
            }
        }
        $current = $now->choices[$number];
        $options = [new LayoutOption(
            choice: $current,
            place: $this->ways->placeOf($this->startsOf($group)[$number], $current),
            modules: $now->modules,
            score: $now->score,
            reasons: $now->reasons,
            chosen: true,
            best: false,
        )];
        foreach ([null, ...$this->startsOf($group)[$number]] as $start) {
            $same = $start === null ? [] : array_filter($options, fn (LayoutOption $o): bool => $this->ways->sameLines($o->modules[$number], $start->module));
            if ($start !== null && ($same !== [] || $this->ways->isSame($start->choice, $current))) {
                continue;
            }
            $found = $this->search($group)->best($pins + ($start === null ? [] : [$number => $start->module]));
            $module = $found->modules[$number];
            $known = $this->ways->at($this->startsOf($group)[$number], $module);
            if ($start === null && ($known !== null || $this->ways->sameLines($module, $now->modules[$number]))) {
                // The best of all is one of the ways to start, or what is chosen: it will be found under that name.
                continue;
            }
            $options[] = new LayoutOption(
                choice: $start->choice ?? new LayoutChoice(StartKind::Found, at: $module),
                place: $start->place ?? null,
                modules: $found->modules,
                score: $this->score($group, $found->modules),
                reasons: $this->reasoner($group)->reasons($found->modules),
                chosen: false,
                best: false,
            );
        }

        return $this->handful($this->withMeeting($options, $group, $number, $pins));
    }

    /**
     * Where seams miss, the way that lets as many meet as can is among those compared, and the chosen one says what that costs.
     *
     * @param  non-empty-list<LayoutOption>  $options  the chosen one first
     * @param  array<int, float>  $pins
     * @return non-empty-list<LayoutOption>
     */
    private function withMeeting(array $options, FaceGroup $group, int $number, array $pins): array
    {
        $now = $options[0];
        if ($now->score->unmatched === 0) {
            return $options;
        }
        $modules = $this->meeting($group)->best($pins)->modules;
        $score = $this->score($group, $modules);
        if ($score->unmatched >= $now->score->unmatched) {
            return $options;
        }
        $more = $score->less($now->score);
        $reason = $this->reasoner($group)->whatMeetingCosts($modules, $more, $more->total($this->weights));
        $options[0] = $now->because([$reason, ...$now->reasons]);
        $together = [];
        foreach ($group->faces as $i => $face) {
            $together[$face->id] = $this->ways->at($this->startsOf($group)[$i], $modules[$i])->choice ?? new LayoutChoice(StartKind::Found, at: $modules[$i]);
        }
        $options[] = new LayoutOption(
            choice: $together[$group->faces[$number]->id],
            place: null,
            modules: $modules,
            score: $score,
            reasons: $this->reasoner($group)->reasons($modules),
            chosen: false,
            best: false,
            together: $together,
        );

        return $options;
    }

    /**
     * Seams of a settled layout that run where none should; tips are said with the pieces they leave.
     *
     * @return list<Finding>
     */
    public function findings(GroupLayout $now, Face $face): array
    {
        $number = (int) $now->group->numberOf($face->id);
        $findings = [];
        foreach ($this->reasoner($now->group)->inTheWay($number, $now->modules[$number]) as $reason) {
            if ($reason->code !== 'keep-out-tip') {
                $findings[] = Finding::settle("layout.$reason->code", $face->id, $reason->parameters);
            }
        }

        return $findings;
    }

    /** @param  array<string, LayoutChoice>  $chosen */
    private function settleGroup(FaceGroup $group, array $chosen): GroupLayout
    {
        $fixed = [];
        $decided = [];
        foreach ($group->faces as $i => $face) {
            $choice = $chosen[$face->id] ?? null;
            $decided[] = match (true) {
                $choice === null || $choice->isLeftToFinder() => 'found',
                $choice->pinned => 'pinned',
                default => 'chosen',
            };
            if ($choice !== null && $decided[$i] !== 'found') {
                $fixed[$i] = $this->planner->moduleLine($this->costsOf($group)[$i]->span, $choice);
            }
        }
        $found = $this->search($group)->best($fixed);
        $choices = [];
        foreach ($group->faces as $i => $face) {
            $choices[] = isset($fixed[$i]) ? $chosen[$face->id] : ($this->ways->at($this->startsOf($group)[$i], $found->modules[$i])->choice ?? new LayoutChoice(StartKind::Found, at: $found->modules[$i]));
        }
        $free = array_filter($fixed, static fn (int $i): bool => $decided[$i] !== 'pinned', ARRAY_FILTER_USE_KEY);

        return new GroupLayout(
            group: $group,
            modules: $found->modules,
            choices: $choices,
            decided: $decided,
            score: $this->score($group, $found->modules),
            reasons: $this->reasoner($group)->reasons($found->modules),
            proven: $found->proven && $this->looks->areAll(),
            unpinned: in_array('pinned', $decided, true) ? $this->score($group, $this->search($group)->best($free)->modules) : null,
        );
    }

    /** @param  list<float>  $modules */
    private function score(FaceGroup $group, array $modules): Score
    {
        $score = new Score(0, 0, $this->reasoner($group)->unmatched($modules), 0, 0.0, 0);
        foreach ($this->costsOf($group) as $number => $cost) {
            $score = $score->with($cost->score($modules[$number]));
        }

        return $score;
    }

    /**
     * @param  non-empty-list<LayoutOption>  $options
     * @return list<LayoutOption>
     */
    private function handful(array $options): array
    {
        $totals = array_map(fn (LayoutOption $o): float => $o->score->total($this->weights), $options);
        $least = min($totals);
        $options = array_map(static fn (LayoutOption $o, float $total): LayoutOption => $o->marked($total <= $least + Starts::SAME), $options, $totals);
        // A stable sort keeps the order of the ways to start between equals.
        array_multisort(array_map(static fn (float $t): float => round($t, 3), $totals), array_keys($options), $options);
        $kept = array_slice($options, 0, self::HANDFUL);
        $last = count($kept) - 1;
        foreach ($options as $option) {
            if (($option->chosen || $option->together !== []) && ! in_array($option, $kept, true)) {
                $kept[$last--] = $option;
            }
        }

        return array_values($kept);
    }

    private function search(FaceGroup $group): GroupSearch
    {
        return $this->searches[$group->id()] ??= $this->searchBy($group, $this->weights);
    }

    /** A search that lets as many seams meet as can. */
    private function meeting(FaceGroup $group): GroupSearch
    {
        return $this->meetings[$group->id()] ??= $this->searchBy($group, $this->weights->forMeeting());
    }

    private function searchBy(FaceGroup $group, Weights $weights): GroupSearch
    {
        $starts = array_map(static fn (array $own): array => array_map(static fn (Start $s): float => $s->module, $own), $this->startsOf($group));

        return new GroupSearch($group, $this->costsOf($group), $starts, $weights, $this->profile->cover);
    }

    private function reasoner(FaceGroup $group): Reasoner
    {
        return new Reasoner($group, $this->costsOf($group), $this->profile->cover);
    }

    /** @return list<FaceCost> */
    private function costsOf(FaceGroup $group): array
    {
        return $this->costs[$group->id()] ??= array_map(fn (Face $face): FaceCost => new FaceCost($face, $this->builds, $this->weights, $this->looks->share), $group->faces);
    }

    /** @return list<list<Start>> by number of face */
    private function startsOf(FaceGroup $group): array
    {
        return $this->starts[$group->id()] ??= array_map($this->ways->of(...), $group->faces, $this->costsOf($group));
    }
}
