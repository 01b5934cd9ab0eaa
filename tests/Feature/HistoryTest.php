<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\Job;
use App\Models\User;
use App\Revisions\Turn;
use App\Revisions\UndoLine;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;

/** What a job went through: taken back and done again, kept beside, put away, deleted and had back. */
final class HistoryTest extends FeatureTestCase
{
    public function test_where_undo_and_redo_lead_is_told_from_the_revisions(): void
    {
        $line = new UndoLine;
        foreach ([[1], [2], [3], [4, Turn::Undo, 2], [5, Turn::Undo, 1], [6, Turn::Redo, 2]] as $step) {
            $line->step(...$step);
        }
        self::assertSame([[1], [3]], [$line->states(Turn::Undo), $line->states(Turn::Redo)]);
        self::assertSame([[2], [3]], [$line->turned(Turn::Undo, 1), $line->turned(Turn::Redo, 3)]);
        $line->step(7);
        self::assertSame([[1, 2], []], [$line->states(Turn::Undo), $line->states(Turn::Redo)]);
        // Two steps in one save.
        self::assertSame([7, 2], $line->turned(Turn::Undo, 1));
        $line->step(8, Turn::Undo, 1);
        self::assertSame([[], [7, 2]], [$line->states(Turn::Undo), $line->states(Turn::Redo)]);
    }

    public function test_what_is_taken_back_is_said_and_a_page_opened_anew_can_go_on_taking_back(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $named = fn (string $name, int $base, string $turn = '') => $this->turn($user, $job, $name, $base, $turn);
        $named('Second', 1)->assertOk();
        $named('Third', 2)->assertOk();
        $this->actingAs($user)->getJson("/api/jobs/$job->id")->assertJsonPath('undo', [1, 2])->assertJsonPath('redo', []);

        $named('Second', 3, 'undo')->assertOk()->assertJsonPath('change', [['code' => 'undo', 'parameters' => []], ['code' => 'renamed', 'parameters' => ['name' => 'Third']]]);
        $this->getJson("/api/jobs/$job->id")->assertJsonPath('undo', [1])->assertJsonPath('redo', [3]);
        $named('Third', 4, 'redo')->assertOk()->assertJsonPath('change.0.code', 'redo');
        $this->getJson("/api/jobs/$job->id")->assertJsonPath('undo', [1, 2])->assertJsonPath('redo', []);
        $named('Oar store', 5, 'undo')->assertOk()->assertJsonCount(3, 'change');

        // What leads nowhere it could lead is a change like any other, whatever it is called.
        $named('Elsewhere', 6, 'undo')->assertOk()->assertJsonPath('change.0.code', 'renamed');
        $this->getJson("/api/jobs/$job->id")->assertJsonPath('undo', [1])->assertJsonPath('redo', []);
        $named('Sideways', 7, 'sideways')->assertUnprocessable();
    }

