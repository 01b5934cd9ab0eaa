<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use PHPUnit\Framework\TestCase;
use Tests\Support\Chromium;
use Tests\Support\Person;

/** A person before a browser. What a test begins it begins by itself, so that tests do not lean on each other. */
abstract class BrowserTestCase extends TestCase
{
    /** @var list<RemoteWebDriver> browsers that wait for the next test; starting one takes seconds */
    private static array $idle = [];

    /** @var list<Person> */
    private array $people = [];

    /** A person before a browser that knows nothing of anybody. */
    protected function person(int $width = 1280, int $height = 800): Person
    {
        if (self::$idle === []) {
            $driver = Chromium::start($width, $height);
            register_shutdown_function(static fn () => $driver->quit());
        } else {
            $driver = array_pop(self::$idle);
            Chromium::resize($driver, $width, $height);
            $driver->get(getenv('APP_URL').'/icon.svg');
            $driver->manage()->deleteAllCookies();
            $driver->executeScript('localStorage.clear()');
        }

        return $this->people[] = new Person($driver, (string) getenv('APP_URL'));
    }

    protected function tearDown(): void
    {
        foreach ($this->people as $person) {
            $this->addToAssertionCount($person->held);
            self::$idle[] = $person->driver;
        }
        $this->people = [];
    }

    /** Begins a job with the oar store's readings, typed as people type them. */
    protected function beginOarStore(Person $person, string $name): void
    {
        $person->goTo('/jobs');
        $person->press('New job');
        $person->type('Name of the job', $name);
        $person->press('Begin');
        $person->waitFor("//*[contains(@class,'workspace')]");
        foreach (['214-1/4', '214 3/8', "17' 10 1/4"] as $typed) {
            $this->takeReading($person, 'Eave to ridge', $typed);
        }
        $person->press('Eave: not measured yet');
        $this->takeReading($person, 'Eave', "41' 8");
        $person->press('Pitch: not measured yet');
        $this->takeReading($person, 'Pitch, rise in 12', '4');
        $person->waitForSave();
    }

    protected function takeReading(Person $person, string $quantity, string $typed): void
    {
        $before = count($person->all('//tr[@data-reading]'));
        $person->type("$quantity, next reading", $typed);
        $person->press('Keep');
        $person->waitUntil(static fn (): bool => count($person->all('//tr[@data-reading]')) > $before, static fn (): string => "The reading $typed did not arrive. Shown is:\n".$person->text());
    }

    protected function goToStation(Person $person, string $station): void
    {
        $person->find("//nav[contains(@class,'rail')]//a[.//b[normalize-space()='$station']]")->click();
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='$station']]");
    }
}
