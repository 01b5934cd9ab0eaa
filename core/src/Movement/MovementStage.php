<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\HoldDown\ClipKind;
use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Movement\Internal\Hems;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\Trims\TrimsStage;

/**
 * How far every length of panel moves, and between what its hem may be set: ΔL = α L ΔT from the fixed point.
 *
 * @implements Stage<MovementResult>
 */
final class MovementStage implements Stage
{
    /** Steps (°F) of the day's table. */
    private const STEP = 10.0;

    /** Lengths (in) nearer to each other are one: no tape parts them. */
    private const ALIKE = 1.0;

    public static function needs(): array
    {
        return [RoofStage::class, BuildsStage::class, CuttingStage::class, TrimsStage::class, HoldDownStage::class];
    }

    public static function reads(): array
    {
        return [HoldDownInput::class, MovementInput::class, MetalToday::class];
    }

    public static function rules(): array
    {
        return MovementRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): MovementResult
    {
        $covering = $plan->job->covering;
        $range = MetalRange::of($covering, $plan->job->part(MovementInput::class));
        $fixed = $plan->job->part(HoldDownInput::class)->fixed;
        $today = $plan->circumstances->part(MetalToday::class)->metalF;
        $isConcealed = $covering->profile->family->isConcealed();
        $movements = $isConcealed ? $this->movements($plan, $range, $fixed, $today) : [];
        $trims = $this->trims($plan, $range, $today);

        return new MovementResult(
            range: $range,
            fixed: $fixed,
            movements: $movements,
            closings: $isConcealed ? $this->closings($plan) : [],
            trims: $trims,
            todayF: $today,
            findings: [...$this->closed($plan, $range, $movements), ...$this->travel($plan, $movements), ...$this->splices($plan, $trims)],
        );
    }

    /** @return list<PanelMovement> */
    private function movements(Plan $plan, MetalRange $range, FixedAt $fixed, ?float $today): array
    {
        $groups = [];
        $hems = new Hems($plan->of(CuttingStage::class), $plan->of(BuildsStage::class));
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $hem = $hems->depth($face);
            foreach ($hem <= 0.0 ? [] : $plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                $groups[sprintf('%.4f %d', $hem, (int) ceil($panel->long / self::ALIKE))][] = [$panel, $hem];
            }
        }
        $alpha = $plan->job->covering->material->expansionPerF;
        $engaged = $plan->job->covering->rules->number('move.engaged');
        $movements = [];
        foreach ($groups as $alike) {
            $panels = array_column($alike, 0);
            // The longest of them speaks for all.
            $length = max(array_map(static fn (Panel $panel): float => $panel->long, $panels));
            [$moving, $hem] = [$fixed->share() * $length, $alike[0][1]];
            $window = static fn (float $metalF): HemWindow => HemWindow::at($metalF, $alpha, $moving, $range, $hem, $engaged);
            $movements[] = new PanelMovement(
                panels: array_map(static fn (Panel $panel): string => $panel->id, $panels), faces: array_values(array_unique(array_map(static fn (Panel $panel): string => $panel->face, $panels))), length: $length, moving: $moving,
                total: $alpha * $moving * $range->span(), atHead: $alpha * ($length - $moving) * $range->span(), hem: $hem, windows: array_map($window, $this->days($range)), today: $today === null ? null : $window($today),
            );
        }
        usort($movements, static fn (PanelMovement $a, PanelMovement $b): int => [$b->length, $a->hem] <=> [$a->length, $b->hem]);

