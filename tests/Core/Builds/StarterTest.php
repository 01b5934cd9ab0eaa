<?php

declare(strict_types=1);

namespace Tests\Core\Builds;

use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** A starter along a rake: the first panel's clips stand off from it. */
final class StarterTest extends TestCase
{
    public function test_control_line_and_first_panel_move_by_the_stand_off(): void
    {
        $without = self::plan([]);
        $rake = self::leftRake($without);
        $with = self::plan([$rake => new EdgeWish(starter: true)]);
        [$old, $new] = [$without->of(LayoutStage::class)->layouts['shed.S'], $with->of(LayoutStage::class)->layouts['shed.S']];
        self::assertEqualsWithDelta([$old->control + 0.375, $old->seams[0] + 0.375, $old->strips[0]->left + 0.375], [$new->control, $new->seams[0], $new->strips[0]->left], 1e-9);
        self::assertNull($new->leftRip);
        // The other rake stays where it was.
        self::assertEqualsWithDelta($old->span->right, $new->span->right, 1e-9);
        self::assertFalse($with->of(CuttingStage::class)->panelsOf('shed.S')[0]->cutLeft, 'its leg stands, nothing is turned up');

        $wider = self::plan([$rake => new EdgeWish(starter: true)], ['edge.rake.standOff' => 0.5]);
        self::assertEqualsWithDelta($old->control + 0.5, $wider->of(LayoutStage::class)->layouts['shed.S']->control, 1e-9);
    }

    /**
     * @param  array<string, EdgeWish>  $wishes
     * @param  array<string, float|string>  $rules
     */
    private static function plan(array $wishes, array $rules = []): Plan
    {
        return RoofJob::plan(RoofJob::gable(400.0), layouts: ['shed.S' => new LayoutChoice(StartKind::OneEnd, true)], rules: $rules, wishes: $wishes);
    }

    private static function leftRake(Plan $plan): string
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $frame = $roof->face('shed.S')->frame ?? self::fail();
        foreach ($roof->edges as $edge) {
            if ($edge->kind->value === 'rake' && in_array('shed.S', $edge->faces, true) && $frame->toDeck($edge->from)->u < 10.0) {
                return $edge->id;
            }
        }
        self::fail('no rake at the left');
    }
}
