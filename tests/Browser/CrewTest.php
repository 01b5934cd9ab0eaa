<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Several people, several browsers. */
final class CrewTest extends BrowserTestCase
{
    public function test_two_who_change_the_same_job_are_both_heard(): void
    {
        [$one, $two] = [$this->person(), $this->person()];
        $one->signInAs('Ivo Marsh');
        $this->beginOarStore($one, 'Tug of war');
        $two->signInAs('Pia Holm');
        $two->openJob('Tug of war');
        $this->goToStation($two, 'Layout');
        $two->sees('32 panels, 30 of them whole');

        $this->goToStation($one, 'Layout');
        $one->sees('32 panels');
        $one->find("//button[@data-start='one-end-left']")->click();
        $one->sees('The last rip is 4″');
        $one->waitForSave();

        $two->find("//button[@data-start='centre-pan']")->click();
        $two->sees('Ivo Marsh saved in the meantime');
        $two->sees('First plane: Full panel at one end');
        $two->press('Save mine on top');
        $two->sees('33 panels, 31 of them whole');
        $two->waitForSave();

        $one->press('Nudge to the right by one mark');
        $one->sees('Pia Holm saved in the meantime');
        $one->press('Take theirs');
        $one->sees('33 panels, 31 of them whole');
    }

    public function test_an_installer_reads_and_a_foreman_does_not_release(): void
    {
        $installer = $this->person();
        $installer->signInAs('Tam Reed');
        $installer->doesNotSee('New job');
        $installer->openJob('Oar store');
        $installer->sees('read only');
        $installer->doesNotSee('next reading');
        $this->goToStation($installer, 'Load-out');
        $installer->sees('The owner or an estimator releases the order.');
        $installer->doesNotSee('Release 32');

        $foreman = $this->person();
        $foreman->signInAs('Pia Holm');
        $foreman->openJob('Oar store');
        $foreman->sees('next reading');
        $this->goToStation($foreman, 'Load-out');
        $foreman->sees('The owner or an estimator releases the order.');
    }

    public function test_a_new_hand_joins_by_link(): void
    {
        $owner = $this->person();
        $owner->signInAs('Wren Alder');
        $owner->goTo('/crew');
        $owner->type('Mail address', 'kit@tern-point.example');
        $owner->choose('Role', 'foreman');
        $owner->press('Make the link');
        $owner->sees('It is shown once');
        $link = $owner->text("//*[@role='status']//strong");

        $hand = $this->person();
        $hand->goTo((string) parse_url($link, PHP_URL_PATH));
        $hand->sees('Join Tern Point Roofing');
        $hand->type('Your name', 'Kit Dale');
        $hand->type('New password', 'short');
        $hand->press('Join');
        $hand->sees('A password needs at least 10 characters.');
        $hand->type('New password', 'a-long-enough-one');
        $hand->press('Join');
        $hand->waitForPath('/jobs');
        $hand->sees('Oar store');

        $hand->goTo('/account');
        $hand->type('Present password', 'a-long-enough-one');
        $hand->type('New password', 'another-long-one');
        $hand->press('Change the password');
        $hand->sees('The password is changed.');
        $hand->press('Sign out everywhere');
        $hand->waitForPath('/sign-in');
        $hand->type('Mail address', 'kit@tern-point.example');
        $hand->type('Password', 'another-long-one');
        $hand->press('Sign in');
        $hand->waitForPath('/jobs');
    }

    public function test_a_profile_of_ones_own_is_used_in_a_job(): void
    {
        $person = $this->person();
        $person->signInAs('Wren Alder');
        $person->goTo('/crew');
        $person->press('Add a profile');
        foreach (['Name' => 'yard-lock-14', 'Cover' => '14', 'Seam or rib height' => '1 1/2', 'Out to out' => '14 5/8', 'Inside to outside' => '15', 'Flat width of the blank' => '18'] as $label => $typed) {
            $person->type($label, $typed);
        }
        // Wider inside than out to out: a slip of the tape, and it is said which.
        $person->press('Keep it');
        $person->sees('at most 14.625 in, by the other tapes of this panel');
        $person->type('Inside to outside', '14 1/4');
        $person->press('Keep it');
        $person->waitFor("//th[normalize-space()='yard-lock-14']");
        $person->sees('14″ cover, 14 5/8″ out to out');
        $this->beginOarStore($person, 'Yard roof');
        $this->goToStation($person, 'Layout');
        $person->press('Choose what covers it');
        $person->pressBeginning('yard-lock-14');
        $person->press('Close');
        // 500 in of 14 in covers: 35 whole and 10 left over, so rips of 12.
        $person->sees('36 panels, 34 of them whole');
        self::assertStringContainsString('12″ each end', $person->text("//button[@data-start='balanced']"));
    }

    public function test_a_job_is_taken_along_as_a_file(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->press('New job');
        $person->pressBeginning('With a file');
        $file = tempnam(sys_get_temp_dir(), 'job').'.json';
        file_put_contents($file, '{"format":"imbrex-job/3","name":"Broken","roof":{"planes":[{"id":"P1","name":"x","riseIn12":"steep"}]}}');
        $person->find("//input[@type='file']")->sendKeys($file);
        $person->press('Read a job from a file');
        $person->sees('roof.planes[0].riseIn12: understood "steep"; accepted: number');

        $person->driver->navigate()->refresh();
        $person->press('New job');
        $person->pressBeginning('With a file');
        $example = (string) file_get_contents(__DIR__.'/../../docs/examples/oar-store.json');
        file_put_contents($file, str_replace('"Oar store"', '"Lent to us"', $example));
        $person->find("//input[@type='file']")->sendKeys($file);
        $person->press('Read a job from a file');
        $person->waitFor("//*[contains(@class,'workspace')]");
        $this->goToStation($person, 'Load-out');
        $person->sees('18′ 3 1/2″');
    }

    public function test_a_note_of_the_crew_is_shown_where_it_acts(): void
    {
        $person = $this->person();
        $person->signInAs('Wren Alder');
        $this->bringInFile($person, 'Notes', self::demo('boathouse'));
        $this->goToStation($person, 'Cuts');
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-29']")->click();
        $person->sees('Mark out Hall S-29');
        $person->press('Pin a note');
        $person->type('Note, in your own words', 'Left snips for the valley cut.');
        $person->choose('Pinned to', 'every valley');
        $person->press('Pin it');
        $person->waitFor("//*[@data-tip][contains(., 'every valley') and contains(., 'Left snips for the valley cut.') and contains(., 'by Wren Alder')]");
        // Not on a piece without a valley; on the face that has one it is.
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-16']")->click();
        $person->sees('Mark out Hall S-16');
        $person->doesNotSee('Left snips');
        $this->goToStation($person, 'Layout');
        $person->press('Hall S');
        $person->sees('Left snips for the valley cut.');
        $person->press('take down');
        $person->doesNotSee('Left snips');
    }
}
