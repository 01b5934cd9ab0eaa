<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Internal\Checker;
use Imbrex\Core\Roof\Internal\CrossBuilder;
use Imbrex\Core\Roof\Internal\OpeningChecker;
use Imbrex\Core\Roof\Internal\RoofEffort;
use Imbrex\Core\Roof\Internal\SkylightChecker;
use Imbrex\Core\Stage;
use Imbrex\Core\Survey\SurveyStage;

/**
 * Faces and edges, from blocks, from measured planes, or from both.
 *
 * @implements Stage<RoofResult>
 */
final readonly class RoofStage implements Stage
{
    public static function needs(): array
    {
        return [SurveyStage::class];
    }

    public static function reads(): array
    {
        return [RoofInput::class];
    }

    public static function rules(): array
    {
        return RoofRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return RoofEffort::of($job);
    }

    public function work(Plan $plan): RoofResult
    {
        $input = $plan->job->part(RoofInput::class);
        $built = (new RoofBuilder($plan->job->rules))->build($plan->of(SurveyStage::class)->surveys, $input->blocks, $input->openings);
        $roof = (new CrossBuilder($plan->job->covering))->build($built);

        return new RoofResult(
            $roof,
            (new Checker($plan->job->rules))->check($roof, $input->blocks, $input->checks),
            [...(new SkylightChecker($plan->job->covering))->check($roof, $input->decks), ...(new OpeningChecker($plan->job->rules))->check($roof)],
            $this->decks($roof, $input),
        );
    }

    /** @return array<string, Deck> */
    private function decks(Roof $roof, RoofInput $input): array
    {
        $decks = $input->decks;
        $home = array_column(array_map(static fn (Opening $opening): array => [$opening->id, $opening->face], $input->openings), 1, 0);
        foreach ($roof->faces as $face) {
            $deck = $face->behind === null ? null : $input->decks[$face->within ?? $home[$face->behind] ?? ''] ?? null;
            if ($deck !== null) {
                $decks[$face->id] ??= $deck;
            }
        }

        return $decks;
    }
}
