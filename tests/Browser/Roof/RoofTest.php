<?php

declare(strict_types=1);

namespace Tests\Browser\Roof;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** A roofer describes a building: by mouse, by keyboard alone, and reads true lengths off the screen. */
final class RoofTest extends BrowserTestCase
{
    public function test_the_l_shaped_building_from_nothing_by_mouse(): void
    {
        $person = $this->beginBuilding('By mouse');
        $person->press('Add a block');
        $this->fillIn($person, ['Name of the block' => 'Hall', 'Length, west–east' => "56'", 'Width, south–north' => "30'", 'Eave height' => "9'"]);
        $person->press('hip');
        $this->fillIn($person, ['All round: overhang' => '14']);
        $person->sees('Hall S');

        $person->press('Add a block');
        $this->fillIn($person, ['Name of the block' => 'Wing']);
        $person->press('gable across');
        $person->waitForSave();

        // Dragged from the east to the south side, then stretched to the south and made as wide as it is.
        $west = $person->field('West–east from zero')->getAttribute('value');
        [$x, $y] = $person->middleOf("//*[@aria-label='Face Wing E']");
        [$hallX, $hallY] = $person->middleOf("//*[@aria-label='Face Hall S']");
        $person->drag($x, $y, $hallX + 60 - $x, $hallY + 60 - $y);
        $person->waitUntil(fn (): bool => $person->field('West–east from zero')->getAttribute('value') !== $west, fn (): string => 'It was not moved.');
        $person->waitForSave();
        $width = $person->field('Width, south–north')->getAttribute('value');
        $handle = $person->middleOf("//*[@data-handle='south']");
        $person->drag($handle[0], $handle[1], 0, 30);
        $person->waitUntil(fn (): bool => $person->field('Width, south–north')->getAttribute('value') !== $width, fn (): string => 'It was not stretched.');

        $this->fillIn($person, ['West–east from zero' => "32'", 'South–north from zero' => "-16'", 'Length, west–east' => "18'", 'Width, south–north' => "31'", 'South: overhang' => '9']);
        $person->waitForSave();
        $person->waitFor("//*[contains(@data-edge,'valley')]");
        $this->readsTheValley($person, static fn () => $person->pickOnPlan("//*[contains(@data-edge,'valley') and contains(@data-edge,'.W')]"));

        // What is picked in plan is picked everywhere.
        $person->press('Table');
        $person->waitFor("//tr[@aria-selected='true'][contains(normalize-space(),'valley')]");
        $person->press('← whole roof');
        $person->sees('6 faces, 17 edges, 2,463 sq ft');
    }

    public function test_the_l_shaped_building_from_nothing_by_keyboard_alone(): void
    {
        $person = $this->beginBuilding('By keyboard');
        $this->tabTo($person, 'Add a block');
        $person->keys(WebDriverKeys::ENTER);
        $person->waitFor("//*[contains(@class,'bench')]//h1[normalize-space()='Block 1']");
        $this->fill($person, ['Name of the block' => 'Hall']);
        $this->enter($person, 'hip');
        $this->fill($person, ['Length, west–east' => "56'", 'Width, south–north' => "30'", 'Eave height' => "9'", 'All round: overhang' => '14']);
        $person->sees('Hall S');

        $this->tabTo($person, 'Add a block');
        $person->keys(WebDriverKeys::ENTER);
        $person->waitFor("//*[contains(@class,'bench')]//h1[normalize-space()='Block 2']");
        $this->fill($person, ['Name of the block' => 'Wing']);
        $this->enter($person, 'gable across');
        $this->fill($person, ['Length, west–east' => "18'", 'Width, south–north' => "30'", 'West–east from zero' => "32'", 'South–north from zero' => "-16'", 'South: overhang' => '9']);
        // The last foot by the handle: arrow keys, or the length itself typed.
        $this->tabTo($person, 'North side of Wing');
        $person->keys(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_UP);
        $person->keys(WebDriverKeys::NULL);
        $person->waitUntil(fn (): bool => $person->field('Width, south–north')->getAttribute('value') === '31′ 0″', fn (): string => (string) $person->field('Width, south–north')->getAttribute('value'));
        $this->tabTo($person, 'South side of Wing');
        $person->keys('3');
        $person->waitFor("//input[@value='3']");
        $person->keys("1'");
        $person->keys(WebDriverKeys::ENTER);
        $person->waitForSave();

        $this->enter($person, 'Table');
        $this->readsTheValley($person, function () use ($person): void {
            $this->tabTo($person, 'valley');
            $person->keys(WebDriverKeys::ENTER);
        });
    }

