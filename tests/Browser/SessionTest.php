<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Cookie;
use Tests\Support\Person;

/** Getting in and staying in: a session that ends takes nothing with it, and gives nothing to anybody else. */
final class SessionTest extends BrowserTestCase
{
    private const PASSWORD = 'oars-and-anchors';

    public function test_after_a_wrong_password_the_right_one_lets_in_without_loading_the_page_again(): void
    {
        $person = $this->person();
        $person->goTo('/sign-in');
        $this->fillIn($person, 'foreman@tern-point.example', 'not-this-one');
        $person->sees('Mail address and password do not belong together.');
        $this->fillIn($person, 'foreman@tern-point.example', self::PASSWORD);
        $person->waitForPath('/jobs');
    }

    public function test_a_session_that_ended_elsewhere_is_taken_up_in_place_and_the_edits_go_on(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Called away');
        $this->measureAsTheSessionEnds($person, "41' 5");

        $person->sees('Your session has ended');
        $person->sees('Signed out · kept here until you sign in');
        self::assertSame('estimator@tern-point.example', $person->field('Mail address')->getAttribute('value'));
        $this->fillIn($person, 'estimator@tern-point.example', 'not-this-one');
        $person->sees('Mail address and password do not belong together.');
        $person->type('Password', self::PASSWORD);
        $person->press('Sign in');
        $person->doesNotSee('Your session has ended');
        $person->waitForSave();
        $person->sees('41′ 5″');
        self::assertStringContainsString('Plan 2', $person->text("//header//*[@role='status']"));
    }

    /** Back, after signing out, shows nobody what was open. */
    public function test_nothing_of_a_job_comes_back_after_signing_out(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $person->waitFor("//*[@data-testid='adopted']");
        $person->pressBeginning('IM');
        $person->press('Sign out');
        $person->waitForPath('/sign-in');
        $person->driver->navigate()->back();
        $person->waitForPath('/sign-in');
        $person->sees('Sign in');
        self::assertSame([], $person->all("//*[@data-testid='adopted']"));
    }

    public function test_edits_belong_to_who_made_them(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Two at one desk');
        $path = (string) parse_url($person->driver->getCurrentURL(), PHP_URL_PATH);
        $this->measureAsTheSessionEnds($person, "41' 3");
        $person->sees('Your session has ended');

        // Somebody else sits down.
        $this->fillIn($person, 'foreman@tern-point.example', self::PASSWORD);
        $person->sees('New job');
        $person->goTo($path);
        $person->waitFor("//*[contains(@class,'workspace')]");
        $person->sees('Plan 1 · saved');
        $person->doesNotSee('41′ 3″');
        self::assertSame('Plan 1', substr($person->text("//header//*[@role='status']"), 0, 6));

        // Nothing of one's own waits, so leaving asks nothing.
        $person->pressBeginning('PH: account of');
        $person->press('Sign out');
        $person->waitForPath('/sign-in');
        $person->signInAs('Ivo Marsh');
        $person->goTo($path);
        $person->waitForSave();
        $person->sees('41′ 3″');
        self::assertStringContainsString('Plan 2', $person->text("//header//*[@role='status']"));
    }

    public function test_signing_out_with_edits_that_are_not_saved_asks(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'End of the day');
        $this->measureAsTheSessionEnds($person, "41' 2");
        $person->sees('Your session has ended');
        $this->fillIn($person, 'estimator@tern-point.example', self::PASSWORD);
        $person->waitForSave();

        // Nothing waits: out at once. With something waiting, one is asked, and may stay.
        $person->driver->executeScript("localStorage.setItem('imbrex.unsaved.' + arguments[0] + '.other', '{}')", [$this->idOf($person)]);
        $this->signOut($person);
        $person->sees('Not everything is saved');
        $person->press('Stay');
        $person->doesNotSee('Not everything is saved');
        $this->signOut($person);
        $person->press('Sign out all the same');
        $person->waitForPath('/sign-in');
    }

    /** From the menu, once it has opened: while it grows, what one aims at moves away. */
    private function signOut(Person $person): void
    {
        $person->pressBeginning('IM: account of');
        $person->middleOf("//*[@role='menuitem'][normalize-space()='Sign out']");
        $person->press('Sign out');
    }

    public function test_an_owner_lets_back_in_changes_a_role_and_shows_out(): void
    {
        $owner = $this->person();
        $owner->signInAs('Wren Alder');
        $owner->goTo('/crew');
        $owner->type('Mail address', 'ash.fell@tern-point.example');
        $owner->press('Make the link');
        $owner->sees('Give this link to the person');
        $new = $this->person();
        $new->goTo($this->linkOn($owner));
        $new->type('Your name', 'Ash Fell');
        $new->type('New password', 'slates-and-battens');
        $new->press('Join');
        $new->waitForPath('/jobs');

        $owner->driver->navigate()->refresh();
        $owner->choose('Ash Fell, role', 'foreman');
        $owner->sees('Ash Fell is foreman now, and signs in again.');
        // Signed out at once, wherever they are.
        $new->goTo('/crew');
        $new->waitForPath('/sign-in');

        $owner->press('New password for Ash Fell');
        $owner->sees('Give this link to Ash Fell.');
        $new->goTo($this->linkOn($owner));
        $new->sees('Choose a new password');
        $new->type('New password', 'battens-and-slates');
        $new->press('Set the password and sign in');
        $new->waitForPath('/jobs');

        $owner->press('Remove Ash Fell');
        $owner->sees('What they made stays, by their name.');
        $owner->press('Remove from the crew');
        $owner->sees('Ash Fell is no longer in the crew.');
        $new->goTo('/crew');
        $new->waitForPath('/sign-in');
        $this->fillIn($new, 'ash.fell@tern-point.example', 'battens-and-slates');
        $new->sees('Mail address and password do not belong together.');
    }

    private function fillIn(Person $person, string $email, string $password): void
    {
        $person->type('Mail address', $email);
        $person->type('Password', $password);
        $person->press('Sign in');
    }

    /** Cut off meanwhile: what is under way would bring the session back, or tell of its end too soon. */
    private function measureAsTheSessionEnds(Person $person, string $typed): void
    {
        $this->connection($person, false);
        $person->press('Ridge: not measured yet');
        $person->type('Ridge, next reading', $typed);
        $person->press('Keep');
        $person->sees('No connection · kept here, trying again');
        // An answer that was on its way may bring it once more.
        $person->waitUntil(static function () use ($person): bool {
            $person->driver->manage()->deleteCookieNamed('imbrex_session');
            usleep(100_000);

            return array_filter($person->driver->manage()->getCookies(), static fn (Cookie $one): bool => $one->getName() === 'imbrex_session') === [];
        });
        $this->connection($person, true);
    }

    private function idOf(Person $person): int
    {
        return (int) $person->driver->executeAsyncScript("const done = arguments[0]; fetch('/api/session', { headers: { Accept: 'application/json' } }).then((a) => a.json()).then((a) => done(a.user.id))");
    }

    private function linkOn(Person $person): string
    {
        return (string) parse_url($person->find("//*[@role='status']//strong")->getText(), PHP_URL_PATH);
    }
}
