<?php

declare(strict_types=1);

namespace Tests\Browser\Edges;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** What goes on in which order: an edge's section, the builds it might have, its layers in another order. */
final class EdgesTest extends BrowserTestCase
{
    /** North hall panels run from ridge to eave: 194 across is 216.90 up the slope; 1 past the eave and a hem of 1. */
    private const USUAL = '218 7/8″';

    private const HOOKED = '218 5/8″';

    public function test_a_hooked_drip_changes_section_cards_and_schedule(): void
    {
        $person = $this->atTheEdges('Drip');
        $this->pick($person, 'Hall N: eave');
        $person->sees('Offset cleat · pancake screws every 12″ · 1/2″ in from its edge · first 1″ from the end · butted, 3/16″ left open');
        $person->sees('Water leaves over every lap.');
        $person->waitFor("//*[@data-section='cleat-nose']//*[@data-layer='offset-cleat']");
        $person->find("//*[@data-choice='hooked-drip']//button[normalize-space()='Use it here']")->click();
        $person->waitFor("//h1[.='Hooked drip']");
        $person->waitFor("//*[@data-section='hooked-drip']//*[@data-drawn='drip-trim']");
        self::assertSame([], $person->all("//*[@data-drawn='offset-cleat']"));
        // 700 long: 2 from its ends, between them 696 in spaces of 24.
        $person->sees('Hooked drip, from one end');
        $person->sees('running, 30 fasteners');
        $person->press('Schedule');
        $row = static fn (string $edge): string => $person->text("//tr[@data-edge-row='$edge']");
        $person->waitUntil(static fn (): bool => str_starts_with($row('eave-hall.N'), 'Hall N: eave 58′ 4″ Hooked drip 4 30 sheds'), static fn (): string => $row('eave-hall.N'));
        self::assertStringContainsString('Cleat nose', $row('eave-hall.S'));
        $person->waitForSave();

        $this->goToStation($person, 'Cuts');
        $length = static fn (string $piece): string => $person->text("//tr[contains(@class,'pick')][.//button[normalize-space()='$piece']]");
        $person->waitUntil(static fn (): bool => str_contains($length('Hall N-20'), self::HOOKED), static fn (): string => $length('Hall N-20'));
        self::assertStringContainsString(self::USUAL, $length('Hall S-16'), 'the other eave is as it was');

        // For all eaves, and back.
        $this->goToStation($person, 'Edges');
        $this->pick($person, 'Hall N: eave');
        $person->press('For all eaves');
        $person->press('Schedule');
        $person->waitUntil(static fn (): bool => str_contains($row('eave-hall.S'), 'Hooked drip'), static fn (): string => $row('eave-hall.S'));
        $person->keys(WebDriverKeys::CONTROL, 'z');
        $person->waitUntil(static fn (): bool => str_contains($row('eave-hall.S'), 'Cleat nose'), static fn (): string => $row('eave-hall.S'));
    }

    public function test_layers_put_in_a_wrong_order_are_explained_and_put_back(): void
    {
        $person = $this->atTheEdges('Reversed');
        $this->pick($person, 'Hall N: eave');
        $person->find("//li[@data-row='membrane']/button")->click();
        $person->find("//button[@aria-label='Membrane: earlier']")->click();
        $person->sees('Water gets in');
        $person->sees('Eave trim lies over Membrane: what runs down Membrane gets under it. Put Eave trim on before Membrane, or slip it under.');
        $person->waitUntil(static fn (): bool => $person->text("//li[@data-row='membrane']//b[@class='number']") === '2', static fn (): string => $person->text("//ol[@class='layers']"));
        $person->find("//button[@aria-label='Membrane: later']")->click();
        $person->sees('Water leaves over every lap.');
        // A layer left out can be put back; what the build has comes back with a press.
        $person->find("//li[@data-row='tape']/button")->click();
        $person->find("//button[@aria-label='Butyl tape: leave out']")->click();
        $person->sees('Put back Butyl tape');
        $person->press('As the build has them');
        $person->doesNotSee('Put back Butyl tape');
        $person->find("//li[@data-row='eave-trim']/button")->click();
        $person->type('Spacing', '8');
        $person->press('Set');
        $person->sees('Eave trim · pancake screws every 8″ · 1/2″ in from its edge · first 1″ from the end · laps 6″');
        $person->sees('Eave trim: every 8″ instead of 12″');
        $person->waitForSave();
    }