        return $movements;
    }

    /** @return list<HemClosing> */
    private function closings(Plan $plan): array
    {
        $hems = new Hems($plan->of(CuttingStage::class), $plan->of(BuildsStage::class));

        return array_merge(...array_map($hems->closings(...), $plan->of(RoofStage::class)->roof->faces));
    }

    /** @return list<TrimMovement> runs of more than one piece */
    private function trims(Plan $plan, MetalRange $range, ?float $today): array
    {
        $trims = [];
        foreach ($plan->of(TrimsStage::class)->runs as $run) {
            $alpha = (Catalogue::shipped()->materials[$run->metal] ?? $plan->job->covering->material)->expansionPerF;
            $joint = 0.0;
            foreach (array_slice($run->pieces, 1) as $i => $piece) {
                // Each piece moves from its middle.
                $joint = max($joint, ($run->pieces[$i]->length + $piece->length) / 2.0);
            }
            if ($joint > 0.0) {
                $trims[] = new TrimMovement(
                    run: $run->id,
                    metal: $run->metal,
                    length: $run->length,
                    total: $alpha * $run->length * $range->span(),
                    joints: count($run->pieces) - 1,
                    joint: $alpha * $joint * $range->span(),
                    gapToday: $today === null ? null : max(0.0, $alpha * $joint * ($range->hotF - $today)),
                );
            }
        }

        return $trims;
    }

    /**
     * @param  list<TrimMovement>  $trims
     * @return list<Finding> where the usual gap is less than a joint moves
     */
    private function splices(Plan $plan, array $trims): array
    {
        $gap = $plan->job->rules->number('move.splice');
        $wide = array_values(array_filter($trims, static fn (TrimMovement $one): bool => $one->joint > $gap + 1e-9));
        if ($wide === []) {
            return [];
        }
        usort($wide, static fn (TrimMovement $a, TrimMovement $b): int => $b->joint <=> $a->joint);

        return [Finding::note('move.splice', $wide[0]->run, ['count' => count($wide), 'metal' => $wide[0]->metal, 'joint' => Length::ofInches($wide[0]->joint), 'gap' => Length::ofInches($gap)])];
    }

    /** @return list<float> °F, from cold to hot */
    private function days(MetalRange $range): array
    {
        $days = [];
        for ($metalF = ceil($range->coldF / self::STEP) * self::STEP; $metalF <= $range->hotF; $metalF += self::STEP) {
            $days[] = $metalF;
        }

        return $days === [] ? [$range->coldF] : $days;
    }

    /**
     * @param  list<PanelMovement>  $movements
     * @return list<Finding> where no setting is right, with what would make one
     */
    private function closed(Plan $plan, MetalRange $range, array $movements): array
    {
        $closed = array_values(array_filter($movements, static fn (PanelMovement $one): bool => ! $one->isOpen()));
        if ($closed === []) {
            return [];
        }
        $engaged = $plan->job->covering->rules->number('move.engaged');
        $worst = $closed[0];
        $room = max(0.0, $worst->hem - $engaged);

        return [Finding::block('move.no-window', $worst->panels[0], [
            'count' => array_sum(array_map(static fn (PanelMovement $one): int => count($one->panels), $closed)), 'length' => Length::ofInches($worst->length), 'total' => Length::ofInches($worst->total), 'room' => Length::ofInches($room),
            'longest' => Length::ofInches($room / max(1e-12, $plan->job->covering->material->expansionPerF * $range->span())), 'hem' => Length::ofInches($worst->total + $engaged),
            'middle' => $worst->total / 2.0 <= $room + 1e-9 && $plan->job->part(HoldDownInput::class)->fixed === FixedAt::Head ? 'yes' : 'no',
        ])];
    }

    /**
     * @param  list<PanelMovement>  $movements
     * @return list<Finding> where a clip lets a panel slide less than it moves
     */
    private function travel(Plan $plan, array $movements): array
    {
        $clips = array_filter(array_map(static fn ($hold): ?ClipKind => $hold->clip, $plan->of(HoldDownStage::class)->faces));
        $travel = $clips === [] ? INF : min(array_map(static fn (ClipKind $clip): float => $clip->travel, $clips));
        foreach ($movements as $one) {
            if ($one->total > $travel + 1e-9) {
                return [Finding::settle('move.travel', $one->panels[0], ['length' => Length::ofInches($one->length), 'total' => Length::ofInches($one->total), 'travel' => Length::ofInches($travel)])];
            }
        }

        return [];
    }
}
