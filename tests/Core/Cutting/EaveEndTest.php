<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

/** How the open end of a seam is closed at the eave, by school. */
final class EaveEndTest extends TestCase
{
    /** @return array<string, array{string, list<array{string, float}>, list<array{string, float}>}> marks of the notch on the back: along its left edge (the male leg) and its right (the female) */
    public static function schools(): array
    {
        return [
            'a tab' => ['tab', [['seam-back', 1.0], ['tab', 1.75]], [['seam-back', 1.0], ['tab', 1.75]]],
            'a plug' => ['plug', [['seam-back', 1.0]], [['seam-back', 1.0]]],
            // The seam is 1-1/2 high: the male leg goes so much further, the female is rounded over it.
            'folded with a radius' => ['radius', [['seam-back', 2.5]], [['seam-back', 1.0], ['radius', 2.5]]],
            'no loose cap to fold: a tab' => ['cap', [['seam-back', 1.0], ['tab', 1.75]], [['seam-back', 1.0], ['tab', 1.75]]],
        ];
    }

    /**
     * @param  list<array{string, float}>  $male
     * @param  list<array{string, float}>  $female
     */
    #[DataProvider('schools')]
    public function test_what_is_marked_of_each_leg(string $school, array $male, array $female): void
    {
        $plan = Plan::for(JobMaker::rectangle(480, 200, rules: ['cut.eaveEnd' => $school]));
        $card = RoofJob::card($plan, $plan->of(CuttingStage::class)->panels[4]);
        $notch = static fn (MarkLine $line): array => array_values(array_map(static fn (Mark $m): array => [$m->name, $m->distance], array_filter($card->marks, static fn (Mark $m): bool => $m->kind === MarkKind::Notch && $m->line === $line)));
        self::assertSame('male', $card->legs->left?->value);
        self::assertEquals([$male, $female], [$notch(MarkLine::Left), $notch(MarkLine::Right)]);
        $cuts = array_map(static fn (Line $l): float => max($l->from->v, $l->to->v), array_values(array_filter($card->lines, static fn (Line $l): bool => $l->kind === MarkKind::Notch)));
        sort($cuts);
        $back = [$male[0][1], $female[0][1]];
        sort($back);
        self::assertEqualsWithDelta($back, $cuts, 1e-9, 'and drawn as far as it is marked');
    }

    public function test_plugs_are_counted_where_seams_end(): void
    {
        $of = static fn (string $profile, string $school): int => Plan::for(JobMaker::rectangle(480, 200, profile: $profile, rules: ['cut.eaveEnd' => $school]))->of(LoadOutStage::class)->order->endPlugs;
        $plan = Plan::for(JobMaker::rectangle(480, 200, rules: ['cut.eaveEnd' => 'plug']));
        $kept = array_filter($plan->of(CuttingStage::class)->panels, static fn ($panel): bool => ! $panel->cutLeft);
        self::assertSame(count($kept), $of('snap-lock-1.5-16', 'plug'));
        self::assertSame(0, $of('snap-lock-1.5-16', 'tab'));
        // No hem, no notch, and nothing to close.
        self::assertSame(0, Plan::for(JobMaker::rectangle(480, 200, rules: ['cut.eaveEnd' => 'plug', 'edge.eave.concealed.hem' => 0.0]))->of(LoadOutStage::class)->order->endPlugs);
        $capped = Plan::for(JobMaker::rectangle(480, 200, profile: 'cap-seam-1.375-16', rules: ['cut.eaveEnd' => 'plug']));
        $legs = array_sum(array_map(static fn ($panel): int => ($panel->cutLeft ? 0 : 1) + ($panel->cutRight ? 0 : 1), $capped->of(CuttingStage::class)->panels));
        self::assertSame($legs, $capped->of(LoadOutStage::class)->order->endPlugs, 'of two equal legs each has its own');
    }

    public function test_a_hem_that_hooks_is_left_open_for_its_cleat(): void
    {
        $plan = Plan::for(JobMaker::rectangle(480, 200));
        $face = RoofJob::faces($plan->job)[0];
        $panel = $plan->of(CuttingStage::class)->panels[4];
        self::assertSame(0.25, CutCardMaker::of($plan)->jaw($face, $panel));
        $flat = Plan::for(JobMaker::rectangle(480, 200, rules: ['edge.eave.concealed.hem' => 0.0]));
        self::assertNull(CutCardMaker::of($flat)->jaw($face, $flat->of(CuttingStage::class)->panels[4]));
    }
}
