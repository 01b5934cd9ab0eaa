<?php

declare(strict_types=1);

namespace Tests\Browser\Layout;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** Laying out faces that hang together: seams meet, what is tied follows, pins stay, openings get their room. */
final class SeamsTest extends BrowserTestCase
{
    public function test_a_nudge_by_key_and_by_drag_takes_the_tied_face_along(): void
    {
        $person = $this->gable('Boat rack');
        $person->sees('Tied to Shed N: they follow.');
        $person->sees('Seams meet across the edge.');
        $this->seesRips($person, 'rip 10″', 'rip 10″');
        for ($i = 0; $i < 3; $i++) {
            $person->keys(']');
        }
        $this->seesRips($person, 'rip 10 3/16″', 'rip 9 13/16″');
        $person->press('Shed N');
        $this->seesRips($person, 'rip 9 13/16″', 'rip 10 3/16″');
        $person->sees('Seams meet across the edge.');

        // 500 in on 728 px: 4 px are 2.7 in, whatever whole marks that makes; the other face follows.
        $drawing = $person->find("//div[contains(@class,'drawing')]/*[name()='svg']");
        (new WebDriverActions($person->driver))->moveToElement($drawing)->clickAndHold()->moveByOffset(4, 0)->release()->perform();
        $person->waitUntil(fn (): bool => ! str_contains($this->drawn($person), 'rip 9 13/16″') && str_contains($this->drawn($person), 'rip '), fn (): string => $this->drawn($person));
        $person->waitForSave();
        preg_match('/rip ([^r]+?″)rip ([^r]+?″)/u', $this->drawn($person), $here);
        $person->press('Shed S');
        $this->seesRips($person, "rip $here[2]", "rip $here[1]");
        $person->keys(WebDriverKeys::CONTROL, 'z');
        $this->seesRips($person, 'rip 10 3/16″', 'rip 9 13/16″');
        $person->press('Leave it to the search');
        $this->seesRips($person, 'rip 10″', 'rip 10″');
    }

    public function test_a_plan_is_asked_for_by_one_after_the_other_the_screen_first(): void
    {
        $person = $this->person();
        $person->comesAs('Ivo Marsh');
        $this->beginFromFile($person, 'One plan', self::demo('boathouse'));
        $this->goToStation($person, 'Layout');
        $person->sees('Pin this layout');
        $person->waitUntil(fn (): bool => str_contains($person->text("//nav[contains(@class,'rail')]"), 'lengths'));
        $person->driver->executeScript('performance.clearResourceTimings()');
        $person->keys(']');
        $person->waitForSave();
        $asked = static fn (): array => $person->driver->executeScript(<<<'JS'
            return performance.getEntriesByType('resource').filter((r) => /\/jobs\/.*(\/plan\/|\/tiles)/.test(r.name))
                .map((r) => [r.name.replace(/.*\/(plan\/[a-z-]+|tiles).*/, '$1'), r.startTime, r.responseEnd]);
            JS);
        $person->waitUntil(static fn (): bool => in_array('tiles', array_column($asked(), 0), true), static fn (): string => (string) json_encode($asked()));
        // What the screen waits for, and then how far every station is, in one answer.
        [$slice, $tiles] = $asked();
        self::assertSame(['plan/layout', 'tiles'], [$slice[0], $tiles[0]]);
        self::assertGreaterThanOrEqual($slice[2], $tiles[1]);
        self::assertCount(2, $asked());
    }

