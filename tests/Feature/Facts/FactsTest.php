<?php

declare(strict_types=1);

namespace Tests\Feature\Facts;

use App\Accounts\Role;
use App\Models\Job;
use App\Models\KeptFact;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Imbrex\Stations\Documents\Formats;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** What happened: told in lists, kept once, never changed, and no revision of anything. */
final class FactsTest extends FeatureTestCase
{
    private const CUT = ['kind' => 'cut', 'subject' => 'P1-3', 'said' => ['long' => 216, 'short' => 216]];

    public function test_an_installer_tells_what_happened_and_it_is_kept_once_with_who_told_it(): void
    {
        $installer = $this->member(Role::Installer);
        $job = $this->job($this->member(Role::Owner, $installer->crew));
        $facts = [[...self::CUT, 'id' => (string) Str::uuid(), 'at' => '2026-04-02T09:00:00.5Z'], ['kind' => 'set', 'subject' => 'P1-3', 'id' => (string) Str::uuid(), 'at' => '2026-04-02T10:00:00Z']];
        $newest = $this->tell($installer, $job, $facts)->assertOk()->assertJsonPath('taken', array_column($facts, 'id'))->json('newest');
        // No answer came: it is sent again, and something with it.
        $this->tell($installer, $job, [...$facts, ['kind' => 'done', 'subject' => 'step']])->assertOk();

        $told = $this->getJson("/api/jobs/$job->id/facts")->assertOk()->assertJsonCount(3, 'facts')->json('facts');
        self::assertEquals(['id' => $facts[0]['id'], 'kind' => 'cut', 'subject' => 'P1-3', 'said' => ['long' => 216, 'short' => 216], 'at' => '2026-04-02T09:00:00.500Z', 'number' => $told[0]['number'], 'author' => $installer->name, 'toldAt' => $told[0]['toldAt']], $told[0]);
        $this->getJson("/api/jobs/$job->id/facts?after=$newest")->assertJsonCount(1, 'facts')->assertJsonPath('facts.0.kind', 'done')->assertJsonPath('newest', $told[2]['number']);
        $this->getJson("/api/jobs/$job->id")->assertJsonPath('revision', 1)->assertJsonPath('mayChange', false)->assertJsonPath('mayTell', true)->assertJsonPath('facts', $told[2]['number']);
        $this->getJson("/api/jobs/$job->id/newest")->assertJsonPath('number', 1)->assertJsonPath('facts', $told[2]['number']);
    }

    public function test_a_tick_shows_where_it_is_shown_and_asks_nothing_else_anew(): void
    {
        $user = $this->member(Role::Foreman);
        $job = $this->job($user);
        $slices = ['cuts', 'load-out', 'layout', 'edges', 'hold-down', 'water'];
        $tag = fn (string $slice): string => (string) $this->actingAs($user)->get("/api/jobs/$job->id/plan/$slice")->assertOk()->headers->get('ETag');
        $before = array_map($tag, array_combine($slices, $slices));
        $id = (string) Str::uuid();
        $this->tell($user, $job, [[...self::CUT, 'id' => $id]])->assertOk();
        $after = array_map($tag, array_combine($slices, $slices));
        self::assertSame(['cuts', 'load-out'], array_keys(array_diff_assoc($after, $before)));

        $panel = fn (): array => collect($this->getJson("/api/jobs/$job->id/plan/cuts")->json('panels'))->firstWhere('id', 'P1-3');
        self::assertSame([true, [$id]], [$panel()['done'], $panel()['told']]);
        self::assertStringContainsString('log.panels-otherwise', (string) $this->getJson("/api/jobs/$job->id/plan/cuts")->getContent(), 'it was cut shorter than it is now');
        $this->getJson("/api/jobs/$job->id/tiles")->assertJsonPath('cuts.state', 'to-settle');
        $this->tell($user, $job, [['kind' => 'corrected', 'subject' => $id, 'said' => ['long' => $panel()['blank']['long'], 'short' => $panel()['blank']['short']]]])->assertOk();
        self::assertStringNotContainsString('log.panels-otherwise', (string) $this->getJson("/api/jobs/$job->id/plan/cuts")->getContent());
        $this->tell($user, $job, [['kind' => 'corrected', 'subject' => $id]])->assertOk();
        self::assertSame([false, []], [$panel()['done'], $panel()['told']]);
    }

    public function test_what_lies_ahead_happens_now_and_nothing_told_is_changed(): void
    {
        $user = $this->member(Role::Foreman);
        $job = $this->job($user);
        $this->tell($user, $job, [[...self::CUT, 'at' => '2999-01-01T00:00:00Z']])->assertOk();
        $fact = KeptFact::query()->where('job_id', $job->id)->firstOrFail();
        self::assertLessThanOrEqual(now()->utc()->format('Y-m-d\TH:i:s.v\Z'), $fact->at);
        self::assertThrows(static fn () => $fact->forceFill(['subject' => 'P1-4'])->save(), LogicException::class);
        self::assertThrows(static fn () => $fact->delete(), LogicException::class);
    }

