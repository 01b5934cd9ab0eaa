<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Drills\WorstJobs;

/** A roof whose plan takes its time: one is told, and it comes by itself. */
final class LargeJobTest extends BrowserTestCase
{
    public function test_a_plan_that_takes_long_says_so_and_comes_by_itself(): void
    {
        $person = $this->person();
        $person->signInAs('Pia Holm');
        // One whose plan is not kept from another run.
        $this->beginFromFile($person, 'Works hall '.bin2hex(random_bytes(4)), json_decode(WorstJobs::curbs(150, 4), true));
        $this->goToStation($person, 'Cuts');
        $person->waitFor("//*[@role='status'][contains(., 'takes some seconds') or contains(., 'is about to be made') or contains(., 'Working out the plan')]");
        $person->waitUntil(static fn (): bool => str_contains($person->text(), 'P1-1b'), static fn (): string => 'The plan did not come. Shown is: '.mb_substr($person->text(), 0, 2000), 90);
        $person->doesNotSee('takes some seconds');
    }

    public function test_a_job_that_asks_too_much_is_refused_with_what_to_simplify(): void
    {
        $person = $this->person();
        $person->signInAs('Pia Holm');
        $file = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($file, WorstJobs::curbs(400, 60));
        $person->goTo('/jobs');
        $person->press('New job');
        $person->pressBeginning('With a file');
        $person->find("//input[@type='file']")->sendKeys($file);
        $person->press('Read a job from a file');
        $person->sees('draw round ones with fewer corners (a square does), or make it two jobs');
        unlink($file);
    }
}
