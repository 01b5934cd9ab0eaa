<?php

declare(strict_types=1);

/*
 * Drives the real interface with the demo data and writes one PNG of each main view.
 * Called by bin/imbrex screenshots: folder, then the views wanted (all when none is named).
 */

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chromium;
use Tests\Support\Person;

require __DIR__.'/../../vendor/autoload.php';

/** @var array<string, array{width: int, height: int, go: callable(Person): void}> $views */
$desk = static fn (callable $go, int $width = 1280, int $height = 800): array => ['width' => $width, 'height' => $height, 'go' => $go];
$station = static fn (string $job, string $station, string $query = ''): callable => static function (Person $p) use ($job, $station, $query): void {
    $p->openJob($job);
    $path = (string) parse_url($p->driver->getCurrentURL(), PHP_URL_PATH);
    $p->goTo(preg_replace('#/survey$#', "/$station", $path).$query);
    $p->waitFor("//*[contains(@class,'bench')]//h1");
    $p->waitFor("//nav//a[@data-state!='not-begun']");
};
$views = [
    'jobs' => $desk(static function (Person $p): void {
        $p->goTo('/jobs');
        $p->waitFor("//li[@data-job='Oar store']//*[name()='svg'][@role='img']");
        $p->waitUntil(static fn (): bool => count($p->all("//li[@data-job]//*[name()='svg'][@role='img']")) === count($p->all('//li[@data-job]')));
    }),
    'survey' => $desk($station('Oar store', 'survey')),
    'roof' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'roof')($p);
        $p->pickOnPlan("//*[@data-edge='valley-hall.S-wing.W']");
        $p->waitFor("//*[@data-testid='true-length']");
    }),
    'roof-round' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'roof', '?view=space')($p);
        $p->waitFor("//*[@data-testid='space']/canvas");
    }),
    'layout' => $desk($station('Oar store', 'layout')),
    'layout-marks' => $desk($station('Boathouse', 'layout', '?face=hall.S&view=marks')),
    'cuts' => $desk($station('Boathouse', 'cuts', '?piece=hall.S-29')),
    'edges' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'edges', '?edge=eave-hall.N')($p);
        $p->sees('5 builds');
    }),
    'edges-corner' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'edges', '?view=corners')($p);
        $p->waitFor('//*[@data-space]');
        $p->choose('Corner', 'Foot of a valley 1');
        $p->waitFor("//*[@data-space='eave-valley']");
        // Two pieces lifted back off.
        $p->driver->executeScript('arguments[0].focus()', [$p->find("//input[@type='range']")]);
        $p->keys(WebDriverKeys::ARROW_LEFT);
        $p->keys(WebDriverKeys::ARROW_LEFT);
        $p->sees('3 of 5');
    }),
    'edges-sticks' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'edges', '?edge=eave-hall.N&view=sticks')($p);
        $p->waitFor("//*[name()='svg'][@data-run]");
    }),
    'edges-ends' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'edges', '?edge=valley-hall.S-wing.E&view=ends')($p);
        $p->waitFor("//*[name()='svg'][@data-end]");
    }),
    'openings' => $desk(static function (Person $p) use ($station): void {
        $station('Clubroom', 'openings', '?opening=o3')($p);
        $p->sees('Advice: Cricket.');
        $p->waitFor("//*[@data-opening='o3']");
        $p->sees('20 lengths');
    }),
    'water' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'water')($p);
        $p->sees('2,203 sq ft in plan');
        [$x, $y] = $p->middleOf('//*[@data-water]');
        $p->drag($x + 60, $y - 70, 0, 0);
        $p->sees('It leaves at the eave.');
    }),
    'load-out' => $desk(static function (Person $p) use ($station): void {
        $station('Oar store', 'load-out')($p);
        $p->sees('310 fasteners');
        $p->sees('1 length');
    }),
    'crew' => $desk(static function (Person $p): void {
        $p->goTo('/crew');
        $p->sees('House rules');
    }),
    'survey-phone' => $desk($station('Oar store', 'survey'), 390, 844),
    'cuts-phone' => $desk($station('Boathouse', 'cuts', '?piece=hall.S-29'), 390, 844),
    // Last: they change the job.
    'hold-down' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'hold-down', '?face=hall.S')($p);
        $p->choose('Exposure', 'open');
        $p->type('Ultimate wind speed, mph', "130\t");
        $p->sees('corner 52.1 psf');
        $p->press('Snow load and places');
        $p->type('Snow load', "30\t");
        $p->choose('What is below', 'a door');
        $p->type('From the left', "15 ft\t");
        $p->type('Up to', "20 ft\t");
        $p->press('Add');
        $p->sees('Above a door, Hall S');
        $p->waitForSave();
        $p->driver->executeScript('document.querySelector("aside").scrollTop = 0');
    }),
    'cuts-tapes' => $desk(static function (Person $p) use ($station): void {
        $station('Boathouse', 'cuts', '?piece=hall.S-28')($p);
        $p->press('hems flat');
        $p->type('Long side of the piece', '170-3/32');
        $p->type('Short side of the piece', '151 23/32');
        $p->press('Take down');
        $p->waitFor("//*[@data-testid='next-cards']");
        $p->driver->executeScript("document.querySelector('[data-testid=square]').scrollIntoView()");
    }),
];

$folder = $argv[1] ?? 'var/screenshots';
$wanted = array_slice($argv, 2);
$unknown = array_diff($wanted, array_keys($views));
if ($unknown !== []) {
    fwrite(STDERR, 'No such view: '.implode(', ', $unknown).'. Known are '.implode(', ', array_keys($views)).".\n");
    exit(64);
}
is_dir($folder) || mkdir($folder, 0755, true);
$driver = Chromium::lend();
try {
    $person = new Person($driver, (string) getenv('APP_URL'));
    $signedIn = false;
    foreach ($views as $name => $view) {
        if ($wanted !== [] && ! in_array($name, $wanted, true)) {
            continue;
        }
        Chromium::resize($driver, $view['width'], $view['height']);
        if (! $signedIn) {
            $person->signInAs('Ivo Marsh');
            $signedIn = true;
        }
        $view['go']($person);
        usleep(700_000);
        $driver->takeScreenshot("$folder/$name.png");
        echo "· $folder/$name.png\n";
    }
} finally {
    $driver->quit();
}