    public function test_a_job_that_is_put_away_is_told_nothing_more(): void
    {
        $user = $this->member(Role::Foreman);
        $job = $this->job($user);
        $this->actingAs($user)->putJson("/api/jobs/$job->id/archive")->assertNoContent();
        $this->tell($user, $job->refresh(), [self::CUT])->assertForbidden();
        $this->getJson("/api/jobs/$job->id/facts")->assertOk()->assertJsonPath('facts', []);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no id' => [['id' => 'me'], 'facts[0].id'];
        yield 'no kind of ours' => [['kind' => 'eaten'], 'facts[0].kind'];
        yield 'no time' => [['at' => 'yesterday'], 'facts[0].at'];
        yield 'no length' => [['said' => ['long' => -1, 'short' => 2]], 'facts[0].said.long'];
        yield 'beyond numbers' => [['said' => ['long' => 1e9, 'short' => 2]], 'facts[0].said.long'];
        yield 'what nobody asks' => [['said' => ['colour' => 'red']], 'facts[0].said.colour'];
        yield 'no subject' => [['subject' => ''], 'facts[0].subject'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('bad')]
    public function test_what_makes_no_sense_is_named_and_nothing_of_the_list_is_kept(array $change, string $field): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->tell($user, $job, [[...self::CUT, ...$change], self::CUT])->assertUnprocessable()->assertJsonPath('faults.0.field', $field);
        $this->getJson("/api/jobs/$job->id/facts")->assertJsonPath('facts', []);
    }

    public function test_documents_of_the_second_format_keep_what_they_told(): void
    {
        $user = $this->member();
        $second = [...self::document(), 'format' => 'imbrex-job/2', 'cutting' => ['cut' => [['panel' => 'P1-3', 'long' => 216, 'short' => 216]]], 'trims' => ['cut' => ['eave-P1.eave-trim.1' => 118, 'eave-P1.eave-trim.2' => ['length' => 60, 'as' => 'so']]]];
        $job = $this->job($user);
        DB::table('job_revisions')->where('job_id', $job->id)->update(['document' => json_encode($second), 'hash' => hash('sha256', (string) json_encode($second))]);
        $done = fn (): array => array_column(array_filter($this->actingAs($user)->getJson("/api/jobs/$job->id/plan/cuts")->assertOk()->json('panels'), static fn (array $panel): bool => $panel['done']), 'id');
        self::assertContains('P1-3', $done());

        // Saved in the newest format, it tells nothing itself; what it told is kept beside it, once.
        $shown = $this->getJson("/api/jobs/$job->id")->assertJsonPath('document.format', Formats::NEWEST)->assertJsonMissingPath('document.cutting')->assertJsonMissingPath('document.trims')->json('document');
        $this->save($user, $job, [...$shown, 'note' => 'later'], 1)->assertOk()->assertJsonPath('revision', 2);
        self::assertContains('P1-3', $done());
        self::assertSame(['P1-3', 'eave-P1.eave-trim.1', 'eave-P1.eave-trim.2'], $this->getJson("/api/jobs/$job->id/facts")->json('facts.*.subject'));
        $this->begin($user, $second)->assertCreated();
        $told = $this->getJson("/api/jobs/$job->id/facts")->json('facts.0.id');
        $this->tell($user, $job, [['kind' => 'corrected', 'subject' => $told]])->assertOk();
        $this->save($user, $job, [...$second, 'note' => 'from an old page'], 2)->assertOk();
        self::assertSame([], $done(), 'what was taken back stays so, whoever says it again');
        $this->begin($user, [...$second, 'cutting' => ['cut' => [['panel' => 3]]]])->assertUnprocessable()->assertJsonPath('faults.0.field', 'cutting.cut');
        $this->begin($user, [...$second, 'cutting' => ['cut' => [['panel' => 'P1-3', 'long' => 'much', 'short' => 2]]]])->assertUnprocessable()->assertJsonPath('faults.0.field', 'facts[0].said.long');
    }

    public function test_a_job_taken_along_and_one_begun_where_it_stands_take_what_happened(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->tell($user, $job, [self::CUT, [...self::CUT, 'subject' => 'P1-4']])->assertOk();
        $file = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/job.json")->assertOk()->getContent();
        $facts = static fn (string $id): array => Job::query()->findOrFail($id) instanceof Job ? KeptFact::query()->where('job_id', $id)->orderBy('id')->get(['fact', 'subject', 'at'])->toArray() : [];
        $brought = $this->begin($user, $file)->assertCreated()->json('id');
        $copied = $this->postJson("/api/jobs/$job->id/copy")->assertCreated()->json('id');
        self::assertCount(2, $facts($job->id));
        self::assertSame($facts($job->id), $facts($brought));
        self::assertSame($facts($job->id), $facts($copied));
        self::assertStringNotContainsString('facts', Job::query()->findOrFail($brought)->newest()->document);
    }
}