    public function test_undo_takes_back_every_change_of_a_block(): void
    {
        $person = $this->beginBuilding('Taken back');
        $person->press('Add a block');
        $person->waitFor("//h1[normalize-space()='Block 1']");
        $this->fillIn($person, ['Length, west–east' => "40'"]);
        [$x, $y] = $person->middleOf("//*[@data-handle='east']");
        $person->drag($x, $y, 90, 0);
        $person->waitUntil(fn (): bool => $person->field('Length, west–east')->getAttribute('value') !== '40′ 0″');
        [$x, $y] = $person->middleOf("//*[@data-handle='turn']");
        $person->drag($x, $y, -160, -40);
        $person->waitUntil(fn (): bool => $person->field('Turned, degrees')->getAttribute('value') !== '0');
        $turned = (float) $person->field('Turned, degrees')->getAttribute('value');
        self::assertSame(0.0, fmod($turned, 15.0), 'a turn by hand falls into whole steps');

        $person->press('Undo');
        $person->waitUntil(fn (): bool => $person->field('Turned, degrees')->getAttribute('value') === '0');
        $person->press('Undo');
        $person->waitUntil(fn (): bool => $person->field('Length, west–east')->getAttribute('value') === '40′ 0″');
        $person->press('Undo');
        $person->waitUntil(fn (): bool => $person->field('Length, west–east')->getAttribute('value') === '30′ 0″');
    }

    public function test_a_dragged_wall_falls_in_line_with_another(): void
    {
        $person = $this->beginBuilding('In line');
        $person->press('Add a block');
        $this->fillIn($person, ['Name of the block' => 'Low', 'Width, south–north' => "25' 3-5/8"]);
        $person->press('Add a block');
        $this->fillIn($person, ['Name of the block' => 'High', 'South–north from zero' => "1' 7-5/16"]);
        [$x, $y] = $person->middleOf("//*[@data-handle='north']");
        [, $north] = $person->middleOf("(//*[contains(@aria-label,'Face Low N')])[1]");
        $person->drag($x, $y, 0, -6);
        $person->waitForSave();
        $top = fn (): string => (string) $person->field('Width, south–north')->getAttribute('value');
        // 23′ 8 5/16″ above 1′ 7 5/16″ is the other block's north wall, 25′ 3 5/8″, to a sixteenth.
        for ($try = 0; $try < 12 && $top() !== '23′ 8 5/16″'; $try++) {
            [$x, $y] = $person->middleOf("//*[@data-handle='north']");
            $person->drag($x, $y, 0, -7);
            $person->waitForSave();
        }
        self::assertSame('23′ 8 5/16″', $top(), "north face at $north px");
    }

