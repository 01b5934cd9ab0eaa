<?php

declare(strict_types=1);

namespace Tests\Core;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\Taped;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Facts\CutPanel;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Tests\Core\Roof\BlockMaker;

/** Plans of whole roofs for tests. */
final class RoofJob
{
    /**
     * @param  list<Block>  $blocks
     * @param  array<string, LayoutChoice>  $layouts
     * @param  array<string, float|string>  $rules
     * @param  list<Opening>  $openings
     * @param  list<Correction>  $corrections
     * @param  array<string, CutPanel>  $cut
     * @param  array<string, EdgeWish>  $wishes
     * @param  list<Observation>  $observations
     */
    public static function plan(array $blocks, string|Profile $profile = 'snap-lock-1.5-16', array $layouts = [], array $rules = [], array $openings = [], array $corrections = [], array $cut = [], array $wishes = [], bool $vented = false, array $observations = []): Plan
    {
        return Plan::for(Job::of('Test', UnitSystem::Imperial, JobMaker::covering($profile, HouseRules::with($rules), $vented), new RoofInput($blocks, [], $openings), new BuildsInput($wishes), new LayoutInput($layouts), new CuttingInput($corrections)), Circumstances::of(new Taped($observations), new PiecesCut($cut)));
    }

    /** @return list<Block> the hipped hall with its gabled wing */
    public static function boathouse(): array
    {
        return [
            BlockMaker::block('hall', 0, 0, 672, 360, [6, 6, 6, 6], 14),
            BlockMaker::block('wing', 384, -192, 216, 372, [null, 6, null, 6], [9, 14, 9, 14]),
        ];
    }

    /** @return list<Block> one gable: faces shed.S and shed.N, eaves of this length */
    public static function gable(float $length, float $width = 240.0, float $rise = 6.0): array
    {
        return [BlockMaker::block('shed', 0, 0, $length, $width, [$rise, null, $rise, null])];
    }

    /** @return list<Face> of its roof alone */
    public static function faces(Job $job): array
    {
        return Plan::for($job)->of(RoofStage::class)->roof->faces;
    }

    public static function card(Plan $plan, Panel $panel): CutCard
    {
        return CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->face($panel->face) ?? throw new \LogicException($panel->face), $panel);
    }

    /** @return list<Finding> */
    public static function findings(Plan $plan, string $code): array
    {
        return array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->code === $code));
    }
}
