<?php

declare(strict_types=1);

namespace Tests\Browser\Cutting;

use Tests\Browser\BrowserTestCase;

/** What is cut is said by whoever cuts it: with a signal or without, and everybody sees it. */
final class TicksTest extends BrowserTestCase
{
    public function test_an_installer_ticks_without_a_signal_and_the_office_sees_it_when_there_is_one(): void
    {
        $office = $this->person();
        $office->comesAs('Pia Holm');
        $this->beginFromFile($office, 'Ticked off the roof', self::demo('oar-store'));
        $path = (string) parse_url($office->driver->getCurrentURL(), PHP_URL_PATH);
        $this->goToStation($office, 'Cuts');
        $office->sees('0 of 32 cut');

        $installer = $this->person(390, 844);
        $installer->signInAs('Tam Reed');
        $installer->goTo(str_replace('/survey', '/cuts', $path));
        $installer->sees('0 of 32 cut');
        $installer->sees('read only');
        $this->connection($installer, false);
        $installer->press('Cut, next panel');
        $installer->sees('1 of 32 cut');
        $installer->sees('No connection · kept here, trying again');
        // The next card comes once there is a signal; the list is there.
        $installer->find("//input[@aria-label='P1-2 is cut']")->click();
        $installer->sees('2 of 32 cut');

        // The page is opened anew, as a phone does after lunch: what waits is still there, and goes out.
        $this->connection($installer, true);
        $installer->goTo(str_replace('/survey', '/cuts', $path));
        $installer->sees('2 of 32 cut');
        $installer->waitUntil(static fn (): bool => str_contains($installer->text("//header//*[@role='status']"), 'read only'), static fn (): string => $installer->text('//header'));

        // Nobody at the office presses anything.
        $office->sees('2 of 32 cut');
        $office->sees('Plan 1');
        $office->driver->executeScript("[...document.querySelectorAll('.pieces input[type=checkbox]')].find((one) => one.checked).click()");
        $office->sees('1 of 32 cut');
        $office->waitForSave();
        $installer->sees('1 of 32 cut');
    }
}
