<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Person;

/** The first page: every job at a glance, put away and had back, and the three ways to begin one. */
final class JobsTest extends BrowserTestCase
{
    public function test_a_job_shows_its_roof_its_metal_how_far_it_is_and_what_comes_next(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->type('Search by name or person', 'Boathouse');
        $row = "//li[@data-job='Boathouse']";
        $person->waitFor("$row//*[name()='svg'][@role='img']");
        // Four faces of the hall and two of the wing; the hips are told by chevrons.
        self::assertCount(6, $person->all("$row//*[name()='path'][@class='metal']"));
        self::assertGreaterThan(20, count($person->all("$row//*[name()='polyline']")));
        self::assertMatchesRegularExpression('/\d[\d,]* sq ft · snap-lock-1.5-16 · steel 24 ga/', $person->text($row));
        $person->waitUntil(static fn (): bool => preg_match('/Survey ?: .* Roof ?: .* Layout ?: .* Cuts ?: .* Load-out ?: /', $person->text("$row//ul")) === 1, fn (): string => $person->text($row));
        self::assertMatchesRegularExpression('/Ivo Marsh, \w+ \d+/', $person->text($row));
        $next = $person->text("$row//div[@class='stands']//a");
        $person->find("$row//div[@class='stands']//a")->click();
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='$next']]");
    }

    public function test_a_job_is_found_copied_put_away_deleted_and_had_back(): void
    {
        $person = $this->person();
        $person->signInAs('Wren Alder');
        $this->beginOarStore($person, 'Ferry shed');
        $person->goTo('/jobs');
        $person->type('Search by name or person', 'ferry');
        $person->waitUntil(fn (): bool => $this->listed($person) === ['Ferry shed'], fn (): string => implode(', ', $this->listed($person)));

        $this->does($person, 'Ferry shed', 'Make a copy');
        $person->sees('A copy of Ferry shed stands in the list.');
        $person->waitUntil(fn (): bool => $this->listed($person) === ['Copy of Ferry shed', 'Ferry shed']);
        $person->choose('In order of', 'longest untouched');
        self::assertSame(['Ferry shed', 'Copy of Ferry shed'], $this->listed($person));

        $this->does($person, 'Ferry shed', 'Archive');
        $person->waitUntil(fn (): bool => $this->listed($person) === ['Copy of Ferry shed']);
        $person->pressBeginning('Archived');
        $person->find("//li[@data-job='Ferry shed']//h2/a")->click();
        $person->sees('This job is archived');
        $person->sees('read only');
        self::assertSame([], $person->all("//button[normalize-space()='Keep']"));
        $person->goTo('/jobs');
        $person->pressBeginning('Archived');
        $this->does($person, 'Ferry shed', 'Bring back to work');

        $person->pressBeginning('At work');
        $this->does($person, 'Copy of Ferry shed', 'Delete');
        $person->sees('For 30 days it can be brought back');
        $person->pressBeginning('Deleted');
        $person->sees('It can be brought back until');
        $this->does($person, 'Copy of Ferry shed', 'Bring back');
        $person->pressBeginning('At work');
        $person->waitUntil(fn (): bool => array_slice($this->listed($person), 0, 1) === ['Ferry shed'] || in_array('Copy of Ferry shed', $this->listed($person), true));
    }

    public function test_whoever_does_not_own_the_crew_deletes_nothing(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->press('What to do with Boathouse');
        $person->waitFor("//*[@role='menuitem'][normalize-space()='Archive']");
        self::assertSame([], $person->all("//*[@role='menuitem'][normalize-space()='Delete']"));
    }

    public function test_a_job_begins_with_readings_with_blocks_or_with_a_drawing(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->press('New job');
        $person->press('Begin');
        $person->sees('A name of up to 120 characters is needed.');
        $person->pressBeginning('With blocks');
        $person->type('Name of the job', 'From plans');
        $person->press('Begin');
        $person->waitForPath('/jobs/');
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='Roof']]");
        $person->sees('Add a block for new work');

        $person->goTo('/jobs');
        $person->press('New job');
        $person->pressBeginning('With a file');
        $file = sys_get_temp_dir().'/Slip hall.dxf';
        file_put_contents($file, self::drawing());
        $person->find("//input[@type='file']")->sendKeys($file);
        $person->press('Read a job from a file');
        $person->sees('Slip hall.dxf');
        $person->sees('20′ 0″ × 10′ 0″');
        $person->type('Pitch', '4');
        $person->driver->executeScript('arguments[0].focus()', [$person->find("//*[@data-outline='P1']//*[@data-side='0']")]);
        $person->keys(WebDriverKeys::ENTER);
        $person->sees('Check the edges.');
        $person->press('Take over');
        $person->waitForSave();
        $person->sees('Slip hall');
    }

    public function test_a_new_crew_looks_round_in_a_sample_job(): void
    {
        $person = $this->person();
        $person->goTo('/sign-in');
        $person->type('Mail address', 'una@quiet-crew.example');
        $person->type('Password', self::foundCrew('Quiet crew', 'Una Lark', 'una@quiet-crew.example'));
        $person->press('Sign in');
        $person->sees('First steps');
        $person->press('Open a sample job');
        $person->waitFor("//*[@data-testid='adopted']");
        $person->sees('Sample: Oar store');
        $person->sees('Plan 1 · saved');
        $person->goTo('/jobs');
        $person->sees('Sample: Oar store');
        $person->doesNotSee('First steps');
    }

    public function test_an_account_with_no_job_is_offered_the_three_ways_to_begin(): void
    {
        $person = $this->person();
        $person->goTo('/sign-in');
        $person->type('Mail address', 'ash@calm-crew.example');
        $person->type('Password', self::foundCrew('Calm crew', 'Ash Lark', 'ash@calm-crew.example'));
        $person->press('Sign in');
        $person->sees('Begin your first job, in the way that suits what you have at hand:');
        foreach (['With readings A tape on the roof', 'With blocks Drawings: length, width', 'With a file A job exported before'] as $way) {
            $person->sees($way);
        }
        $person->type('Name of the job', 'The first of all');
        $person->press('Begin');
        $person->waitFor("//*[contains(@class,'workspace')]");
        $person->press('Job');
        $name = $person->find("(//*[@role='dialog']//input)[1]");
        $name->click();
        $person->keys(WebDriverKeys::CONTROL, 'a');
        $person->keys(WebDriverKeys::BACKSPACE, WebDriverKeys::TAB);
        $person->sees('A name of up to 120 characters is needed.');
        $name->click();
        $person->keys(...mb_str_split('The very first'), ...[WebDriverKeys::TAB]);
        $person->press('Close');
        $person->waitForSave();
        $person->goTo('/jobs');
        $person->waitUntil(fn (): bool => $this->listed($person) === ['The very first']);
    }

    /** @return string the owner's password */
    private static function foundCrew(string $crew, string $owner, string $mail): string
    {
        $env = ['DB_DATABASE' => (string) getenv('BROWSER_DB')] + getenv();
        $process = proc_open([PHP_BINARY, 'artisan', 'imbrex:crew', $crew, $owner, $mail], [1 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2), $env);
        self::assertIsResource($process);
        preg_match('/signs in with (\S+) and/', (string) stream_get_contents($pipes[1]), $said);
        proc_close($process);

        return $said[1] ?? self::fail('no crew was founded');
    }

    /** @return list<string> */
    private function listed(Person $person): array
    {
        return array_map(static fn ($heading): string => $heading->getText(), $person->all("//ul[@class='job-rows']//h2"));
    }

    private function does(Person $person, string $job, string $deed): void
    {
        $person->press("What to do with $job");
        $person->find("//*[@role='menuitem'][normalize-space()='$deed']")->click();
        $person->waitUntil(fn (): bool => $person->all("//*[@role='menuitem']") === []);
    }

    /** A rectangle of 240 by 120 inches on a layer of its own. */
    private static function drawing(): string
    {
        $corners = implode('', array_map(static fn (array $at): string => "10\n$at[0]\n20\n$at[1]\n", [[0, 0], [240, 0], [240, 120], [0, 120]]));

        return "0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n1\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\nROOF\n90\n4\n70\n1\n{$corners}0\nENDSEC\n0\nEOF\n";
    }
}