    public function test_the_roof_in_the_round_is_turned_and_picked(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Boathouse');
        $this->goToStation($person, 'Roof');
        $person->press('In the round');
        $person->waitFor("//*[@data-testid='space']/canvas | //*[contains(., 'cannot draw in three dimensions')]");
        $before = $person->text("//*[@data-testid='seen']");
        $this->tabTo($person, 'The roof in the round');
        $person->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_UP);
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='seen']") !== $before, fn (): string => 'It did not turn.');
        $person->keys(WebDriverKeys::HOME);
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='seen']") === $before, fn (): string => "$before, and now ".$person->text("//*[@data-testid='seen']"));
        [$x, $y] = $person->middleOf("//*[@data-testid='space']/canvas");
        $person->drag($x, $y, 0, 0);
        $person->waitFor("//*[contains(@class,'bench')]//h1[starts-with(normalize-space(),'Hall') or starts-with(normalize-space(),'Wing') or normalize-space()='valley']");
        $picked = $person->text("//*[contains(@class,'bench')]//h1");

        // A piece that is picked here is picked everywhere.
        if (str_contains($picked, ' ')) {
            $person->drag($x - 130, $y - 30, 0, 0);
            $person->sees('Picked:');
            $piece = $person->text("//*[contains(@class,'bench')]//p[starts-with(normalize-space(),'Picked:')]/b");
            $this->goToStation($person, 'Layout');
            $person->waitFor("//*[name()='polygon'][@data-picked]");
            $this->goToStation($person, 'Cuts');
            $person->sees("Mark out $piece");
            $this->goToStation($person, 'Roof');
        }
        $person->press('Still picture');
        $person->press('north-east');
        $person->press('Face Hall N');
        $person->sees('762.2 sq ft');
        $person->press('Table');
        $person->waitFor("//tr[@aria-selected='true'][contains(normalize-space(),'Hall N')]");
        $this->goToStation($person, 'Layout');
        $person->waitFor("//button[@aria-pressed='true'][normalize-space()='Hall N']");
        self::assertNotSame('', $picked);
    }

    public function test_a_reading_is_held_against_the_blocks(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Boathouse');
        $this->goToStation($person, 'Roof');
        $person->pickOnPlan("//*[@data-edge='hip-hall.S-hall.W']");
        $person->sees('24′ 3″');
        $person->type('True length', "24' 5");
        $person->press('Keep');
        $person->sees('+2″');
        $person->press('← whole roof');
        $person->sees('reads 24′ 5″, 2″ over what the blocks come to (24′ 3″)');
        $person->press('Undo');
        $person->doesNotSee('reads 24′ 5″');
    }

    private function beginBuilding(string $name): Person
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginJob($person, $name);
        $this->goToStation($person, 'Roof');
        $person->sees('No roof yet');

        return $person;
    }

    /** @param  array<string, string>  $fields */
    private function fillIn(Person $person, array $fields): void
    {
        foreach ($fields as $label => $typed) {
            $person->type($label, $typed);
            $person->keys(WebDriverKeys::TAB);
        }
    }

    /** @param  callable(): void  $pick */
    private function readsTheValley(Person $person, callable $pick): void
    {
        $pick();
        $person->waitFor("//*[@data-testid='true-length']");
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='true-length']") === '15′ 3″', fn (): string => $person->text("//*[@data-testid='true-length']"));
        $person->sees('41.81°');
        $person->sees('143.13°');
    }

    /** @param  array<string, string>  $fields */
    private function fill(Person $person, array $fields): void
    {
        foreach ($fields as $label => $typed) {
            $this->tabTo($person, $label);
            $person->keys(WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL);
            $person->keys($typed);
        }
        $person->keys(WebDriverKeys::TAB);
    }

    private function enter(Person $person, string $name): void
    {
        $this->tabTo($person, $name);
        $person->keys(WebDriverKeys::ENTER);
    }

    /** Presses Tab until what bears this name has the focus. */
    private function tabTo(Person $person, string $name): void
    {
        $focus = "const e = document.activeElement; return e.getAttribute('aria-label') || (e.labels && e.labels[0] ? e.labels[0].textContent : '') || e.textContent;";
        for ($presses = 0; $presses < 160; $presses++) {
            if (str_starts_with((string) $person->driver->executeScript($focus), $name)) {
                return;
            }
            $person->keys(WebDriverKeys::TAB);
        }
        self::fail("No way to $name by Tab.");
    }

    public function test_a_measured_plane_nobody_tied_is_moved_on_the_plan(): void
    {
        $person = $this->person();
        $person->comesAs('Ivo Marsh');
        $this->beginFromFile($person, 'Two sheds', ['format' => 'imbrex-job/3', 'roof' => ['planes' => array_map(static fn (string $id): array => [
            'id' => $id, 'name' => "Shed $id", 'riseIn12' => 4, 'outline' => [[0, 0], [240, 0], [240, 120], [0, 120]], 'edges' => ['eave', 'rake', 'peak', 'rake'],
        ], ['A', 'B'])]]);
        $this->goToStation($person, 'Roof');
        [$x, $y] = $person->middleOf("//*[@data-face='B']");
        $person->drag($x, $y - 30, -60, -90);
        $person->waitForSave();
        $person->sees('Where it lies in plan');
        // Beside the other it stood at 25 feet from the west, on the line.
        $person->waitUntil(fn (): bool => $person->field('West–east from zero')->getAttribute('value') !== '25′ 0″', fn (): string => $person->text());
        $east = $person->field('West–east from zero')->getAttribute('value');
        self::assertStringNotContainsString('-', (string) $east);
        $person->type('South–north from zero', "10'");
        $person->keys(WebDriverKeys::ENTER);
        $person->waitUntil(fn (): bool => $person->field('South–north from zero')->getAttribute('value') === '10′ 0″', fn (): string => $person->text());
        $person->waitForSave();
        $person->driver->navigate()->refresh();
        $person->pickOnPlan("//*[@data-face='B']");
        $person->waitUntil(fn (): bool => $person->field('West–east from zero')->getAttribute('value') === $east);
        $person->keys(WebDriverKeys::CONTROL, 'z');
        $person->waitForSave();
        $person->press('Every saved plan');
        $person->sees('Taken back: Shed B: place in plan changed');
    }

    public function test_a_block_is_dragged_by_its_middle_through_which_its_ridge_runs(): void
    {
        $person = $this->person();
        $person->comesAs('Ivo Marsh');
        $this->beginFromFile($person, 'By the middle', ['format' => 'imbrex-job/3', 'roof' => ['blocks' => [[
            'id' => 'B1', 'name' => 'Hall', 'x' => 0, 'y' => 0, 'length' => 480, 'width' => 240, 'eaveHeight' => 120,
            'sides' => ['south' => ['kind' => 'sloped', 'riseIn12' => 6], 'north' => ['kind' => 'sloped', 'riseIn12' => 6], 'east' => ['kind' => 'gable'], 'west' => ['kind' => 'gable']],
        ]]]]);
        $this->goToStation($person, 'Roof');
        [$x, $y] = $person->middleOf("//*[contains(@data-edge,'ridge')]");
        $person->drag($x, $y, 60, -36);
        $person->sees('Name of the block');
        $person->waitUntil(fn (): bool => ! str_starts_with((string) $person->field('West–east from zero')->getAttribute('value'), '0'), fn (): string => $person->text());
        foreach (['South', 'East', 'North', 'West'] as $side) {
            $person->waitFor("//*[contains(@class,'MuiInputLabel')][starts-with(normalize-space(.),'$side roof')]");
        }
    }
}
