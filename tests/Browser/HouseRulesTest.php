<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\Person;

/** The same job by other rules, another tape, another ridge: lengths follow. */
final class HouseRulesTest extends BrowserTestCase
{
    public function test_the_ordering_step_and_the_extra_of_one_job(): void
    {
        $person = $this->begun('Other steps');
        $person->press('Job');
        $this->setRule($person, 'order.step', 'Ordering step', '1');
        $this->setRule($person, 'order.extra', 'Extra to order', '3');
        $person->press('Close');
        $person->waitForSave();
        $this->goToStation($person, 'Load-out');
        // 216 3/8 and 3 are 219 3/8, by whole inches 220.
        $person->sees('18′ 4″');
    }

    public function test_a_rule_out_of_range_says_its_range_and_is_not_taken(): void
    {
        $person = $this->begun('Out of range');
        $person->press('Job');
        $this->seek($person, 'Extra to order');
        $person->type('Extra to order', '99');
        $person->sees('a number from 0 to 24 (in)');
        $person->press('Close');
        $this->goToStation($person, 'Load-out');
        $person->sees('18′ 2 1/2″');
    }

    public function test_a_metric_tape_reads_and_prints_millimetres(): void
    {
        $person = $this->begun('Metric shed');
        $person->press('Job');
        $person->choose('Units', 'millimetres');
        $this->seek($person, 'Finest mark');
        $person->open("//li[@data-rule='tape.division']//*[@role='combobox']");
        $person->find("//*[@role='option'][normalize-space()='mm']")->click();
        $person->press('Close');
        $person->pressBeginning('Eave: show its readings');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '12700 mm');
        $person->type('Eave, next reading', '12702');
        $person->sees('Understood: 12702 mm');
        $this->goToStation($person, 'Load-out');
        $person->sees('5550 mm');
    }

    public function test_a_vented_ridge_shortens_the_panels(): void
    {
        $person = $this->begun('Vented');
        $this->goToStation($person, 'Layout');
        $person->press('Choose what covers it');
        $person->choose('Ridge', 'vented');
        $person->sees('Coated steel: keep off copper');
        $person->press('Close');
        $person->waitForSave();
        $this->goToStation($person, 'Cuts');
        $person->waitUntil(fn (): bool => str_contains($person->text("//tr[@aria-selected='true']"), '214 3/8″'), fn (): string => $person->text("//tr[@aria-selected='true']"));
        $person->sees('ordered at 216 1/2″');
    }

    public function test_a_low_pitch_blocks_the_order_until_another_profile_is_chosen(): void
    {
        $person = $this->begun('Flat roof');
        $person->pressBeginning('Pitch: show its readings');
        $person->find("//button[@aria-label='Remove this reading']")->click();
        $person->sees('The pitch has no reading');
        $this->takeReading($person, 'Pitch, rise in 12', '1');
        $this->goToStation($person, 'Layout');
        $person->sees('1 in 12 is too low for snap-lock-1.5-16, which needs 3 in 12');
        $this->goToStation($person, 'Load-out');
        $person->sees('Something still blocks the order. Settle it first.');
        self::assertNotNull($person->find("//button[contains(., 'Release')]")->getAttribute('disabled'));
        $this->goToStation($person, 'Layout');
        $person->press('Choose what covers it');
        $person->pressBeginning('double-lock-2-16');
        $person->press('Close');
        $person->doesNotSee('is too low');
        $this->goToStation($person, 'Load-out');
        $person->doesNotSee('Something still blocks the order');
    }

    public function test_a_control_point_takes_a_typed_place(): void
    {
        $person = $this->begun('Over the door');
        $this->goToStation($person, 'Layout');
        $person->press('Start from a place');
        $person->type('Place, from the left rake', "10' 3 1/2");
        $person->press('Set');
        // A seam at 123 1/2: seven panels of 16 before it leave 11 1/2; from there 376 1/2 hold 23 and 8 1/2.
        $person->waitUntil(fn (): bool => str_contains($person->text("//button[@data-start='control-point']"), '11 1/2″ and 8 1/2″'), fn (): string => $person->text("//button[@data-start='control-point']"));
        $person->choose('There lies', 'the middle of a pan');
        $person->waitUntil(fn (): bool => str_contains($person->text("//button[@data-start='control-point']"), '3 1/2″ and 1/2″'), fn (): string => $person->text("//button[@data-start='control-point']"));
        $person->sees('A rip too narrow to hold its fold.');
    }

    public function test_company_rules_go_into_new_jobs_only(): void
    {
        // A rule no other test looks at: tests may run side by side, and the crew is theirs too.
        [$rule, $name] = ['layout.checkMarkEvery', 'Panels between check marks'];
        $back = "//li[@data-rule='$rule']//button[contains(., 'Back to 4')]";
        $person = $this->person();
        $person->signInAs('Wren Alder');
        $this->beginOarStore($person, 'Before the rule');
        $person->goTo('/crew');
        $this->setRule($person, $rule, $name, '3');
        $person->goTo('/jobs');
        $this->beginJob($person, 'After the rule');
        $person->press('Job');
        $this->seek($person, $name);
        $person->waitFor($back);
        self::assertSame('3', $person->field($name)->getAttribute('value'));
        $person->press('Close');
        $person->openJob('Before the rule');
        $person->press('Job');
        $this->seek($person, $name);
        self::assertSame('4', $person->field($name)->getAttribute('value'));
        $person->goTo('/crew');
        $this->seek($person, $name);
        $person->find($back)->click();
        $person->waitUntil(fn (): bool => $person->all($back) === []);
    }

    public function test_rules_stand_by_station_and_are_found_by_their_words(): void
    {
        $person = $this->begun('By station');
        $person->press('Job');
        $person->sees('Cuts and ordering');
        self::assertCount(11, $person->all("//details[@class='rules']"));
        self::assertSame([], $person->all('//li[@data-rule]'));
        $person->find("//summary[contains(., 'Load-out')]")->click();
        $person->sees('Length carried by one hand-hold');
        // Found by its reason, not only by its name.
        $this->seek($person, 'scrap');
        $person->waitUntil(fn (): bool => array_map(static fn ($rule): ?string => $rule->getAttribute('data-rule'), $person->all('//li[@data-rule]')) === ['order.extra', 'order.scrapCost'], fn (): string => $person->text());
        self::assertStringContainsString('USD', $person->text("//li[@data-rule='order.scrapCost']"));
        $this->seek($person, 'currency');
        $person->open("//li[@data-rule='order.currency']//*[@role='combobox']");
        $person->find("//*[@role='option'][normalize-space()='EUR']")->click();
        $person->press('Close');
        $person->waitForSave();
        $person->sees('For each panel the extra costs €0.');
    }

    private function begun(string $name): Person
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, $name);

        return $person;
    }

    private function seek(Person $person, string $words): void
    {
        $person->type('Search the rules', $words);
        $person->waitFor('//li[@data-rule]');
    }

    private function setRule(Person $person, string $rule, string $name, string $value): void
    {
        $this->seek($person, $name);
        $person->type($name, $value);
        $person->keys("\u{E007}");
        $person->waitFor("//li[@data-rule='$rule']//button[contains(., 'Back to')]");
    }
}