    public function test_a_pin_stays_and_what_it_costs_is_said(): void
    {
        $person = $this->gable('Paint store');
        $person->find("//button[@data-start='one-end-left']")->click();
        $this->seesRips($person, 'rip 4″', '');
        $person->keys('p');
        $person->sees('Pinned. Nothing moves it until you let it go.');
        // 4 in at the far rake of both faces is too narrow: twice 200 points.
        $person->sees('What is pinned costs');
        $person->press('Shed N');
        $person->find("//button[@data-start='balanced']")->click();
        $this->seesRips($person, 'rip 10″', 'rip 10″');
        $person->sees('Shed S and Shed N: seams miss by 6″.');
        $person->press('Shed S');
        $this->seesRips($person, 'rip 4″', '');
        $person->press('Let it go');
        $person->find("//button[@data-start='balanced']")->click();
        $person->sees('Seams meet across the edge.');
    }

    public function test_a_skylight_is_placed_and_its_seams_are_said(): void
    {
        $person = $this->gable('Sail store');
        $person->choose('Add an opening', 'Skylight');
        $person->find("//button[@aria-expanded][normalize-space()='Skylight 1']")->click();
        $this->enter($person, 'Left side, from the left', '207 1/2');
        $this->enter($person, 'Low side, up from the eave', "4'");
        $this->enter($person, 'Width', '22 1/2');
        $person->waitForSave();
        // Left alone the search looks for a start that clears it: nothing stands in the way of the best one.
        $person->waitUntil(fn (): bool => str_contains($this->best($person), 'Skylight 1 sits'), fn (): string => $this->best($person));
        self::assertStringNotContainsString('wants', $this->best($person));
        // A full panel at the left puts a seam at 208, half an inch inside its left side; equal rips put them at 202 and 218.
        $person->find("//button[@data-start='one-end-left']")->click();
        $person->waitUntil(fn (): bool => str_contains($person->text("//button[@data-start='one-end-left']"), 'A seam runs 1/2″ from the side of Skylight 1; it wants 3″ of flat.'), fn (): string => $person->text("//button[@data-start='one-end-left']"));
        $person->press('Take it out');
        $person->doesNotSee('Skylight 1');
    }

    public function test_the_crews_call_marks_both_ways(): void
    {
        $person = $this->gable('Winch house');
        $person->keys('c');
        $person->sees('control line 10″ from the left end of the metal');
        $person->sees('These panels still run from left to right');
        $right = $person->text("//section[@aria-label='Shed S']//table[.//th='To the right']");
        // From 10 in in: every 16, the fourth a check; across the ridge 480 less than that.
        self::assertStringContainsString('1 1′ 4″ 1′ 4″ Shed N 38′ 8″', $right);
        self::assertStringContainsString('4 check 5′ 4″ 5′ 4″ Shed N 34′ 8″', $right);
        $person->press('From the middle seam');
        // Seams at 10 + 16 k: that at 250 lies in the very middle.
        $person->sees('middle seam 20′ 10″ from the left end of the metal');
        $person->waitUntil(static fn (): bool => str_contains($person->text("//section[@aria-label='Shed S']//table[.//th='To the left']"), '1 1′ 4″ 1′ 4″ Shed N 1′ 4″'));
        $person->keys('c');
        $person->doesNotSee('These panels still run from left to right');
    }

    public function test_how_far_a_face_runs_out_of_square_is_drawn(): void
    {
        $person = $this->person();
        $person->signInAs('Pia Holm');
        $person->openJob('Clubroom');
        $this->goToStation($person, 'Layout');
        $person->waitFor("//*[@data-testid='run-out']");
        self::assertStringContainsString('runs out to the right 1″', $this->drawn($person));
        self::assertStringContainsString('runs out to the right 1 1/16″', $this->drawn($person));
        $person->sees('It hides under the rake trims, which take up to 1 1/2″.');
    }

    private function gable(string $name): Person
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $side = static fn (bool $slopes): array => $slopes ? ['kind' => 'sloped', 'riseIn12' => 6] : ['kind' => 'gable'];
        $this->beginFromFile($person, $name, ['format' => 'imbrex-job/3', 'roof' => ['blocks' => [[
            'id' => 'shed', 'name' => 'Shed', 'x' => 0, 'y' => 0, 'length' => 500, 'width' => 240, 'eaveHeight' => 100,
            'sides' => ['south' => $side(true), 'east' => $side(false), 'north' => $side(true), 'west' => $side(false)],
        ]]]]);
        $this->goToStation($person, 'Layout');
        $person->sees('Tied to Shed N');