    public function test_a_section_is_laid_layer_by_layer_by_keyboard(): void
    {
        $person = $this->atTheEdges('Layers');
        $this->pick($person, 'Hall S and Wing E: valley');
        $person->waitFor("//*[@data-section='hidden-valley']");
        $person->sees('9 of 9');
        $slider = $person->find("//input[@type='range']");
        $person->driver->executeScript('arguments[0].focus()', [$slider]);
        for ($left = 8; $left >= 3; $left--) {
            $person->keys(WebDriverKeys::ARROW_LEFT);
        }
        $person->sees('3 of 9');
        self::assertSame('3 of 9', $slider->getAttribute('aria-valuetext'));
        $drawn = static fn (): array => array_map(static fn ($one): string => (string) $one->getAttribute('data-drawn'), $person->all('//*[@data-drawn]'));
        self::assertSame(['membrane', 'second-membrane', 'valley-pan'], $drawn());
        $person->sees('Valley pan, from one end');
        $person->keys(WebDriverKeys::ARROW_RIGHT);
        $person->sees('4 of 9');
        self::assertContains('tape', $drawn());
        self::assertStringContainsString('Valley pan, Butyl tape', (string) $person->find("//*[name()='svg'][@data-section]")->getAttribute('aria-label'));
    }

    public function test_a_corner_is_laid_piece_by_piece_by_keyboard_and_a_wrong_order_explained(): void
    {
        $person = $this->atTheEdges('Corners');
        $person->driver->executeScript("[...document.querySelectorAll('.chip')].find((one) => one.textContent === 'Corners').click()");
        $person->waitFor('//*[@data-space]');
        $person->choose('Corner', 'Low ridge into a slope');
        $person->waitFor("//h1[.='Low ridge into a slope']");
        // In the round: turned by keys; what is not laid yet hangs over its place.
        $round = $person->find("//*[name()='svg'][@data-space='low-ridge-slope']");
        $said = static fn (): string => (string) $person->find("//*[name()='svg'][@data-space]")->getAttribute('aria-label');
        self::assertSame('Low ridge into a slope in the round, turned 30°, from 35° above; 6 of 6 pieces lie', $said());
        $person->driver->executeScript('arguments[0].focus()', [$round]);
        $person->keys(WebDriverKeys::ARROW_LEFT);
        $person->keys(WebDriverKeys::ARROW_UP);
        $person->waitUntil(static fn (): bool => str_contains($said(), 'turned 25°, from 40° above'), $said);
        $person->driver->executeScript('arguments[0].focus()', [$person->find("//input[@type='range']")]);
        $person->keys(WebDriverKeys::ARROW_LEFT);
        $person->sees('5 of 6');
        $hanging = static fn (): string => implode(', ', array_map(static fn ($one): string => (string) $one->getAttribute('data-drawn'), $person->all("//*[@data-drawn][@data-lies='false']")));
        $person->waitUntil(static fn (): bool => $hanging() === 'panel-above', $hanging);
        $person->keys(WebDriverKeys::END);
        $person->waitUntil(static fn (): bool => $hanging() === '', $hanging);
        $person->press('Unfolded');
        $person->waitFor('//*[@data-junction]');
        $person->sees('6 of 6');
        $slider = $person->find("//input[@type='range']");
        $person->driver->executeScript('arguments[0].focus()', [$slider]);
        foreach (['5 of 6', '4 of 6', '3 of 6'] as $said) {
            $person->keys(WebDriverKeys::ARROW_LEFT);
            $person->sees($said);
        }
        self::assertSame(['valley-pan', 'valley-pan-far', 'panel'], array_map(static fn ($one): string => (string) $one->getAttribute('data-drawn'), $person->all('//*[@data-drawn]')));
        $person->keys(WebDriverKeys::END);
        $person->sees('6 of 6');
        $person->find("//li[@data-row='ridge-cap']/button")->click();
        $person->find("//button[@aria-label='Ridge cap: later']")->click();
        $person->sees('Ridge cap lies over Panel above: what runs down Panel above gets under it.');
        $person->press('In the usual order');
        $person->sees('Water leaves over every lap.');
        // From the plan, too.
        $person->driver->executeScript("[...document.querySelectorAll('.chip')].find((one) => one.textContent === 'Roof').click()");
        $person->waitFor("//*[name()='circle'][starts-with(@data-junction, 'eave-valley')]");
        $person->pickOnPlan("(//*[name()='circle'][starts-with(@data-junction, 'eave-valley')])[1]");
        $person->waitFor("//h1[starts-with(., 'Foot of a valley')]");
        $person->waitForSave();
    }

