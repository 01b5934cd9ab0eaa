<?php

declare(strict_types=1);

namespace Tests\Browser\LoadOut;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** The whole path a new user takes, from the first reading to the released order. */
final class FirstCutListTest extends BrowserTestCase
{
    public function test_from_tape_readings_to_a_released_order(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        // Nothing of a profile nobody chose is ordered.
        $this->typeOarStore($person, 'Net loft', 'snap-lock-1.5-16');

        $person->pressBeginning('Eave to ridge: show its readings');
        $person->sees('17′ 10 3/8″');
        self::assertSame('17′ 10 3/8″', $person->text("//*[@data-testid='adopted']"));
        $person->sees('Spread 1/8″');
        self::assertCount(3, $person->all("//tr[@data-reading]/td[starts-with(normalize-space(), 'agrees')]"));
        $person->sees('House habit');

        $this->goToStation($person, 'Layout');
        $person->sees('32 panels, 30 of them whole');
        self::assertStringContainsString('10″ each end', $this->startOf($person, 'balanced'));
        self::assertStringContainsString('4″ last rip', $this->startOf($person, 'one-end-left'));
        self::assertStringContainsString('too narrow', $this->startOf($person, 'one-end-left'));
        self::assertStringContainsString('2″ each end', $this->startOf($person, 'centre-pan'));

        $this->goToStation($person, 'Cuts');
        $person->sees('Mark out P1-1');
        // Nobody said that a plane lies behind it: its top is a peak, with an inch more hemmed.
        self::assertStringContainsString('217 3/8″', $person->text("//tr[@aria-selected='true']"));
        $person->sees('ordered at 219 1/2″');

        $this->goToStation($person, 'Load-out');
        $person->sees('18′ 3 1/2″');
        self::assertStringContainsString('Sheets in all 32', $person->text("//table[@data-testid='totals']"));
        self::assertStringContainsString('975.6 sq ft', $person->text("//table[@data-testid='totals']"));
        self::assertStringContainsString('586 ft', $person->text("//table[@data-testid='totals']"));
        $person->press('Release 32 sheets');
        // Asked once more, with what is still to settle.
        $person->sees('Release 32 sheets of plan');
        $person->press('Not yet');
        $person->doesNotSee('Release 32 sheets of plan');
        $person->sees('Nothing is ordered yet.');
        $person->sees('Trims are not in this list: 36 pieces');
        $person->press('Release 32 sheets');
        // Each kind is ticked off before it goes.
        $ticks = $person->all("//*[@role='dialog']//input[@type='checkbox']");
        self::assertNotSame([], $ticks);
        foreach ($ticks as $tick) {
            self::assertNotSame([], $person->all("//button[normalize-space()='Release the order'][@disabled]"));
            $tick->click();
        }
        $person->press('Release the order');
        $person->sees('Order 1: 32 sheets');
        $person->waitUntil(fn (): bool => $person->driver->executeScript('return document.activeElement.textContent') === 'Release', fn (): string => 'Focus is elsewhere');

        $person->driver->navigate()->refresh();
        $person->sees('by Ivo Marsh, of plan');
        self::assertCount(3, $person->all("//*[@data-order='1']//a[@download]"));
        $person->sees('18′ 3 1/2″');
    }

    public function test_nudge_by_key_and_drag_pin_and_take_back(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Sail loft');
        $this->goToStation($person, 'Layout');
        $person->sees('32 panels, 30 of them whole');

        $person->keys(']');
        $this->seesRips($person, 'rip 10 1/16″', 'rip 9 15/16″');
        $person->keys('{');
        $this->seesRips($person, 'rip 9 1/16″', 'rip 10 15/16″');
        $person->press('back');
        $this->seesRips($person, 'rip 10″', 'rip 10″');

        // The face is drawn at 728 px for 500 in; 29 px to the right are 19.9 in, so one whole panel and 3.9 in.
        $drawing = $person->find("//div[contains(@class,'drawing')]/*[name()='svg']");
        (new WebDriverActions($person->driver))->moveToElement($drawing)->clickAndHold()->moveByOffset(29, 0)->release()->perform();
        $person->sees('to the right');
        $person->doesNotSee('10″ each end · nudged');
        $person->waitForSave();
        $person->waitUntil(fn (): bool => ! str_contains($this->drawn($person), 'rip 10″'), fn (): string => $this->drawn($person));

        $person->keys(WebDriverKeys::CONTROL, 'z');
        $this->seesRips($person, 'rip 10″', 'rip 10″');

        $person->keys('p');
        $person->sees('Pinned. Nothing moves it until you let it go.');
        $person->keys(']');
        $person->find("//button[@data-start='one-end-left']")->click();
        $person->waitForSave();
        $this->seesRips($person, 'rip 10″', 'rip 10″');
        $person->press('Let it go');
        $person->find("//button[@data-start='one-end-left']")->click();
        $person->sees('The last rip is 4″. Under 5 5/16″ it will not lie flat');
    }

    public function test_the_tape_runs_from_the_control_line(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $this->goToStation($person, 'Layout');
        $person->sees('Eave marks, from the control line');
        $person->press('as a list');

        self::assertStringStartsWith('rake 10″ 0″ 1′ 4″ 2′ 8″ 4′ 0″ 5′ 4″', $person->text("//section[contains(@class,'tape')]//*[@role='list']"));
        self::assertStringEndsWith('40′ 0″ rake 40′ 10″', $person->text("//section[contains(@class,'tape')]//*[@role='list']"));
        $person->keys('r');
        $person->sees('Ridge marks, from the control line');
    }

    public function test_a_card_is_flipped_and_the_next_piece_picked(): void
    {
        $person = $this->person();
        $person->signInAs('Pia Holm');
        $person->openJob('Oar store');
        $this->goToStation($person, 'Cuts');
        $person->sees('Mark out P1-1');
        self::assertStringContainsString('Back of the sheet', $this->drawn($person));
        $person->sees('Across, from the left edge');
        self::assertStringContainsString('turn-up 10 1/4″', $person->text("//table[@data-line='across-foot']"));
        self::assertStringContainsString('rip 11 3/4″', $person->text("//table[@data-line='across-foot']"));

        $person->keys('f');
        $person->sees('Across, from the right edge');
        self::assertStringContainsString('Face of the sheet', $this->drawn($person));

        $person->keys('j');
        $person->sees('Mark out P1-2');
        self::assertStringContainsString('16 5/8″ out to out', $this->drawn($person));
        $person->keys('k');
        $person->sees('Mark out P1-1');
    }

    public function test_screw_down_rips(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Paddle rack');
        $this->goToStation($person, 'Layout');
        $person->press('Choose what covers it');
        $person->pressBeginning('rib-9-36');
        $person->press('Close');
        $person->sees('14 panels, 12 of them whole');

        self::assertStringContainsString('33 3/4″ each end', $this->startOf($person, 'balanced'));
    }

    private function seesRips(Person $person, string $left, string $right): void
    {
        $person->waitUntil(fn (): bool => str_contains($this->drawn($person), $left) && str_contains($this->drawn($person), $right), fn (): string => "Not $left and $right: ".$this->drawn($person));
    }

    private function drawn(Person $person): string
    {
        return $person->drawn("//div[contains(@class,'drawing')]/*[name()='svg']");
    }

    private function startOf(Person $person, string $start): string
    {
        $person->waitFor("//button[@data-start='$start']");

        return $person->text("//button[@data-start='$start']");
    }
}
