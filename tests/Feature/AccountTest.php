<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\Invitation;
use App\Models\User;
use App\Plans\KeptCards;
use App\Revisions\JobStore;
use Database\Factories\UserFactory;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use LogicException;

final class AccountTest extends FeatureTestCase
{
    public function test_sign_in_and_out(): void
    {
        $user = $this->member();
        $this->postJson('/api/session', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertOk()->assertJsonPath('user.role', 'estimator');
        $this->getJson('/api/session')->assertJsonPath('user.email', $user->email);
        $this->deleteJson('/api/session')->assertNoContent();
        $this->assertGuest('web');
    }

    /** Its answer may come after somebody has signed in again, and would show them out. */
    public function test_what_is_turned_away_brings_no_session_of_its_own(): void
    {
        self::assertSame([], $this->getJson('/api/jobs')->assertUnauthorized()->headers->getCookies());
        self::assertNotSame([], $this->getJson('/api/session')->assertOk()->headers->getCookies());
    }

    public function test_a_wrong_password_says_no_more_than_that(): void
    {
        $user = $this->member();
        $wrong = $this->postJson('/api/session', ['email' => $user->email, 'password' => 'not-this-one'])->assertUnprocessable()->json('errors.email');
        $unknown = $this->postJson('/api/session', ['email' => 'nobody@crew.example', 'password' => 'not-this-one'])->assertUnprocessable()->json('errors.email');

        self::assertSame($wrong, $unknown);
    }

    public function test_sign_in_is_throttled(): void
    {
        $user = $this->member();
        for ($i = 0; $i < 6; $i++) {
            $this->postJson('/api/session', ['email' => $user->email, 'password' => 'guess number '.$i])->assertUnprocessable();
        }
        $this->postJson('/api/session', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertTooManyRequests();
    }

    public function test_demo_accounts_are_offered_in_demo_mode_only(): void
    {
        config(['imbrex.demo' => false]);
        $this->getJson('/api/session')->assertOk()->assertExactJson(['user' => null, 'demo' => [], 'mailed' => false]);
        config(['imbrex.demo' => true]);
        self::assertSame(['owner', 'estimator', 'foreman', 'installer'], array_column($this->getJson('/api/session')->json('demo'), 'role'));
    }

    public function test_passwords_are_hashed_and_changed(): void
    {
        $user = $this->member();
        self::assertTrue(Hash::check(UserFactory::PASSWORD, $user->password));
        $this->actingAs($user)->putJson('/api/password', ['current' => 'wrong', 'password' => 'a-much-longer-one'])->assertJsonValidationErrors('current');
        $this->actingAs($user)->putJson('/api/password', ['current' => UserFactory::PASSWORD, 'password' => 'short'])->assertJsonValidationErrors('password');
        $this->actingAs($user)->putJson('/api/password', ['current' => UserFactory::PASSWORD, 'password' => 'a-much-longer-one'])->assertNoContent();
        self::assertTrue(Hash::check('a-much-longer-one', (string) User::query()->findOrFail($user->id)->password));
    }

    public function test_signing_out_everywhere_ends_every_session(): void
    {
        $user = $this->member();
        $other = $this->member();
        foreach ([[$user->id, 'one'], [$user->id, 'two'], [$other->id, 'three']] as [$id, $session]) {
            DB::table('sessions')->insert(['id' => $session, 'user_id' => $id, 'payload' => '', 'last_activity' => time()]);
        }
        $this->actingAs($user)->deleteJson('/api/sessions')->assertNoContent();

        self::assertSame(['three'], DB::table('sessions')->whereIn('id', ['one', 'two', 'three'])->pluck('id')->all());
        $this->assertGuest('web');
    }

    public function test_an_invitation_brings_a_member_into_the_crew_once(): void
    {
        Mail::fake();
        $owner = $this->member(Role::Owner);
        $link = $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => 'New@Crew.example', 'role' => 'foreman'])->assertCreated()->json('link');
        $token = basename((string) parse_url($link, PHP_URL_PATH));
        self::assertNull(Invitation::query()->where('token_hash', $token)->first(), 'the link itself is not kept');
        // The link is shown, for mail reaches nobody here.
        Mail::assertNothingOutgoing();
        $this->deleteJson('/api/session');

        $this->getJson("/api/invitations/$token")->assertOk()->assertJson(['email' => 'new@crew.example', 'role' => 'foreman']);
        $this->postJson("/api/invitations/$token", ['name' => 'New Hand', 'password' => 'a-long-enough-one'])->assertCreated()->assertJsonPath('user.role', 'foreman');
        self::assertSame($owner->crew_id, User::query()->where('email', 'new@crew.example')->firstOrFail()->crew_id);
        Auth::forgetGuards();
        $this->postJson("/api/invitations/$token", ['name' => 'Again', 'password' => 'a-long-enough-one'])->assertNotFound();
        $this->getJson("/api/invitations/$token")->assertNotFound();
    }

