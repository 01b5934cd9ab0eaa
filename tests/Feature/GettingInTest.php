<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\LinkMail;
use App\Accounts\Role;
use App\Http\DatabaseAway;
use App\Models\Crew;
use App\Models\Invitation;
use App\Models\PasswordReset;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Hashing\BcryptHasher;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Session;
use Illuminate\Testing\TestResponse;

/** Getting in, staying in, and being shown out. */
final class GettingInTest extends FeatureTestCase
{
    public function test_a_wrong_password_leaves_the_page_as_good_as_before(): void
    {
        $user = $this->member();
        Session::start();
        $token = Session::token();
        $this->signIn($user->email, 'not-this-one')->assertUnprocessable();

        self::assertSame($token, Session::token(), 'the page could not send its form again');
        $this->signIn($user->email)->assertOk();
    }

    public function test_an_address_is_counted_as_the_database_compares_it(): void
    {
        $user = $this->member();
        $user->update(['email' => 'eve@crew.example']);
        foreach (['EVE@crew.example', 'Eve@crew.example', 'ève@crew.example', 'éve@crew.example', 'eVe@CREW.example', 'eve@crew.example'] as $spelled) {
            $this->signIn($spelled, 'a guess')->assertUnprocessable();
        }
        $this->signIn('evE@crew.example')->assertTooManyRequests();
        // From whatever address: the account is what is guarded.
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])->signIn('eve@crew.example')->assertTooManyRequests();
    }

    public function test_one_network_address_guesses_so_many_accounts_and_no_more(): void
    {
        for ($i = 0; $i < 40; $i++) {
            $this->signIn("nobody$i@crew.example", 'a guess')->assertUnprocessable();
        }
        $this->signIn('nobody41@crew.example', 'a guess')->assertTooManyRequests();
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])->signIn('nobody42@crew.example', 'a guess')->assertUnprocessable();
    }

    public function test_tries_that_fit_are_not_counted(): void
    {
        $user = $this->member();
        for ($i = 0; $i < 45; $i++) {
            $this->signIn($user->email)->assertOk();
        }
    }

    public function test_as_much_is_hashed_for_an_address_nobody_has(): void
    {
        $user = $this->member();
        $hasher = new class(['rounds' => 4]) extends BcryptHasher
        {
            public int $hashed = 0;

            public function make(#[\SensitiveParameter] $value, array $options = []): string
            {
                $this->hashed++;

                return parent::make($value, $options);
            }

            public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
            {
                $this->hashed++;

                return parent::check($value, $hashedValue, $options);
            }
        };
        Hash::swap($hasher);
        foreach ([1 => $user->email, 2 => 'nobody@crew.example'] as $times => $email) {
            $this->signIn($email, 'not-this-one')->assertUnprocessable();
            self::assertSame($times, $hasher->hashed);
        }
    }

    public function test_a_password_is_looked_at_whole(): void
    {
        $user = $this->member();
        $long = str_repeat('a ridge and a furrow ', 5);
        $user->update(['password' => $long.'one']);

        $this->signIn($user->email, $long.'two')->assertUnprocessable();
        $this->signIn($user->email, $long.'one')->assertOk();
    }

    public function test_text_is_wanted_where_text_is_wanted(): void
    {
        $user = $this->member(Role::Owner);
        foreach ([['email' => ['a'], 'password' => 'x'], ['email' => $user->email, 'password' => ['x' => ['y']]], ['email' => ['a' => 1], 'password' => []]] as $fields) {
            $this->postJson('/api/session', $fields)->assertUnprocessable();
        }
        foreach ([['current' => ['x'], 'password' => 'long-enough-one'], ['current' => UserFactory::PASSWORD, 'password' => ['a', 'b']]] as $fields) {
            $this->actingAs($user)->putJson('/api/password', $fields)->assertUnprocessable();
        }
        foreach ([['order.extra' => ['a' => 1]], ['tape.division' => [1, 2]], [['x']], ['order.extra' => null]] as $rules) {
            $this->actingAs($user)->putJson('/api/crew/rules', ['rules' => $rules])->assertUnprocessable();
        }
        $this->actingAs($user)->postJson('/api/crew/invitations', ['email' => ['a'], 'role' => ['owner']])->assertUnprocessable();
    }

    public function test_what_calls_itself_a_token_opens_nothing(): void
    {
        foreach (['1|abcdef', 'abcdef', ''] as $token) {
            $this->withHeader('Authorization', "Bearer $token")->getJson('/api/jobs')->assertUnauthorized();
        }
    }

    public function test_a_page_opened_by_somebody_else_gets_nothing(): void
    {
        $user = $this->member();
        $other = $this->member(Role::Estimator, $user->crew);
        $this->actingAs($user)->getJson('/api/jobs', ['X-Person' => (string) $user->id])->assertOk();
        $this->actingAs($user)->getJson('/api/jobs', ['X-Person' => (string) $other->id])->assertUnauthorized();
    }

    public function test_numbers_of_more_digits_than_any_row_has_are_not_found(): void
    {
        $user = $this->member(Role::Owner);
        $job = $this->job($user);
        foreach (['jobs/{job}/revisions/99999999999999999999', 'jobs/{job}/orders/99999999999999999999/files/cut-list.pdf'] as $path) {
            $this->actingAs($user)->getJson('/api/'.str_replace('{job}', $job->id, $path))->assertNotFound();
        }
        foreach (['crew/invitations', 'crew/profiles', 'crew/members'] as $path) {
            self::assertContains($this->actingAs($user)->deleteJson("/api/$path/99999999999999999999")->status(), [404, 405]);
        }
        $this->actingAs($user)->getJson("/api/jobs/$job->id/revisions?before=99999999999999999999")->assertOk();
    }

    public function test_json_with_a_byte_order_mark_is_read(): void
    {
        $user = $this->member();
        $this->call('POST', '/api/session', [], [], [], ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'], "\xEF\xBB\xBF".json_encode(['email' => $user->email, 'password' => UserFactory::PASSWORD]))->assertOk();
        $job = $this->job($user);
        $this->save($user, $job, "\xEF\xBB\xBF".json_encode(self::document(['name' => 'With a mark'])), 1)->assertOk();
        self::assertSame('With a mark', $job->refresh()->name);
    }

    public function test_a_role_is_changed_and_open_sessions_end(): void
    {
        [$owner, $member] = $this->two();
        $this->open($member, 'theirs');
        $this->actingAs($owner)->putJson("/api/crew/members/$member->id", ['role' => 'installer'])->assertOk()->assertJsonPath('user.role', 'installer');

        self::assertSame(0, DB::table('sessions')->where('id', 'theirs')->count());
        $job = $this->job($owner);
        $this->actingAs($member->refresh())->getJson("/api/jobs/$job->id")->assertOk()->assertJsonPath('mayChange', false);
        $this->actingAs($owner)->putJson("/api/crew/members/$member->id", ['role' => 'king'])->assertJsonValidationErrors('role');
    }

    public function test_a_member_is_removed_and_what_they_made_stays_by_name(): void
    {
        [$owner, $member] = $this->two();
        $job = $this->job($member);
        $this->open($member, 'theirs');
        $this->actingAs($owner)->deleteJson("/api/crew/members/$member->id")->assertNoContent();

        self::assertNull(User::query()->find($member->id));
        self::assertSame(0, DB::table('sessions')->where('id', 'theirs')->count());
        self::assertSame($member->name, $job->refresh()->newest()->author_name);
        $this->actingAs($owner)->getJson("/api/jobs/$job->id/revisions")->assertJsonPath('0.author', $member->name);
        Auth::forgetGuards();
        $this->signIn($member->email)->assertUnprocessable();
    }

    public function test_a_crew_keeps_an_owner(): void
    {
        [$owner] = $this->two();
        $this->actingAs($owner)->deleteJson("/api/crew/members/$owner->id")->assertConflict();
        $this->actingAs($owner)->putJson("/api/crew/members/$owner->id", ['role' => 'foreman'])->assertConflict();
        $second = $this->member(Role::Owner, $owner->crew);
        $this->actingAs($second)->deleteJson("/api/crew/members/$owner->id")->assertNoContent();
    }

    public function test_members_of_another_crew_are_not_there(): void
    {
        [, $member] = $this->two();
        $stranger = $this->member(Role::Owner);
        $this->actingAs($stranger)->putJson("/api/crew/members/$member->id", ['role' => 'owner'])->assertNotFound();
        $this->actingAs($stranger)->deleteJson("/api/crew/members/$member->id")->assertNotFound();
        $this->actingAs($stranger)->postJson("/api/crew/members/$member->id/reset")->assertNotFound();
    }

    public function test_a_forgotten_password_is_reset_by_a_link_an_owner_is_shown_once_and_within_the_hour(): void
    {
        [$owner, $member] = $this->two();
        $this->open($member, 'theirs');
        $first = $this->resetLink($owner, $member);
        $second = $this->resetLink($owner, $member);
        Auth::forgetGuards();
        Session::flush();

        $this->getJson("/api/resets/$first")->assertNotFound();
        $this->getJson("/api/resets/$second")->assertOk()->assertExactJson(['name' => $member->name, 'email' => $member->email]);
        $this->postJson("/api/resets/$second", ['password' => 'short'])->assertJsonValidationErrors('password');
        $this->postJson("/api/resets/$second", ['password' => 'a-new-and-long-one'])->assertOk()->assertJsonPath('user.id', $member->id);
        self::assertSame(0, DB::table('sessions')->where('id', 'theirs')->count());
        $this->postJson("/api/resets/$second", ['password' => 'another-long-one'])->assertNotFound();
        $this->signIn($member->email, 'a-new-and-long-one')->assertOk();

        // Set in any other way, a link that was made before leads nowhere.
        $before = $this->resetLink($owner, $member);
        $this->actingAs($member->refresh())->putJson('/api/password', ['current' => 'a-new-and-long-one', 'password' => 'one-more-long-one'])->assertNoContent();
        $this->getJson("/api/resets/$before")->assertNotFound();

        $late = $this->resetLink($owner, $member);
        $this->travel(61)->minutes();
        $this->getJson("/api/resets/$late")->assertNotFound();
    }

    public function test_a_forgotten_password_is_mailed_where_mail_is_sent_and_the_answer_is_the_same_for_all(): void
    {
        [$owner, $member] = $this->two();
        Mail::fake();
        foreach ([$member->email, 'nobody@crew.example'] as $email) {
            $this->postJson('/api/password/forgotten', ['email' => $email])->assertNoContent();
        }
        Mail::assertNothingOutgoing();
        config(['mail.default' => 'smtp', 'app.url' => 'https://roofs.example']);
        foreach ([$member->email, 'nobody@crew.example'] as $email) {
            $this->postJson('/api/password/forgotten', ['email' => $email])->assertNoContent();
        }
        Mail::assertQueued(LinkMail::class, 1);
        Mail::assertQueued(LinkMail::class, static fn (LinkMail $mail): bool => $mail->hasTo($member->email) && str_contains((string) $mail->content()->htmlString, 'https://roofs.example/reset/'));
        $this->actingAs($owner)->postJson("/api/crew/members/$member->id/reset")->assertCreated()->assertExactJson(['link' => null]);
        self::assertSame(1, PasswordReset::query()->where('user_id', $member->id)->count());
    }

    public function test_inviting_asks_first_whether_one_may_and_tells_nothing_of_other_crews(): void
    {
        $installer = $this->member(Role::Installer);
        $elsewhere = $this->member();
        $this->actingAs($installer)->postJson('/api/crew/invitations', ['email' => 'no address', 'role' => 'king'])->assertForbidden();

        $owner = $this->member(Role::Owner);
        $taken = $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => $elsewhere->email, 'role' => 'foreman'])->assertCreated();
        $free = $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => 'free@crew.example', 'role' => 'foreman'])->assertCreated();
        self::assertSame(array_keys($free->json()), array_keys($taken->json()));
        $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => $owner->email, 'role' => 'foreman'])->assertUnprocessable();
    }

    public function test_inviting_is_throttled(): void
    {
        $owner = $this->member(Role::Owner);
        for ($i = 0; $i < 20; $i++) {
            $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => "hand$i@crew.example", 'role' => 'installer'])->assertCreated();
        }
        $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => 'hand21@crew.example', 'role' => 'installer'])->assertTooManyRequests();
        // And nothing else is.
        $this->actingAs($owner)->putJson('/api/password', ['current' => 'x', 'password' => 'y'])->assertUnprocessable();
    }

    public function test_what_a_device_asks_for_all_the_time_locks_nothing_else(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        for ($i = 0; $i < 121; $i++) {
            $status = $this->actingAs($user)->getJson("/api/jobs/$job->id/gauge")->status();
        }
        self::assertSame(429, $status);
        $this->actingAs($user)->postJson("/api/jobs/$job->id/imports/readings")->assertUnprocessable();
        $this->actingAs($user)->putJson('/api/password', ['current' => 'x', 'password' => 'y'])->assertUnprocessable();
    }

    public function test_links_carry_the_configured_address(): void
    {
        config(['app.url' => 'https://roofs.example', 'imbrex.hosts' => ['roofs.example']]);
        $owner = $this->member(Role::Owner);
        $this->actingAs($owner)->postJson('http://evil.example/api/crew/invitations', ['email' => 'new@crew.example', 'role' => 'installer'])->assertStatus(400);
        $link = $this->actingAs($owner)->postJson('https://roofs.example/api/crew/invitations', ['email' => 'new@crew.example', 'role' => 'installer'])->assertCreated()->json('link');
        self::assertStringStartsWith('https://roofs.example/join/', $link);
    }

    public function test_only_configured_hosts_are_answered(): void
    {
        config(['imbrex.hosts' => ['roofs.example']]);
        $this->getJson('http://roofs.example/up')->assertOk();
        $this->getJson('http://ROOFS.example:8443/up')->assertOk();
        foreach (['http://evil.example/up', 'http://roofs.example.evil.example/up', 'http://127.0.0.1.evil.example/up'] as $address) {
            $this->getJson($address)->assertStatus(400)->assertHeader('X-Content-Type-Options', 'nosniff');
        }
        // What a stranger says a proxy passed on.
        foreach ([['X-Forwarded-Host' => 'evil.example'], ['X-Forwarded-Host' => 'roofs.example, evil.example'], ['Forwarded' => 'for=1.2.3.4;host="evil.example:80";proto=https']] as $header) {
            $this->getJson('http://roofs.example/up', $header)->assertStatus(400);
        }
        $this->getJson('http://roofs.example/up', ['X-Forwarded-Host' => 'roofs.example'])->assertOk();
        // The loopback is ours on a machine of one's own, not on a server.
        $this->getJson('http://127.0.0.1:8000/up')->assertOk();
        $this->app['env'] = 'production';
        $this->getJson('http://127.0.0.1:8000/up')->assertStatus(400);
        $this->app['env'] = 'testing';
    }

    public function test_what_the_browser_kept_goes_with_whoever_signs_out(): void
    {
        $this->actingAs($this->member())->deleteJson('/api/session')->assertNoContent()->assertHeader('Clear-Site-Data', '"cache"');
        self::assertStringContainsString('no-store', (string) $this->get('/jobs')->assertOk()->headers->get('Cache-Control'));
    }

    /** A port nobody listens at: words, and when to ask again, on a page and to the application. */
    public function test_a_database_that_is_away_is_said_in_words(): void
    {
        $kept = config('database.connections.'.config('database.default').'.port');
        $user = $this->member();
        config(['database.connections.'.config('database.default').'.port' => 1]);
        DB::purge();
        try {
            $this->actingAs($user)->getJson('/api/jobs')->assertStatus(503)->assertHeader('Retry-After', '10')->assertJsonPath('message', 'The database cannot be reached just now. Nothing that was saved is lost; this is tried again by itself in 10 seconds.');
            $page = $this->get('/jobs');
            self::assertContains($page->status(), [200, 503]);
            $fault = DatabaseAway::answer(new \RuntimeException('x', 0, new \PDOException('SQLSTATE[HY000] [2002] Connection refused', 2002)), Request::create('/jobs'));
            self::assertSame(503, $fault?->getStatusCode());
            self::assertStringContainsString('cannot be reached', (string) $fault->getContent());
            self::assertNull(DatabaseAway::answer(new \RuntimeException('x'), Request::create('/jobs')));
        } finally {
            config(['database.connections.'.config('database.default').'.port' => $kept]);
            DB::purge();
        }
    }

    public function test_an_invitation_outlives_who_made_it(): void
    {
        [$owner, $second] = [$this->member(Role::Owner), null];
        $second = $this->member(Role::Owner, $owner->crew);
        $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => 'new@crew.example', 'role' => 'installer'])->assertCreated();
        $this->actingAs($second)->deleteJson("/api/crew/members/$owner->id")->assertNoContent();
        self::assertSame(1, Invitation::query()->where('email', 'new@crew.example')->count());
    }

    /** @return array{User, User} an owner and a foreman of one crew */
    private function two(): array
    {
        $owner = $this->member(Role::Owner);

        return [$owner, $this->member(Role::Foreman, Crew::query()->findOrFail($owner->crew_id))];
    }

    private function open(User $user, string $id): void
    {
        DB::table('sessions')->insert(['id' => $id, 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
    }

    private function resetLink(User $owner, User $member): string
    {
        return basename((string) $this->actingAs($owner)->postJson("/api/crew/members/$member->id/reset")->assertCreated()->json('link'));
    }

    private function signIn(string $email, string $password = UserFactory::PASSWORD): TestResponse
    {
        return $this->postJson('/api/session', ['email' => $email, 'password' => $password]);
    }
}
