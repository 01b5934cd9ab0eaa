<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\DemoAccounts;
use App\Models\Crew;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Survey\SurveyStage;
use Imbrex\Stations\JobReader;

/** The made-up world a newcomer meets. */
final class DemoTest extends FeatureTestCase
{
    public function test_seeding_twice_changes_nothing(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        $count = static fn (): array => [Crew::query()->count(), User::query()->count(), Job::query()->count()];
        $once = $count();
        Artisan::call('db:seed', ['--force' => true]);

        self::assertSame($once, $count());
        self::assertGreaterThanOrEqual(3, Job::query()->count());
    }

    public function test_every_offered_account_opens_the_door(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        foreach (DemoAccounts::offered() as $account) {
            $this->postJson('/api/session', ['email' => $account['email'], 'password' => $account['password']])->assertOk()->assertJsonPath('user.role', $account['role']);
        }
    }

    public function test_the_oar_store_comes_out_as_worked_by_hand(): void
    {
        $plan = Plan::for(app(JobReader::class)->read((string) file_get_contents(database_path('demo/oar-store.json'))));

        self::assertSame([500.0, 214.375], [$plan->of(SurveyStage::class)->surveys[0]->adoptions['eave']->value, $plan->of(SurveyStage::class)->surveys[0]->adoptions['eaveToRidge']->value]);
        self::assertSame(4.0, $plan->of(SurveyStage::class)->surveys[0]->riseIn12);
        self::assertTrue($plan->of(SurveyStage::class)->surveys[0]->squareness?->hidden);
        self::assertCount(32, $plan->of(CuttingStage::class)->panels);
        // 214-3/8, 1 past the eave and 1 hemmed, 1 hemmed at the peak, 2 longer: 219-3/8, in steps of 1/4.
        self::assertSame(219.5, $plan->of(LoadOutStage::class)->order->lines[0]->length);
        self::assertTrue(LoadOutStage::mayBeOrdered($plan));
    }

    public function test_every_demo_job_can_be_ordered(): void
    {
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $plan = Plan::for(app(JobReader::class)->read((string) file_get_contents($file)));
            self::assertTrue(LoadOutStage::mayBeOrdered($plan), $file);
        }
    }
}