    public function test_what_was_not_taken_is_kept_beside_the_history_and_can_be_returned_to(): void
    {
        $one = $this->member();
        $two = $this->member(Role::Foreman, $one->crew);
        $job = $this->job($one);
        $this->save($one, $job, self::document(['name' => 'Theirs']), 1)->assertOk();
        $mine = (string) json_encode(self::document(['name' => 'Mine']));
        $this->actingAs($two)->call('POST', "/api/jobs/$job->id/revisions", [], [], [], ['HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => '"1"'], $mine)->assertCreated()->assertJsonPath('number', 3);

        $this->getJson("/api/jobs/$job->id")->assertJsonPath('revision', 2)->assertJsonPath('document.name', 'Theirs')->assertJsonPath('undo', [1]);
        $this->getJson("/api/jobs/$job->id/revisions")->assertJsonPath('0.aside', true)->assertJsonPath('0.author', $two->name)
            ->assertJsonPath('0.change', [['code' => 'aside', 'parameters' => ['base' => 1]], ['code' => 'renamed', 'parameters' => ['name' => 'Mine']]])->assertJsonPath('1.aside', false);
        $this->save($one, $job, self::document(['name' => 'Theirs still']), 2)->assertOk()->assertJsonPath('revision', 4);
        $this->actingAs($two)->postJson("/api/jobs/$job->id/revisions/3/restore", [], ['If-Match' => '"4"'])->assertOk()->assertJsonPath('revision', 5)->assertJsonPath('document.name', 'Mine');
    }

    public function test_the_newest_plan_and_its_author_are_told_to_whoever_has_the_job_open(): void
    {
        $one = $this->member();
        $two = $this->member(Role::Installer, $one->crew);
        $job = $this->job($one);
        $this->actingAs($two)->getJson("/api/jobs/$job->id/newest")->assertOk()->assertJsonPath('number', 1);
        $this->save($one, $job, self::document(['name' => 'Newer']), 1)->assertOk();
        $this->actingAs($two)->getJson("/api/jobs/$job->id/newest")->assertJsonPath('number', 2)->assertJsonPath('author', $one->name)->assertJsonPath('change.0.code', 'renamed');
    }

    public function test_an_archived_job_is_read_and_not_changed_until_it_is_brought_back(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $touched = $job->updated_at->toIso8601String();
        $this->travel(1)->hours();
        $this->actingAs($user)->putJson("/api/jobs/$job->id/archive")->assertNoContent();
        $this->getJson('/api/jobs')->assertJsonPath('0.archived', true)->assertJsonPath('0.savedAt', $touched);
        $this->getJson("/api/jobs/$job->id")->assertOk()->assertJsonPath('mayChange', false)->assertJsonPath('archived', true);
        $this->save($user, $job, self::document(['name' => 'New']), 1)->assertForbidden();
        $this->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertForbidden();
        $this->deleteJson("/api/jobs/$job->id/archive")->assertNoContent();
        $this->save($user, $job, self::document(['name' => 'New']), 1)->assertOk();
    }

    public function test_a_copy_is_a_job_of_its_own(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::document(['name' => str_repeat('n', 120)]));
        $copy = $this->actingAs($user)->postJson("/api/jobs/$job->id/copy")->assertCreated()->json('id');
        $made = Job::query()->findOrFail($copy);
        self::assertSame(120, mb_strlen($made->name));
        self::assertStringStartsWith('Copy of nnn', $made->name);
        self::assertEquals($job->newest()->decoded()->roof, $made->newest()->decoded()->roof);
        self::assertSame('copied', $made->newest()->change[0]['code']);
    }

    public function test_a_deleted_job_is_gone_for_all_and_can_be_had_back_for_thirty_days(): void
    {
        $owner = $this->member(Role::Owner);
        $estimator = $this->member(Role::Estimator, $owner->crew);
        $job = $this->job($estimator);
        // The clock stands, for a second may end between a deletion and what is read of it.
        $this->freezeSecond();
        $this->actingAs($owner)->deleteJson("/api/jobs/$job->id")->assertNoContent();
        $this->getJson("/api/jobs/$job->id")->assertNotFound();
        $this->getJson('/api/jobs')->assertJsonCount(1)->assertJsonPath('0.deletedUntil', now()->startOfSecond()->addDays(30)->toIso8601String());
        $this->actingAs($estimator)->getJson('/api/jobs')->assertJsonCount(0);
        $this->travel(29)->days();
        Artisan::call('model:prune', ['--model' => [Job::class]]);
        $this->actingAs($owner)->postJson("/api/jobs/$job->id/restore")->assertNoContent();
        $this->getJson("/api/jobs/$job->id")->assertOk()->assertJsonPath('document.name', 'Oar store');

        $this->deleteJson("/api/jobs/$job->id")->assertNoContent();
        $this->travel(31)->days();
        $this->getJson('/api/jobs')->assertJsonCount(0);
        Artisan::call('model:prune', ['--model' => [Job::class]]);
        $this->postJson("/api/jobs/$job->id/restore")->assertNotFound();
        self::assertSame(0, Job::withTrashed()->whereKey($job->id)->count());
    }

    private function turn(User $user, Job $job, string $name, int $base, string $turn): TestResponse
    {
        $query = $turn === '' ? '' : "?turn=$turn";

        return $this->actingAs($user)->call('PUT', "/api/jobs/$job->id$query", [], [], [], ['HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => "\"$base\""], (string) json_encode(self::document(['name' => $name])));
    }
}
