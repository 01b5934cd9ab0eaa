<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Plans\WholePlan;
use Illuminate\Support\Facades\DB;
use Imbrex\Stations\Documents\Formats;
use Imbrex\Stations\JobReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was kept in an earlier format opens for good. */
final class OlderFormatsTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string}> a document of the first format, and the same in the second */
    public static function documents(): iterable
    {
        foreach (['boathouse', 'clubroom', 'oar-store', 'oar-store-screw-down', 'example-oar-store'] as $name) {
            yield $name => ["tests/data/format-1/$name.json", "tests/data/format-2/$name.json"];
        }
    }

    #[DataProvider('documents')]
    public function test_a_document_of_the_first_format_gives_the_same_plan(string $first, string $today): void
    {
        $text = (string) file_get_contents(base_path($first));
        self::assertStringContainsString('"imbrex-job/1"', $text);
        $plan = fn (string $json): string => (string) json_encode(app(WholePlan::class)->of(app(JobReader::class)->plan($json)));

        self::assertEquals(Formats::decode((string) file_get_contents(base_path($today))), Formats::decode($text));
        self::assertSame($plan((string) file_get_contents(base_path($today))), $plan($text));
    }

    public function test_a_job_kept_in_the_first_format_is_shown_and_saved_in_the_newest(): void
    {
        $user = $this->member();
        $job = $this->keptInTheFirstFormat($this->job($user));
        $shown = $this->actingAs($user)->getJson("/api/jobs/$job->id")->assertOk()->assertJsonPath('document.format', Formats::NEWEST)->assertJsonPath('document.layout.P1', ['start' => 'one-end', 'from' => 'right']);

        // Saving what is shown changes nothing, and what was kept stays as it was.
        $this->save($user, $job, $shown->json('document'), 1)->assertOk()->assertJsonPath('revision', 1);
        self::assertStringContainsString('"school"', $job->newest()->document);
        $this->getJson("/api/jobs/$job->id/revisions/1")->assertOk()->assertJsonPath('document.format', Formats::NEWEST);
        $this->getJson("/api/jobs/$job->id/files/job.json")->assertOk()->assertJsonPath('format', Formats::NEWEST);
        $this->getJson("/api/jobs/$job->id/plan/layout")->assertOk()->assertJsonPath('face.layout.start', 'one-end');

        // A change is told as that change and nothing more.
        $this->save($user, $job, [...$shown->json('document'), 'name' => 'Later'], 1)->assertOk()->assertJsonPath('change.0.code', 'renamed')->assertJsonCount(1, 'change');
    }

    public function test_an_earlier_document_is_taken_and_its_faults_are_named_as_they_are_called_today(): void
    {
        $user = $this->member();
        $first = [...self::document(), 'format' => 'imbrex-job/1', 'layout' => ['P1' => ['school' => 'centre-pan', 'start' => 'left']]];

        $this->actingAs($user)->postJson('/api/jobs', $first)->assertCreated();
        $this->postJson('/api/jobs', [...$first, 'layout' => ['P1' => ['school' => 'luck']]])->assertUnprocessable()->assertJsonPath('faults.0.field', 'layout.P1.start');
        $this->postJson('/api/jobs', [...$first, 'layout' => 'none'])->assertUnprocessable()->assertJsonPath('faults.0.field', 'layout');
        $this->postJson('/api/jobs', [...self::document(), 'layout' => ['P1' => ['school' => 'balanced']]])->assertUnprocessable()->assertJsonPath('faults.0.field', 'layout.P1.school');
        $this->postJson('/api/jobs', [...self::document(), 'format' => 'imbrex-job/4'])->assertUnprocessable()->assertJsonPath('faults.0.field', 'format');
    }

    private function keptInTheFirstFormat(Job $job): Job
    {
        $first = [...self::document(), 'format' => 'imbrex-job/1', 'layout' => ['P1' => ['school' => 'one-end', 'start' => 'right']]];
        DB::table('job_revisions')->where('job_id', $job->id)->update(['document' => json_encode($first), 'hash' => hash('sha256', (string) json_encode($first))]);

        return $job->refresh();
    }
}