        return $person;
    }

    private function enter(Person $person, string $label, string $typed): void
    {
        $person->type($label, $typed);
        $person->keys(WebDriverKeys::ENTER);
    }

    private function best(Person $person): string
    {
        return $person->text('(//button[@data-start])[1]');
    }

    private function seesRips(Person $person, string $left, string $right): void
    {
        $person->waitUntil(fn (): bool => str_contains($this->drawn($person), $left.$right) || ($right === '' && str_contains($this->drawn($person), $left)), fn (): string => "Not $left and $right: ".$this->drawn($person));
    }

    public function test_what_covers_the_roof_is_asked_for_once_and_told_apart_by_its_section(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Asked once');
        $this->goToStation($person, 'Layout');
        $person->sees('Nobody has said yet what covers this roof. snap-lock-1.5-16 is taken until then.');
        $person->press('Choose a profile');
        // Both families, apart, each profile cut across.
        $person->sees('Standing seam');
        $person->sees('Screw-down');
        self::assertNotSame([], $person->all("//section[@aria-label='Screw-down']//tr[.//button[normalize-space()='rib-9-36']]//*[name()='polyline']"));
        $wide = static fn (string $profile): float => (float) $person->driver->executeScript("return document.evaluate(\"//tr[.//button[normalize-space()='$profile']]//*[name()='polyline']\", document, null, 9, null).singleNodeValue.getBBox().width");
        // One scale: 37-3/8 of corrugated sheet against 16-5/8 of pan.
        self::assertEqualsWithDelta(37.375 / 16.625, $wide('corrugated-7/8-32') / $wide('snap-lock-1.5-16'), 0.01);
        $person->press('snap-lock-1.5-12');
        $person->press('Close');
        $person->doesNotSee('Nobody has said yet');
        $person->sees('12″ cover');
    }

    private function drawn(Person $person): string
    {
        return $person->drawn("//div[contains(@class,'drawing')]/*[name()='svg']");
    }

    public function test_a_snapped_line_is_checked_by_the_roofs_own_triangle(): void
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Chalk', self::demo('boathouse'));
        $this->goToStation($person, 'Layout');
        $person->press('Hall N');
        $person->sees('Hall N: 44 panels');
        $person->press('as large as this face');
        // By hand: sqrt(350² + 216²) = 411.29.
        $person->waitUntil(static fn (): bool => str_contains($person->text("//*[@data-testid='must-read']"), 'mark 29′ 2″ along the eave to the right and 18′ 0″ up the line. Across it must read 34′ 3 5/16″.'), static fn (): string => $person->text('//aside'));
        // No triangle has a third side of 60 ft with these.
        $person->type('It reads across', "60' 0");
        $person->press('Check');
        $person->sees('This cannot be taken as it is');
        $person->sees('with these legs no other closes the triangle');
        $person->press('Take it back');
        // (350² + 216² − 412²) / (2 · 350 · 216) = −0.0039 an inch: 0.04 a foot, 0.84 over 216.9.
        $person->type('It reads across', "34' 4");
        $person->press('Check');
        $person->sees('It read 34′ 4″. It leans to the left: 1/16″ a foot, 13/16″ at its far end, 18′ 7/8″ up. Hold its foot and move its top 13/16″ to the right.');
        $person->sees('The line snapped on this face leans');
        $person->type('It reads across', '34 ft 3-5/16');
        $person->press('Check');
        $person->sees('Straight: over 18′ 7/8″');
        $person->press('Take it as the control line');
        $person->waitForSave();
        $person->doesNotSee('The line snapped on this face leans');
        $person->sees('Place, from the left rake');
    }
}
