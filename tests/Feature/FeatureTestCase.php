<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\Crew;
use App\Models\Job;
use App\Models\User;
use App\Revisions\JobStore;
use Database\Factories\CrewFactory;
use Database\Factories\UserFactory;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Talks HTTP to the application, with MariaDB behind it; every test is rolled back. */
abstract class FeatureTestCase extends TestCase
{
    use DatabaseTransactions;

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
    }

    /** Another person means another browser: the session starts empty. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        Auth::forgetGuards();
        Session::flush();

        return parent::actingAs($user, $guard);
    }

    protected function member(Role $role = Role::Estimator, ?Crew $crew = null): User
    {
        return UserFactory::new()->role($role)->create(['crew_id' => ($crew ?? CrewFactory::new()->create())->id])->refresh();
    }

    protected function job(User $author, ?array $document = null): Job
    {
        return app(JobStore::class)->create($author, (string) json_encode($document ?? self::document()));
    }

    /**
     * The oar store, with changes.
     *
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    protected static function document(array $changes = []): array
    {
        return array_replace([
            'format' => 'imbrex-job/3', 'name' => 'Oar store',
            'roof' => ['planes' => [self::plane()]],
            'system' => ['profile' => 'snap-lock-1.5-16', 'material' => 'steel'],
            'layout' => ['P1' => ['start' => 'balanced']],
            'rules' => ['order.extra' => 2],
        ], $changes);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    protected static function plane(array $changes = []): array
    {
        return array_replace([
            'id' => 'P1', 'name' => 'Shed plane', 'riseIn12' => 4,
            'outline' => [[0, 0], [500, 0], [500, 214.375], [0, 214.375]],
            'edges' => ['eave', 'rake', 'ridge', 'rake'],
        ], $changes);
    }

    /** @return list<list<string|null>> the lines of a table that is sent with a byte order mark */
    protected static function table(string $csv): array
    {
        self::assertStringStartsWith("\xEF\xBB\xBF", $csv);

        return array_map(str_getcsv(...), explode("\n", trim(substr($csv, 3))));
    }

    /** @param  array<string, mixed>|string  $document */
    protected function save(User $user, Job $job, array|string $document, int|string|null $base = null): TestResponse
    {
        return $this->actingAs($user)->call('PUT', "/api/jobs/$job->id", [], [], [], array_filter([
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json', 'HTTP_IF_MATCH' => $base === null ? null : "\"$base\"",
        ]), is_string($document) ? $document : (string) json_encode($document));
    }

    /**
     * Says what happened, now or when it is said.
     *
     * @param  list<array<string, mixed>>  $facts  with an id of their own where that matters
     */
    protected function tell(User $user, Job $job, array $facts): TestResponse
    {
        $whole = array_map(static fn (array $fact): array => ['id' => (string) Str::uuid(), 'at' => '2026-04-02T09:00:00Z', ...$fact], $facts);

        return $this->actingAs($user)->postJson("/api/jobs/$job->id/facts", ['facts' => $whole]);
    }

    /** @param  array<string, mixed>|string  $document */
    protected function begin(User $user, array|string $document): TestResponse
    {
        return $this->actingAs($user)->call('POST', '/api/jobs', [], [], [], ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'], is_string($document) ? $document : (string) json_encode($document));
    }
}
