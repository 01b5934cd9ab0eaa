<?php

declare(strict_types=1);

namespace Tests\Feature\HoldDown;

use App\Models\JobRevision;
use App\Plans\PlanCache;
use Illuminate\Support\Facades\Artisan;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Movement\MetalToday;
use Imbrex\Core\Movement\MovementStage;
use Tests\Feature\FeatureTestCase;

/** What holds today is asked beside a job: it changes what is set today, and nothing else. */
final class TodayTest extends FeatureTestCase
{
    public function test_a_day_is_no_part_of_the_job_and_leaves_no_trace_in_it(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $get = fn (string $path): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/$path")->assertOk()->json();
        $before = $get('plan/hem?pick=hall.N');
        $set = [];
        foreach ([-5, 20, 62, 104, 170] as $metal) {
            $warm = $get("plan/hem?pick=hall.N&metal=$metal");
            self::assertSame($before['table'], $warm['table'], 'the table of every day is the same');
            $set[] = $warm['today']['lengths'][0]['set'];
        }
        self::assertSame(['1/4″', '1/4″', '5/16″', '3/8″', '1/2″'], $set, 'warmer metal, a wider gap');
        self::assertSame($before, $get('plan/hem?pick=hall.N'));
        self::assertSame(1, $job->refresh()->revision);
        self::assertStringNotContainsString('metal', (string) $job->newest()->document);
    }

    public function test_what_is_typed_as_a_temperature_is_held_against_what_metal_can_be(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        foreach (['hot', '1e9', '-81', '251', '62;drop'] as $metal) {
            $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hem?metal=".urlencode($metal))->assertUnprocessable()->assertJsonValidationErrors(['metal']);
        }
        foreach (['62.5', '-80', '250', ''] as $metal) {
            $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hem?metal=$metal")->assertOk();
        }
    }

    /** Slices of one day are told to browsers apart from those of another. */
    public function test_each_day_has_its_own_tag(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $tag = fn (string $more): string => (string) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hem?pick=hall.N$more")->headers->get('ETag');
        self::assertCount(3, array_unique([$tag(''), $tag('&metal=62'), $tag('&metal=63')]));
        self::assertSame($tag('&metal=62'), $tag('&metal=62'));
    }

    /** What does not look at the day is the same slice on every day; what does is kept like the rest. */
    public function test_a_day_asks_anew_only_for_what_reads_it_and_that_is_kept(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $tag = fn (string $path): string => (string) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/$path")->assertOk()->headers->get('ETag');
        foreach (['cuts', 'load-out', 'layout', 'hold-down'] as $slice) {
            self::assertSame($tag($slice), $tag("$slice?metal=62"), $slice);
        }
        $tag('hem?pick=hall.N&metal=62');
        // With its document away nothing could be worked anew.
        JobRevision::query()->where('job_id', $job->id)->toBase()->update(['document' => '{}']);
        $tag('hem?pick=hall.N&metal=62');
    }

    public function test_a_plan_on_another_day_shares_what_does_not_look_at_it(): void
    {
        $job = $this->job($this->member(), self::boathouse());
        $plan = app(PlanCache::class)->plan($job->newest());
        $warm = $plan->on(Circumstances::of(new MetalToday(104.0)));
        self::assertSame($plan->of(CuttingStage::class), $warm->of(CuttingStage::class));
        self::assertNull($plan->of(MovementStage::class)->todayF);
        self::assertSame(104.0, $warm->of(MovementStage::class)->todayF);
        self::assertEquals($plan->of(LoadOutStage::class), $warm->of(LoadOutStage::class), 'nothing else is ordered because it is warm');
    }

    public function test_the_command_takes_the_day_from_a_file(): void
    {
        $day = (string) tempnam(sys_get_temp_dir(), 'day');
        file_put_contents($day, '{"metalF": 70}');
        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('database/demo/boathouse.json'), '--on' => $day]));
        $plan = json_decode(Artisan::output(), true);
        self::assertSame([70.0, 0.375], [(float) $plan['movement'][0]['today']['metalF'], (float) $plan['movement'][0]['today']['set']]);
        self::assertNotNull($plan['trimMovement'][0]['gapToday']);
        file_put_contents($day, '{"metalF": 900}');
        self::assertSame(2, Artisan::call('imbrex:plan', ['file' => base_path('database/demo/boathouse.json'), '--on' => $day]));
        unlink($day);
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
