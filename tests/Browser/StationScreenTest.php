<?php

declare(strict_types=1);

namespace Tests\Browser;

use stdClass;
use Tests\Support\Person;

/** A station nobody has opened yet, and the connection that fails it. */
final class StationScreenTest extends BrowserTestCase
{
    public function test_a_station_that_does_not_come_is_said_and_fetched_again(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Boathouse');
        $this->tell($person, 'Network.enable');
        $this->tell($person, 'Network.setBlockedURLs', ['urls' => ['*RoofStation*']]);
        $person->goTo(str_replace('/survey', '/cuts', (string) parse_url($person->driver->getCurrentURL(), PHP_URL_PATH)));
        $person->sees('Mark out Hall S-1');
        $this->goToStation($person, 'Roof');
        $person->sees('Roof has not come: there is no connection.');

        // The rail stays, and what has come opens.
        $this->goToStation($person, 'Cuts');
        $person->sees('Mark out Hall S-1');
        $this->goToStation($person, 'Roof');
        $person->sees('Roof has not come: there is no connection.');
        $this->tell($person, 'Network.setBlockedURLs', ['urls' => []]);
        $person->press('Try again');
        $person->sees('What shape is it?');
    }

    public function test_what_was_fetched_in_quiet_opens_without_a_connection(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Boathouse');
        foreach (['RoofStation', 'LayoutStation', 'CutsStation', 'EdgesStation', 'LoadOutStation'] as $code) {
            $person->waitUntil(static fn (): bool => (bool) $person->driver->executeScript("return performance.getEntriesByType('resource').some((e) => e.name.includes('$code'))"), static fn (): string => "$code is not fetched");
        }
        $this->tell($person, 'Network.enable');
        $this->connection($person, false);
        $this->goToStation($person, 'Roof');
        $person->sees('No connection: the numbers of this station come once there is one.');
        $this->connection($person, true);
        $person->sees('What shape is it?');
        $person->doesNotSee('No connection: the numbers');
    }

    public function test_a_file_that_is_being_made_is_said_and_one_that_does_not_come_too(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Boathouse');
        $person->press('Send to…');
        $person->waitFor("//*[@role='menuitem'][normalize-space()='Mark-out cards, PDF']");
        $this->tell($person, 'Network.enable');
        $this->connection($person, false);
        $person->press('Mark-out cards, PDF');
        $person->sees('Mark-out cards, PDF has not come. Try again in a moment.');
        $person->press('Close');
        $this->connection($person, true);
        $person->driver->executeScript('window.kept = null; const make = URL.createObjectURL; URL.createObjectURL = (blob) => { blob.slice(0, 5).text().then((t) => { window.kept = [t, blob.size]; }); return make(blob); };');
        $person->press('Send to…');
        $person->press('Mark-out cards, PDF');
        $person->waitUntil(static fn (): bool => ($person->driver->executeScript('return window.kept')[0] ?? '') === '%PDF-');
        self::assertGreaterThan(50_000, $person->driver->executeScript('return window.kept')[1]);
        $person->doesNotSee('is being made');
    }

    /** @param  array<string, mixed>  $parameters */
    private function tell(Person $person, string $command, array $parameters = []): void
    {
        $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $parameters === [] ? new stdClass : $parameters]);
    }
}
