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
        $this->connection($person, true);
        $person->waitForSave();
        $person->driver->navigate()->refresh();
        $person->pressBeginning('Ridge: show its readings');
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
        $person->sees('This cannot be saved as it is');
        $person->sees('roof.planes[0].readings[5].panels: understood 219890; accepted: a number from 0 to 12000');
        $person->press('Take the last change back');
        $person->doesNotSee('This cannot be saved as it is');
        $person->waitForSave();
    }

    public function test_two_windows_of_one_person_are_told_apart_too(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Two windows');
        $first = $person->driver->getWindowHandle();
        $url = $person->driver->getCurrentURL();
        $person->driver->switchTo()->newWindow('tab');
        $person->driver->get($url);
        $person->pressBeginning('Eave: show its readings');
        $this->takeReading($person, 'Eave', "41' 8 1/8");
        $person->waitForSave();
        $person->driver->switchTo()->window($first);
        $person->pressBeginning('Eave: show its readings');
        $person->type('Eave, next reading', "41' 8 1/4");
        $person->press('Keep');
        $person->sees('Ivo Marsh saved in the meantime');
        $person->press('Take theirs');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/16″');
    }

    private function connection(Person $person, bool $on): void
    {
        foreach ([['Network.enable', new \stdClass], ['Network.emulateNetworkConditions', ['offline' => ! $on, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]]] as [$command, $parameters]) {
            $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $parameters]);
        }
    }
}