    public function test_a_layer_of_ones_own_is_added_kept_for_the_crew_and_used_at_another_edge(): void
    {
        $person = $this->atTheEdges('Felt');
        $this->pick($person, 'Hall N: eave');
        $person->press('Add a layer');
        $person->type('What it is', 'Felt');
        $person->choose('Lies on', 'Eave trim');
        $person->type('From', '-20');
        $person->type('To', '-1');
        $person->press('Add it');
        $person->sees('Added: Felt, after Eave trim');
        $person->waitFor("//*[@data-section='cleat-nose']//*[starts-with(@data-drawn, 'own-')]");
        $person->sees('Water leaves over every lap.');
        $person->press('Keep it for the crew');
        $person->type('What the crew calls it', 'Nose on felt');
        $person->press('Keep it');
        $person->waitFor("//h1[.='Nose on felt']");
        $person->waitForSave();
        $this->pick($person, 'Hall S: eave 1');
        $person->find("//*[@data-choice='crew-nose-on-felt']//button[normalize-space()='Use it here']")->click();
        $person->waitFor("//h1[.='Nose on felt']");
        $person->sees('Made from Cleat nose; version 1.');
        // In another job it is found among the crew's.
        $person->waitForSave();
        $this->beginFromFile($person, 'Felt again', self::demo('boathouse'));
        $this->goToStation($person, 'Edges');
        $person->waitFor('//*[@data-section]');
        $this->pick($person, 'Hall N: eave');
        $person->waitFor("//*[@data-crew-build='crew-nose-on-felt']");
        $person->find("//*[@data-crew-build='crew-nose-on-felt']//button[normalize-space()='For all eaves']")->click();
        $person->waitFor("//h1[.='Nose on felt']");
        $person->waitForSave();
    }

    public function test_sticks_follow_the_lap_and_the_school_of_a_ridge(): void
    {
        $person = $this->atTheEdges('Sticks');
        $this->pick($person, 'Hall S and Hall N: ridge');
        $person->press('Sticks');
        // 312 and one over the hips' points at either end, laps of 4: 101, 120, 101.
        $person->waitFor("//h1[.='Cap']");
        $person->sees('Cap, 26′ 2″ with its ends: 3 pieces');
        $piece = static fn (int $number): string => $person->text("//li[@data-row='ridge-hall.S-hall.N.cap.$number']");
        self::assertSame(['1 8′ 5″ · first', '2 10′ 0″ · laps 4″ over the one before', '3 8′ 5″ · laps 4″ over the one before'], [$piece(1), $piece(2), $piece(3)]);
        self::assertStringContainsString('8′ 1″ – 8′ 5″', $person->text("//*[name()='svg'][@data-run]"));
        $lot = static fn (): string => $person->text("//*[@data-lot='ridge-cap 126.9 15.250 steel']");
        self::assertStringContainsString('6 sticks', $lot());
        $person->find("//input[@aria-label='Piece 1 is cut']")->click();
        $person->waitForSave();
        // Laps of 8 for all ridge caps: (314 + 16 − 120) / 2 = 105.
        $person->type('Lap', '8');
        $person->press('Set');
        $person->waitUntil(static fn (): bool => str_contains($piece(1), '8′ 9″'), static fn (): string => $piece(1));
        self::assertStringContainsString('8′ 9″', $lot());
        self::assertStringContainsString('cut 8′ 5″', $piece(1), 'it was cut before');
        $person->sees('was cut 8′ 5″ and would be 8′ 9″ now');
        $person->find("//*[@data-school='full-first']")->click();
        // 314 + 16 − 240 = 90.
        $person->waitUntil(static fn (): bool => str_contains($piece(3), '7′ 6″'), static fn (): string => $piece(3));
        $person->keys(WebDriverKeys::CONTROL, 'z');
        $person->waitUntil(static fn (): bool => str_contains($piece(3), '8′ 9″'), static fn (): string => $piece(3));
        $person->waitForSave();
    }

    public function test_an_end_is_marked_out_from_its_card_and_tried(): void
    {
        $person = $this->atTheEdges('Ends');
        $this->pick($person, 'Wing W: rake');
        $person->press('Ends');
        $person->waitFor("//h1[.='Rake trim: nose folded shut at the eave']");
        $person->press('Mitre cut to the line');
        $person->waitFor("//h1[.='Rake trim: mitre cut to the line']");
        $marks = static fn (): array => array_map(static fn (int $number): string => $person->text("//tr[@data-mark='$number']"), range(1, count($person->driver->findElements(WebDriverBy::xpath('//tr[@data-mark]')))));
        // A hem of 1/2, a kick of 1/2 at 45 degrees, a face of 4: at 6 in 12 the face's foot lies 2 back, the kick's 0.354 / 2 more, the hem folds back on it.
        self::assertSame(['1 across 0″ 2″ cut', '2 across 1/2″ 2 3/16″ cut', '3 across 1″ 2″ cut', '4 across 5″ 0″ cut'], $marks());
        $person->sees('26.6° from square (63.4° to the bends)');
        // The left end face up is the right one from the back.
        $person->sees('Back view');
        $person->keys('f');
        $person->sees('Colour side');
        $person->find("//input[@aria-label='Piece 2 is cut']")->click();
        $person->waitForSave();
        $person->press('First fit');
        $person->type('Longer at the low edge', '1/8');
        $person->press('Set');
        $person->sees('1/8″ longer at the low edge');
        $person->waitForSave();
        // What is cut stays; the next is cut longer.
        self::assertSame('1 across 0″ 2″ cut', $marks()[0]);
        $person->find("//input[@aria-label='Piece 2 is cut']")->click();
        $person->press('Take the fit back');
        $person->waitForSave();
    }

