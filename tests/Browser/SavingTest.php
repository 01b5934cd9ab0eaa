<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\Person;

/** Nothing is lost: no connection, a page closed too soon, a change that cannot be taken. */
final class SavingTest extends BrowserTestCase
{
    public function test_without_a_connection_work_goes_on_and_is_saved_later(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Dead spot');
        $this->connection($person, false);
        $person->press('Ridge: not measured yet');
        $person->type('Ridge, next reading', "41' 7");
        $person->press('Keep');
        $person->sees('No connection · kept here, trying again');
        $person->sees('the numbers beside it are those of plan 1 until then');
        self::assertStringContainsString("tape not saved yet 41' 7", $person->text('//tr[@data-unsaved]'));
        $this->connection($person, true);
        $person->waitForSave();
        $person->driver->navigate()->refresh();
        $person->pressBeginning('Ridge: show its readings');
        $person->sees('41′ 7″');
    }

    /** From the entry on until the plan of it has come, what is shown is marked as old. */
    public function test_numbers_of_the_plan_before_are_marked_at_once(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Slow line');
        $person->waitForSave();
        $old = "//*[contains(@class,'workspace')][@data-old]";
        $person->waitUntil(static fn (): bool => $person->all($old) === [], static fn (): string => 'numbers never came');
        $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Network.enable', 'params' => new \stdClass]);
        $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Network.emulateNetworkConditions', 'params' => ['offline' => false, 'latency' => 900, 'downloadThroughput' => -1, 'uploadThroughput' => -1]]);
        $person->press('Ridge: not measured yet');
        $person->type('Ridge, next reading', "41' 7");
        $person->press('Keep');
        self::assertCount(1, $person->all($old));
        $person->sees('Numbers follow');
        $person->waitUntil(static fn (): bool => $person->all($old) === [], static fn (): string => 'numbers never came');
        $person->doesNotSee('Numbers follow');
        $person->sees('41′ 7″');
    }

    public function test_a_page_closed_before_it_was_saved_takes_the_change_up_again(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Flat battery');
        $this->connection($person, false);
        $person->press('Ridge: not measured yet');
        $person->type('Ridge, next reading', "41' 6");
        $person->press('Keep');
        $person->sees('No connection');
        $person->driver->executeScript('window.onbeforeunload = null');
        $this->connection($person, true);
        $person->driver->navigate()->refresh();
        try {
            $person->driver->switchTo()->alert()->accept();
        } catch (\Facebook\WebDriver\Exception\NoSuchAlertException) {
            // It had been saved in the meantime; then there is nothing to warn of.
        }
        $person->waitFor("//*[contains(@class,'workspace')]");
        $person->pressBeginning('Ridge: show its readings');
        $person->sees('41′ 6″');
        $person->waitForSave();
    }

    public function test_what_cannot_be_taken_names_its_field_and_stays_on_the_screen(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Long barn');
        $person->press('Ridge: not measured yet');
        $person->choose('Source', 'panel count');
        $person->type('Old panels', '1999');
        $person->type('Their cover', '110');
        $person->press('Keep');
        $person->sees('This cannot be taken as it is');
        $person->sees('roof.planes[0].readings[5].panels: understood 219890; accepted: a number from 0 to 12000');
        self::assertStringContainsString('panel count not taken', $person->text('//tr[@data-unsaved]'));

        // Work goes on behind it, and is saved.
        $person->pressBeginning('Eave: show its readings');
        $this->takeReading($person, 'Eave', "41' 8 1/8");
        $person->waitUntil(fn (): bool => str_contains($person->text("//header//*[@role='status']"), 'Plan 2'), fn (): string => $person->text());
        $person->sees('This cannot be taken as it is');
        $person->press('Show it');
        $person->press('Mend it');
        $person->doesNotSee('This cannot be taken as it is');
        self::assertSame('1999', $person->field('Old panels')->getAttribute('value'));
        $person->type('Old panels', '31.25');
        $person->type('Their cover', '16');
        $person->press('Keep');
        $person->waitForSave();
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8″', fn (): string => $person->text());
    }

    public function test_one_entry_that_is_refused_can_be_taken_back_by_itself(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Short barn');
        $person->press('Ridge: not measured yet');
        $person->choose('Source', 'panel count');
        $person->type('Old panels', '1999');
        $person->type('Their cover', '110');
        $person->press('Keep');
        $person->sees('This cannot be taken as it is');
        $person->driver->executeScript('window.onbeforeunload = null');
        $person->pressBeginning('Take back: roof.planes[0].readings[5].panels');
        $person->doesNotSee('This cannot be taken as it is');
        $person->waitForSave();
        self::assertSame([], $person->all('//tr[@data-unsaved]'));
    }

    public function test_two_windows_of_one_person_are_told_apart_too(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Two windows');
        $this->saveInAnotherWindow($person);
        $person->pressBeginning('Eave: show its readings');
        $person->type('Eave, next reading', "41' 8 1/4");
        $person->press('Keep');
        $person->sees('Ivo Marsh saved in the meantime');
        $person->press('Take theirs');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/16″');

        // The one not taken is in the history, and can be returned to.
        $person->press('Every saved plan');
        $person->sees("Kept beside plan 1, not taken: First plane: eave 41' 8 1/4");
        $person->press('Return to plan 3');
        $person->press('Close');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/8″', fn (): string => $person->text());
    }

    public function test_the_other_window_is_told_before_it_saves(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Told in time');
        $this->saveInAnotherWindow($person);
        $person->sees("Ivo Marsh saved plan 2 in the meantime: First plane: eave 41' 8 1/8");
        $person->press('Show plan 2');
        $person->doesNotSee('in the meantime');
        $person->pressBeginning('Eave: show its readings');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/16″', fn (): string => $person->text());
    }

    public function test_undo_goes_on_after_the_page_was_opened_anew_and_says_what_it_took_back(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Second thoughts');
        $person->pressBeginning('Eave: show its readings');
        $this->takeReading($person, 'Eave', "41' 8 1/8");
        $person->waitForSave();
        $person->driver->navigate()->refresh();
        $person->pressBeginning('Eave: show its readings');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/16″');
        $person->press('Undo');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8″', fn (): string => $person->text());
        $person->waitForSave();
        $person->press('Every saved plan');
        $person->sees("Taken back: First plane: eave 41' 8 1/8");
        $person->press('Close');
        $person->driver->navigate()->refresh();
        $person->press('Redo');
        $person->waitUntil(fn (): bool => str_contains($person->text("//header//*[@role='status']"), 'Plan 4 · saved'), fn (): string => $person->text());
    }

    /** Another window of the same job takes a reading; the first is in front again. */
    private function saveInAnotherWindow(Person $person): void
    {
        $first = $person->driver->getWindowHandle();
        $url = $person->driver->getCurrentURL();
        $person->driver->switchTo()->newWindow('tab');
        $person->driver->get($url);
        $person->pressBeginning('Eave: show its readings');
        $this->takeReading($person, 'Eave', "41' 8 1/8");
        $person->waitForSave();
        $person->driver->switchTo()->window($first);
    }
}
