<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\Person;

/** What comes later: dialogs, pages. Where its code does not come the page stands, says what is missing, and gets it again. */
final class PartsTest extends BrowserTestCase
{
    public function test_a_part_that_does_not_come_is_said_and_can_be_had_again(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->blocked($person, ['*/History-*', '*/JobSettings-*']);
        $person->openJob('Oar store');
        $person->waitFor("//*[@data-testid='adopted']");
        $person->pressBeginning('Plan ');
        $person->sees('The history did not come: there is no connection, or a newer version has taken its place.');
        $person->sees('What was entered is kept.');
        $this->blocked($person, []);
        $person->press('Try again');
        $person->sees('Every saved plan');
        $person->press('Close');
        $person->waitFor("//*[@data-testid='adopted']");
    }

    /** Once a job stands open its dialogs come in quiet: a signal that is lost then takes none of them away. */
    public function test_dialogs_open_without_a_connection(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $person->waitUntil(static fn (): bool => (bool) $person->driver->executeScript("return performance.getEntriesByType('resource').some((one) => one.name.includes('/JobSettings-')) && performance.getEntriesByType('resource').some((one) => one.name.includes('/BringIn-'))"), fn (): string => 'dialogs did not come');
        $person->waitForAnswer('/JobSettings-');
        $person->waitForAnswer('/BringIn-');
        $person->waitForRest();
        $this->connection($person, false);
        try {
            $person->press('Job');
            $person->waitFor("//*[@role='dialog']//input");
            $person->press('Close');
            $person->press('Bring in');
            $person->sees('Bring in measures');
        } finally {
            $this->connection($person, true);
        }
    }

    /** Told so once the page asks for something, loaded anew only when one wants it. */
    public function test_a_newer_version_is_offered_and_never_forced(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $person->waitFor("//*[@data-testid='adopted']");
        self::assertStringNotContainsString('newer version of Imbrex', $person->text());
        $this->update($person);
        $person->pressBeginning('Plan ');
        $person->press('Close');
        $person->sees('There is a newer version of Imbrex. What is entered stays.');
        $person->press('Later');
        $person->doesNotSee('newer version of Imbrex');

        $person->driver->navigate()->refresh();
        $person->waitFor("//*[@data-testid='adopted']");
        $this->update($person);
        $person->pressBeginning('Plan ');
        $person->press('Close');
        $person->press('Load the newest version');
        $person->waitUntil(static fn (): bool => (bool) $person->driver->executeScript('return window.anotherServer === undefined'));
        $person->waitFor("//*[@data-testid='adopted']");
        $person->doesNotSee('newer version of Imbrex');
    }

    /** From now on its server says it has other screens than this page. */
    private function update(Person $person): void
    {
        $person->driver->executeScript(<<<'JS'
            const asked = window.fetch;
            window.anotherServer = true;
            window.fetch = async (...what) => {
                const answer = await asked(...what);
                const headers = new Headers(answer.headers);
                headers.set('X-Version', headers.get('X-Version') + ' and one');
                return new Response(answer.status === 204 ? null : answer.body, { status: answer.status, headers });
            };
            JS);
    }

    /** @param  list<string>  $urls */
    private function blocked(Person $person, array $urls): void
    {
        foreach ([['Network.enable', new \stdClass], ['Network.setBlockedURLs', ['urls' => $urls]], ['Network.setCacheDisabled', ['cacheDisabled' => true]]] as [$command, $parameters]) {
            $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $parameters]);
        }
    }
}