    public function test_closures_shapes_and_where_a_roof_is_seen_from(): void
    {
        $person = $this->atTheEdges('Closures');
        $this->pick($person, 'Hall S and Hall N: ridge');
        $person->press('Sticks');
        $person->waitFor("//h1[.='Cap']");
        $person->press('Zees, Hall S');
        // Between the seams of a 16 pan: 16 less 3/8 and 1/4.
        $person->sees('15 3/8″');
        $person->choose('Mostly seen from', 'the west');
        $person->waitUntil(static fn (): bool => str_contains($person->text("//li[@data-row='ridge-hall.S-hall.N.cap.2']"), 'under the one before') !== str_contains($person->text("//li[@data-row='ridge-hall.S-hall.N.cap.2']"), 'over the one before'), static fn (): string => 'a lap');
        $person->press('Bent otherwise');
        $person->type('Length of leg 1', '8');
        $person->type('Length of leg 2', '8');
        $person->press('Bend it so');
        // Two legs of 8 and two hems of 5/8.
        $person->sees('Legs 8″, 8″');
        $person->sees('Flat 1′ 5 1/4″ wide');
        $person->waitForSave();
        $person->press('As it ships');
        // At 6 in 12 over seams of 1-1/2 a leg reaches 7.
        $person->sees('Legs 7″, 7″');
        $person->waitForSave();
    }

    public function test_metals_that_eat_each_other_are_said_where_they_touch(): void
    {
        $person = $this->atTheEdges('Metals');
        $this->pick($person, 'Hall N: eave');
        $person->sees('Nothing at this edge eats anything else.');
        $person->press('Metals of this job');
        $person->choose('Trims, cleats, zees', 'copper');
        $person->sees('Panel (steel) lies on Offset cleat (copper): where they touch one eats the other.');
        $person->choose('Fascias and barge boards', 'treated timber');
        $person->choose('Trims, cleats, zees', 'as the panels');
        $person->sees('lies on treated timber, whose salts eat it');
        $person->doesNotSee('one eats the other');
        $person->waitForSave();
    }

    public function test_edges_are_picked_in_the_plan_and_read_on_a_phone(): void
    {
        $person = $this->atTheEdges('Phone', 390, 844);
        $person->driver->executeScript("[...document.querySelectorAll('.chip')].find((one) => one.textContent === 'Roof').click()");
        $person->waitFor("//*[@data-edge='valley-hall.S-wing.W']");
        $person->driver->executeScript("document.querySelector('.drawing').scrollIntoView({block: 'center'})");
        $person->pickOnPlan("//*[@data-edge='valley-hall.S-wing.W']");
        $person->waitFor("//h1[.='Hidden cleats']");
        $person->press('Section');
        $person->waitFor("//*[@data-section='hidden-valley']");
        self::assertLessThanOrEqual(390, $person->driver->executeScript('return document.documentElement.scrollWidth'));
    }

    public function test_one_valley_has_a_reveal_of_its_own_and_its_cards_follow(): void
    {
        $person = $this->atTheEdges('Reveal');
        $this->pick($person, 'Hall S and Wing W: valley');
        $person->type('Reveal of this valley', "6\t");
        $person->sees('As the house does it');
        $person->waitForSave();
        $this->goToStation($person, 'Cuts');
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-29']")->click();
        // The whole cleat lies behind the reveal: 1 of its nose, 1-1/2 of its flange. By the house 4 and 6-1/2.
        $person->sees('the centre of the valley: 8 1/2″');
        $this->goToStation($person, 'Edges');
        $this->pick($person, 'Hall S and Wing W: valley');
        $person->press('As the house does it');
        $person->waitUntil(static fn (): bool => $person->field('Reveal of this valley')->getAttribute('value') === '4″', static fn (): string => (string) $person->field('Reveal of this valley')->getAttribute('value'));
    }

    private function atTheEdges(string $name, int $width = 1280, int $height = 800): Person
    {
        $person = $this->person($width, $height);
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, $name, self::demo('boathouse'));
        $this->goToStation($person, 'Edges');
        $person->waitFor('//*[@data-section]');

        return $person;
    }

    private function pick(Person $person, string $edge): void
    {
        $person->choose('Edge', $edge);
        $person->sees("$edge ·");
    }
}