    public function test_an_old_or_withdrawn_invitation_is_gone(): void
    {
        $owner = $this->member(Role::Owner);
        $link = $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => 'late@crew.example', 'role' => 'installer'])->json('link');
        $token = basename($link);
        $this->travel(8)->days();
        $this->getJson("/api/invitations/$token")->assertNotFound();
        $this->travelBack();
        $id = Invitation::query()->where('email', 'late@crew.example')->firstOrFail()->id;
        $this->actingAs($this->member(Role::Owner))->deleteJson("/api/crew/invitations/$id")->assertNotFound();
        $this->actingAs($owner)->deleteJson("/api/crew/invitations/$id")->assertNoContent();
        $this->getJson("/api/invitations/$token")->assertNotFound();
    }

    public function test_invitations_name_what_they_accept(): void
    {
        $owner = $this->member(Role::Owner);
        $answer = $this->actingAs($owner)->postJson('/api/crew/invitations', ['email' => $owner->email, 'role' => 'king'])->assertUnprocessable();

        self::assertStringContainsString('nobody in the crew yet', $answer->json('errors.email.0'));
        self::assertStringContainsString('installer', $answer->json('errors.role.0'));
    }

    public function test_company_rules_and_profiles_are_checked(): void
    {
        $user = $this->member();
        $this->actingAs($user)->putJson('/api/crew/rules', ['rules' => ['order.extra' => 3]])->assertOk()->assertJsonPath('rules', ['order.extra' => 3]);
        $this->actingAs($user)->putJson('/api/crew/rules', ['rules' => ['order.extra' => 300]])->assertUnprocessable()->assertJsonPath('faults.0.field', 'rules.order.extra');
        $own = ['key' => 'yard-14', 'family' => 'snap-lock', 'cover' => 14, 'height' => 1.5, 'coil' => 18, 'leastPitch' => 3];
        $this->actingAs($user)->postJson('/api/crew/profiles', $own)->assertCreated();
        $this->actingAs($user)->postJson('/api/crew/profiles', [...$own, 'cover' => -2])->assertUnprocessable()->assertJsonPath('faults.0.field', 'catalogue.profiles[0].cover');
        $this->actingAs($user)->postJson('/api/crew/profiles', [...$own, 'key' => 'rib-9-36'])->assertConflict();
        // By what was taped: legs of 3/8 and 1/4, or the number that cannot be.
        $taped = [...array_diff_key($own, ['leftMetal' => 1, 'rightMetal' => 1]), 'outToOut' => 14.625, 'insideToOutside' => 14.25];
        $this->actingAs($user)->postJson('/api/crew/profiles', [...$taped, 'insideToOutside' => 15])->assertUnprocessable()->assertJsonPath('faults.0.field', 'catalogue.profiles[0].insideToOutside');
        $this->actingAs($user)->postJson('/api/crew/profiles', [...$taped, 'leftMetal' => 1])->assertUnprocessable()->assertJsonPath('faults.0.field', 'catalogue.profiles[0].leftMetal');
        $this->actingAs($user)->postJson('/api/crew/profiles', $taped)->assertCreated();
        $this->actingAs($user)->getJson('/api/crew/profiles')->assertJsonCount(1)->assertJsonPath('0.outToOut', 14.625)->assertJsonPath('0.definition.cover', 14);
    }

    /** By hand: ribs of 36 at 9 apart take one screw beside each in the field and both sides of each at an end; without a word of ribs nothing is kept, nor ordered. */
    public function test_sheets_of_ones_own_are_screwed_by_their_ribs(): void
    {
        $user = $this->member();
        $own = ['key' => 'yard-rib', 'family' => 'ribbed', 'cover' => 36, 'height' => 0.75, 'coil' => 43, 'leastPitch' => 3, 'leftMetal' => 1, 'rightMetal' => 1];
        $answer = $this->actingAs($user)->postJson('/api/crew/profiles', $own)->assertUnprocessable()->assertJsonPath('faults.0.field', 'catalogue.profiles[0].ribSpacing');
        self::assertStringContainsString('how far ribs', (string) $answer->json('faults.0.message'));
        $this->postJson('/api/crew/profiles', [...$own, 'ribSpacing' => 9])->assertCreated();
        $document = static fn (array $more): array => self::document(['system' => ['profile' => 'yard-rib'], 'catalogue' => ['profiles' => [[...$own, ...$more]]]]);
        $job = $this->job($user, $document(['ribSpacing' => 9]));
        $screws = array_filter(self::table((string) $this->get("/api/jobs/$job->id/files/fasteners.csv")->assertOk()->getContent()), static fn (array $row): bool => ($row[1] ?? '') === 'screw field');
        $across = array_unique(array_map(static fn (array $row): float => round(fmod((float) $row[3], 9.0), 3), $screws));
        self::assertCount(1, $across, 'each beside a rib');
        $unsaid = $this->job($user, $document([]));
        $this->postJson("/api/jobs/$unsaid->id/orders", [], ['If-Match' => '"1"'])->assertConflict();
        self::assertContains('catalogue.no-ribs', $this->getJson("/api/jobs/$unsaid->id/plan/load-out")->json('findings.*.code'));
    }

    /** What nobody chose is planned on, and not ordered. */
    public function test_a_profile_nobody_chose_is_not_ordered(): void
    {
        $user = $this->member();
        $document = self::document();
        unset($document['system']);
        $job = $this->job($user, $document);
        $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertConflict();
        self::assertContains('catalogue.unchosen', $this->getJson("/api/jobs/$job->id/plan/load-out")->json('findings.*.code'));
        $this->save($user, $job, [...$document, 'system' => ['profile' => 'snap-lock-1.5-16']], 1)->assertOk();
        $this->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"2"'])->assertCreated();
    }

    public function test_a_crew_is_founded_from_the_command_line(): void
    {
        self::assertSame(0, Artisan::call('imbrex:crew', ['crew' => 'North Slope', 'name' => 'Una Field', 'email' => 'Una@North-Slope.example']));
        preg_match('/signs in with (\S+) /', Artisan::output(), $said);
        $this->postJson('/api/session', ['email' => 'una@north-slope.example', 'password' => $said[1] ?? ''])->assertOk()->assertJsonPath('user.role', 'owner');
        self::assertSame(1, Artisan::call('imbrex:crew', ['crew' => 'Again', 'name' => 'Una', 'email' => 'una@north-slope.example']));
        self::assertSame(1, Artisan::call('imbrex:crew', ['crew' => 'Again', 'name' => 'Una', 'email' => 'nowhere']));
    }

    public function test_the_demo_is_not_seeded_on_a_real_server(): void
    {
        app()->detectEnvironment(static fn (): string => 'production');
        $this->expectException(LogicException::class);
        (new DatabaseSeeder)->run(app(JobStore::class), app(KeptCards::class));
    }

    public function test_answers_carry_the_headers_that_keep_others_out(): void
    {
        $answer = $this->getJson('/api/session');

        self::assertStringContainsString("default-src 'self'", (string) $answer->headers->get('Content-Security-Policy'));
        self::assertSame('DENY', $answer->headers->get('X-Frame-Options'));
        self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
    }
}
