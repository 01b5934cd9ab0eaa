<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\HoldDown\ClipKind;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\Units\Length;

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

    public static function rules(): array
    {
        return MovementRules::all();
    }

    public static function effort(Job $job): array
    {
        return [];
    }

    public function work(Plan $plan): MovementResult
    {
        $covering = $plan->job->covering;
        $input = $plan->job->part(MovementInput::class);
        $range = MetalRange::of($covering, $input);
        $movements = $covering->profile->family->isConcealed() ? $this->movements($plan, $range, $input->fixed) : [];

        return new MovementResult($range, $input->fixed, $movements, [...$this->closed($plan, $range, $movements), ...$this->travel($plan, $movements)]);
    }

    /** @return list<PanelMovement> */
    private function movements(Plan $plan, MetalRange $range, FixedAt $fixed): array
    {
        $groups = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $hem = $this->hem($plan, $face->edges, static fn (int $side): float => $plan->of(BuildsStage::class)->at($face, 0, $side)->allowance(true)->hem);
            foreach ($hem <= 0.0 ? [] : $plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                $groups[sprintf('%.4f %d', $hem, (int) ceil($panel->long / self::ALIKE))][] = [$panel->id, $panel->long, $hem];
            }
        }
        $alpha = $plan->job->covering->material->expansionPerF;
        $engaged = $plan->job->covering->rules->number('move.engaged');
        $movements = [];
        foreach ($groups as $alike) {
            // The longest of them speaks for all.
            $length = max(array_column($alike, 1));
            $moving = $fixed->share() * $length;
            $windows = array_map(static fn (float $metalF): HemWindow => HemWindow::at($metalF, $alpha, $moving, $range, $alike[0][2], $engaged), $this->days($range));
            $movements[] = new PanelMovement(array_column($alike, 0), $length, $moving, $alpha * $moving * $range->span(), $alike[0][2], $windows);
        }
        usort($movements, static fn (PanelMovement $a, PanelMovement $b): int => [$b->length, $a->hem] <=> [$a->length, $b->hem]);

        return $movements;
    }

    /**
     * The shallowest hem a face's panels have at their eaves; none where they have none.
     *
     * @param  list<EdgeKind>  $edges
     * @param  callable(int): float  $at
     */
    private function hem(Plan $plan, array $edges, callable $at): float
    {
        $hems = [];
        foreach ($edges as $side => $kind) {
            if ($kind === EdgeKind::Eave || $kind === EdgeKind::Valley) {
                $hems[] = $at($side);
            }
        }
        $hems = array_filter($hems, static fn (float $hem): bool => $hem > 0.0);

        return $hems === [] ? 0.0 : min($hems);
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
            'middle' => $worst->total / 2.0 <= $room + 1e-9 && $plan->job->part(MovementInput::class)->fixed === FixedAt::Head ? 'yes' : 'no',
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
