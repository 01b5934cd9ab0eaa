<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\Support\Chromium;
use Tests\Support\Person;

/** A person before a browser. What a test begins it begins by itself, so that tests do not lean on each other. */
abstract class BrowserTestCase extends TestCase
{
    /** @var list<Person> */
    private array $people = [];

    protected function person(int $width = 1280, int $height = 800): Person
    {
        return $this->people[] = new Person(Chromium::lend($width, $height), (string) getenv('APP_URL'));
    }

    protected function tearDown(): void
    {
        foreach ($this->people as $person) {
            $this->addToAssertionCount($person->held);
            Chromium::handBack($person->driver, $person->url);
        }
        $this->people = [];
    }

    protected function connection(Person $person, bool $on): void
    {
        foreach ([['Network.enable', new \stdClass], ['Network.emulateNetworkConditions', ['offline' => ! $on, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]]] as [$command, $parameters]) {
            $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $parameters]);
        }
    }

    protected function beginJob(Person $person, string $name, ?string $profile = null): void
    {
        $person->press('New job');
        $person->type('Name of the job', $name);
        if ($profile !== null) {
            $person->find("//label[starts-with(normalize-space(.), '$profile')]")->click();
        }
        $person->press('Begin');
        $person->waitFor("//*[contains(@class,'workspace')]");
    }

    /**
     * Begins a job where a document has it: what most tests begin with, and none but one is about.
     *
     * @param  array<string, mixed>  $document
     */
    protected function beginFromFile(Person $person, string $name, array $document): void
    {
        $person->begins([...$document, 'name' => $name]);
    }

    /**
     * Begins a job from a file of somebody else's.
     *
     * @param  array<string, mixed>  $document
     */
    protected function bringInFile(Person $person, string $name, array $document): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($file, (string) json_encode([...$document, 'name' => $name]));
        $person->goTo('/jobs');
        $person->press('New job');
        $person->pressBeginning('With a file');
        $person->find("//input[@type='file']")->sendKeys($file);
        $person->press('Read a job from a file');
        $person->waitFor("//*[contains(@class,'workspace')]");
        unlink($file);
    }

    /** @return array<string, mixed> a document of the demo */
    protected static function demo(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../../database/demo/$name.json"), true);
    }

    /** Begins a job with the oar store's readings. */
    protected function beginOarStore(Person $person, string $name): void
    {
        $reading = static fn (int $number, string $quantity, float $value, string $typed): array => ['id' => "r$number", 'quantity' => $quantity, 'value' => $value, 'typed' => $typed, 'source' => 'tape'];
        $this->beginFromFile($person, $name, [
            'format' => 'imbrex-job/3',
            'units' => 'imperial',
            'roof' => ['planes' => [[
                'id' => 'P1', 'name' => 'First plane', 'edges' => ['eave', 'rake', 'ridge', 'rake'],
                'readings' => [
                    $reading(1, 'eaveToRidge', 214.25, '214-1/4'), $reading(2, 'eaveToRidge', 214.375, '214 3/8'), $reading(3, 'eaveToRidge', 214.25, "17' 10 1/4"),
                    $reading(4, 'eave', 500.0, "41' 8"), $reading(5, 'pitch', 4.0, '4'),
                ],
            ]]],
        ]);
        $person->waitForSave();
    }

    /** The same, typed as people type them. */
    protected function typeOarStore(Person $person, string $name, ?string $profile = null): void
    {
        $person->goTo('/jobs');
        $this->beginJob($person, $name, $profile);
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
