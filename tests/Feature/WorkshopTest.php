<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Drills\WorstJobs;
use App\Files\MakeFile;
use App\Models\Job;
use App\Models\User;
use App\Models\Work;
use App\Plans\KeptResults;
use App\Plans\MakeSlice;
use App\Plans\PlanCache;
use App\Plans\WorkPlan;
use App\Work\Task;
use App\Work\Workshop;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Imbrex\Stations\JobReader;

/** What takes long is made apart: whoever asks is told how far it is, and gets it when it is there. */
final class WorkshopTest extends FeatureTestCase
{
    private User $member;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('imbrex:tidy', ['--all' => true]);
        $this->member = $this->member();
        // Triangles of many kinds: some 900 cards, and a plan of over a second by its steps.
        $this->job = $this->job($this->member, json_decode(WorstJobs::curbs(60, 4), true));
    }

    public function test_a_large_plan_is_ordered_once_and_asked_for_until_it_is_there(): void
    {
        Queue::fake();
        foreach (['plan/cuts', 'plan/layout', 'tiles'] as $what) {
            $this->ask($what)->assertStatus(202)->assertExactJson(['working' => ['done' => 0, 'waiting' => true]])->assertHeader('Retry-After', '1');
        }
        Queue::assertPushed(WorkPlan::class, 1);
        $work = Work::query()->firstOrFail();
        $work->update(['begun_at' => now(), 'done' => 0.25]);
        $this->ask('plan/cuts')->assertStatus(202)->assertJsonPath('working', ['done' => 0.25, 'waiting' => false]);

        // The worker gets to it.
        $work->update(['begun_at' => null]);
        $task = Queue::pushed(WorkPlan::class)->first();
        self::assertInstanceOf(Task::class, $task);
        $task->handle();

        self::assertTrue($this->isKept());
        self::assertNotNull($work->refresh()->ended_at);
        self::assertSame(1.0, $work->done);
        $this->ask('plan/cuts')->assertOk();
        Queue::assertPushed(WorkPlan::class, 1);

        // What takes long to write of it is written apart, too.
        $this->ask('plan/layout?pick=P1')->assertStatus(202);
        $this->ask('plan/layout?pick=P1')->assertStatus(202);
        Queue::assertPushed(MakeSlice::class, 1);
        $task = Queue::pushed(MakeSlice::class)->first();
        self::assertInstanceOf(Task::class, $task);
        $task->handle();
        $this->ask('plan/layout?pick=P1')->assertOk()->assertJsonPath('face.id', 'P1');
        // Of nothing there is nothing to keep.
        $this->ask('plan/layout?pick=nowhere')->assertOk();
        Queue::assertPushed(MakeSlice::class, 1);
    }

    public function test_one_whose_worker_fell_over_is_begun_once_more_in_silence_and_then_told(): void
    {
        Queue::fake();
        $this->ask('plan/cuts')->assertStatus(202);
        Work::query()->update(['begun_at' => now(), 'worker' => gethostname().':'.getmypid()]);
        $this->ask('plan/cuts')->assertStatus(202);
        Queue::assertPushed(WorkPlan::class, 1);
        Work::query()->update(['worker' => gethostname().':4194305']);
        $this->ask('plan/cuts')->assertStatus(202);
        Queue::assertPushed(WorkPlan::class, 2);
        Work::query()->update(['begun_at' => now(), 'worker' => gethostname().':4194305']);
        $this->ask('plan/cuts')->assertStatus(503);
        Queue::assertPushed(WorkPlan::class, 2);
    }

    /** A worker that is busy for long is told from none: what waits behind it is not made by those who serve pages. */
    public function test_what_waits_behind_a_busy_worker_waits(): void
    {
        Queue::fake();
        $this->ask('plan/cuts')->assertStatus(202);
        Work::query()->create(['key' => 'another', 'asked_at' => now()]);
        $other = Work::query()->where('key', 'another');
        $other->update(['begun_at' => now(), 'worker' => gethostname().':'.getmypid()]);
        $this->travel(Workshop::PATIENCE + 1)->seconds();
        $this->ask('plan/cuts')->assertStatus(202)->assertJsonPath('working.waiting', true);
        // It was killed: then there is nobody.
        $other->update(['worker' => gethostname().':4194305']);
        $this->ask('plan/cuts')->assertOk();
    }

    /** One of those who serve pages makes something large, the next waits: held from another connection. */
    public function test_of_those_who_serve_one_at_a_time_makes_something_large(): void
    {
        Queue::fake();
        $this->ask('plan/cuts')->assertStatus(202);
        $this->travel(Workshop::PATIENCE + 1)->seconds();
        $default = (string) config('database.default');
        config(['database.connections.beside' => config("database.connections.$default")]);
        $name = DB::connection()->getDatabaseName().' large work';
        self::assertSame(1, (int) DB::connection('beside')->selectOne('SELECT GET_LOCK(?, 0) AS held', [$name])->held);
        $this->ask('plan/cuts')->assertStatus(202);
        DB::connection('beside')->selectOne('SELECT RELEASE_LOCK(?) AS held', [$name]);
        DB::purge('beside');
        $this->ask('plan/cuts')->assertOk();
        DB::selectOne('SELECT RELEASE_LOCK(?) AS held', [$name]);
    }

    /** Six ordinary prints at once: one is made by those who serve pages, the rest by the worker, where one says that it is there. */
    public function test_ordinary_prints_do_not_take_all_who_serve(): void
    {
        Queue::fake();
        $job = $this->job($this->member, json_decode((string) file_get_contents(base_path('database/demo/clubroom.json')), true));
        $print = fn (string $file) => $this->actingAs($this->member)->getJson("/api/jobs/$job->id/files/$file");
        $this->actingAs($this->member)->getJson("/api/jobs/$job->id/plan/cuts")->assertOk();
        $default = (string) config('database.default');
        config(['database.connections.beside' => config("database.connections.$default")]);
        $name = DB::connection()->getDatabaseName().' large work';
        self::assertSame(1, (int) DB::connection('beside')->selectOne('SELECT GET_LOCK(?, 0) AS held', [$name])->held);
        // Nobody else is there: it waits for its turn.
        $print('cut-cards.pdf')->assertStatus(202);
        Queue::assertNothingPushed();
        Event::dispatch(new Looping('database', 'default'));
        $print('cut-cards.pdf')->assertStatus(202);
        $print('cut-cards.pdf')->assertStatus(202);
        Queue::assertPushed(MakeFile::class, 1);
        DB::connection('beside')->selectOne('SELECT RELEASE_LOCK(?) AS held', [$name]);
        DB::purge('beside');
        $print('layout.pdf')->assertOk();
        Queue::assertPushed(MakeFile::class, 1);
        DB::selectOne('SELECT RELEASE_LOCK(?) AS held', [$name]);
    }

    public function test_a_small_plan_is_worked_at_once(): void
    {
        Queue::fake();
        $small = $this->job($this->member);
        $this->actingAs($this->member)->getJson("/api/jobs/$small->id/plan/cuts")->assertOk();
        Queue::assertNothingPushed();
    }

    public function test_what_nobody_waits_for_any_more_is_not_made(): void
    {
        Queue::fake();
        $this->ask('plan/cuts')->assertStatus(202);
        $task = Queue::pushed(WorkPlan::class)->first();
        self::assertInstanceOf(Task::class, $task);
        $this->travel(60)->seconds();
        $task->handle();

        self::assertSame(0, Work::query()->count());
        self::assertFalse($this->isKept());
    }

    public function test_without_a_worker_it_is_made_while_one_waits(): void
    {
        Queue::fake();
        $this->ask('plan/cuts')->assertStatus(202);
        $this->travel(Workshop::PATIENCE + 1)->seconds();
        $this->ask('plan/cuts')->assertOk();
    }

    public function test_one_that_failed_says_so_and_is_tried_again_later(): void
    {
        Queue::fake();
        $this->ask('plan/cuts')->assertStatus(202);
        $task = Queue::pushed(WorkPlan::class)->first();
        self::assertInstanceOf(Task::class, $task);
        $task->failed(null);
        $this->ask('plan/cuts')->assertStatus(503);
        $this->travel(3)->minutes();
        $this->ask('plan/cuts')->assertStatus(202);
    }

    public function test_nobody_fills_the_workshop(): void
    {
        Queue::fake();
        foreach (range(1, 8) as $i) {
            Work::query()->create(['key' => "other $i", 'user_id' => $this->member->id, 'asked_at' => now()]);
        }
        $this->ask('plan/cuts')->assertTooManyRequests();
        $other = $this->member(Role::Foreman, $this->member->crew);
        $this->actingAs($other)->getJson("/api/jobs/{$this->job->id}/plan/cuts")->assertStatus(202);
    }

    public function test_a_long_file_is_made_apart_kept_and_ready_to_fetch(): void
    {
        $job = $this->job($this->member, json_decode(WorstJobs::hips(4), true));
        app(PlanCache::class)->work($job->newest(), static fn (float $done) => null);
        Queue::fake();
        $fetch = fn (string $name) => $this->actingAs($this->member)->getJson("/api/jobs/$job->id/files/$name");

        $fetch('cut-cards.pdf')->assertStatus(202);
        $fetch('cut-cards.pdf')->assertStatus(202);
        Queue::assertPushed(MakeFile::class, 1);
        // What is quickly written is not made apart.
        $fetch('cut-list.csv')->assertOk();
        $task = Queue::pushed(MakeFile::class)->first();
        self::assertInstanceOf(Task::class, $task);
        $task->handle();

        $first = $fetch('cut-cards.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF', (string) $first->getContent());
        self::assertSame($first->getContent(), $fetch('cut-cards.pdf')->assertOk()->getContent());
        Queue::assertPushed(MakeFile::class, 1);
        $this->actingAs($this->member(Role::Owner))->getJson("/api/jobs/$job->id/files/cut-cards.pdf")->assertNotFound();
    }

    public function test_a_shelf_that_cannot_be_written_makes_it_slower_and_no_more(): void
    {
        config(['imbrex.shelves' => '/proc/imbrex']);
        $this->app?->forgetInstance(KeptResults::class);
        $small = $this->job($this->member);
        $this->actingAs($this->member)->getJson("/api/jobs/$small->id/plan/cuts")->assertOk();
        // A large one: made apart, and then, for it could not be kept, while one waits.
        $this->ask('plan/cuts')->assertStatus(202);
        $this->ask('plan/cuts')->assertOk();
    }

    private function ask(string $what): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->member)->getJson("/api/jobs/{$this->job->id}/$what");
    }

    private function isKept(): bool
    {
        $plan = app(PlanCache::class)->of(app(JobReader::class)->read($this->job->newest()->document));

        return app(KeptResults::class)->haveAllOf($plan);
    }
}
