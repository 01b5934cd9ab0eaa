<?php

declare(strict_types=1);

namespace Tests\Browser\Cutting;

use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** Marking out valley panels at the bench: numbers against a hand calculation, what is taped on the panel set, ticks, pairs. */
final class FirstFitTest extends BrowserTestCase
{
    /*
     * By hand, in inches on the south face of the hall: the valley leaves the eave at u = 384 (the wing's eave, 370 east
     * of zero, is 384 from the hall's own corner) and climbs sqrt(1.25) for each inch across. The reveal of 4 and its
     * hem of 1 lie square to it, 1.5 along the rib for each: the cut is at 1.118 (u - 384) + 6 - 1.5. The ridge is at
     * 194 · 1.118 = 216.90. With a pan on the centre line seams fall at 342 + 16 k. The piece between 438 and 454 is
     * marked at 438, inside its female leg, and at 454.25, outside of its male one.
     */
    private const LONG = '152″';

    private const SHORT = '133 7/8″';

    /** An eighth less at the short side: 133.73. */
    private const SHORT_FITTED = '133 3/4″';

    public function test_the_numbers_of_a_valley_card_are_those_of_a_hand_calculation(): void
    {
        $person = $this->atTheBench('Hand count', 'Hall S-29');
        $up = sqrt(1.25);
        $marked = static fn (float $u): float => 194 * $up - (($u - 384) * $up + 4.5);

        self::assertSame([152.02, 133.86], [round($marked(438), 2), round($marked(454.25), 2)]);
        self::assertStringContainsString('4 to the valley '.self::SHORT, $person->text("//table[@data-line='left']"));
        self::assertStringContainsString('4 to the valley, inside the leg '.self::LONG, $person->text("//table[@data-line='right']"));
        // The hem: 1 square to the bend, 1-1/2 along the rib.
        self::assertStringContainsString('3 hem at the valley 132 3/8″', $person->text("//table[@data-line='left']"));
        $person->sees('A 1″ hem, square to its bend, takes 1 1/2″ along the rib.');
        // The cleat lies behind the reveal of 4: 1 of its nose and 1-1/2 of its flange.
        $person->sees('the centre of the valley: 6 1/2″');
        self::assertSame(800, $person->driver->executeScript('return document.documentElement.scrollHeight'), 'the bench scrolls, not the page');

        // Flipped, left and right change places; flipped again, they are back.
        $person->keys('f');
        $person->waitUntil(static fn (): bool => str_contains($person->text("//table[@data-line='right']"), self::SHORT));
        $person->keys('f');
        $person->waitUntil(static fn (): bool => str_contains($person->text("//table[@data-line='left']"), self::SHORT));
        $person->press('as a list');
        self::assertStringContainsString('cut 133 7/8″ right edge 152″', $person->text("//section[contains(@class,'tape')]//*[@role='list']"));
    }

    public function test_two_tapes_on_the_panel_set_give_the_next_card_and_are_taken_back(): void
    {
        /*
         * The piece before, between 422 and 438, is marked at 422 and 438.25. It reads 170-3/32 and 151-23/32: 18-3/8 over
         * 16-1/4. The next is marked 16 and 32-1/4 farther on: 170.09375 - 16 · 1.130769 = 152.00, and 133.63.
         */
        $person = $this->atTheBench('Two tapes', 'Hall S-28');
        $person->sees('Set a two-foot square to 18 3/16″ over 16 1/4″, or a bevel to 41.8°.');
        $person->press('hems flat');
        $person->sees('its card has 169 15/16″');
        $person->type('Long side of the piece', '170-3/32');
        $person->type('Short side of the piece', '151 23/32');
        $person->press('Take down');
        $person->waitFor("//*[@data-testid='next-cards']");
        $person->sees('Set a two-foot square to 18 3/8″ over 16 1/4″, or a bevel to 41.5°. As drawn it would be 18 3/16″ over 16 1/4″, 41.8°.');
        $next = static fn (string $side): string => $person->text("//tr[@data-next='Hall S-29'][@data-side='$side']");
        self::assertSame(['Hall S-29 long side 152″ 152″', 'short side 133 7/8″ 133 5/8″'], [$next('long'), $next('short')]);
        self::assertSame(2, count($person->all("//*[@data-mark][contains(., 'on the line')]")));

        $person->press('Cut, next panel');
        $person->sees('Mark out Hall S-29');
        $person->sees('Corrected by what was taped on the roof');
        $valley = static fn (string $line): string => $person->text("//table[@data-line='$line']");
        $person->waitUntil(static fn (): bool => str_contains($valley('left'), '4 to the valley 133 5/8″'), static fn (): string => $valley('left'));
        self::assertStringContainsString('4 to the valley, inside the leg 152″', $valley('right'));
        $person->sees('1 of 177 cut');
        $person->waitForSave();

        // What happened is no change of the plan: it is taken back where it stands.
        $person->sees('Plan 1');
        $tick = "//input[@aria-label='Hall S-28 is cut']";
        $person->find($tick)->click();
        $person->sees('0 of 177 cut');
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-28']")->click();
        foreach ([1, 0] as $left) {
            $person->find("//*[@data-mark]//button[normalize-space()='take it back']")->click();
            $person->waitUntil(static fn (): bool => count($person->all('//*[@data-mark]')) === $left);
        }
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-29']")->click();
        $person->waitUntil(static fn (): bool => str_contains($valley('left'), '4 to the valley '.self::SHORT), static fn (): string => $valley('left'));
        $person->doesNotSee('Corrected by what was taped on the roof');
    }

    public function test_what_the_trial_needed_moves_the_line_and_a_foot_misread_is_asked_back(): void
    {
        $person = $this->atTheBench('Trial', 'Hall S-28');
        $person->press('Or say how much it needed');
        $person->press('short side');
        $person->press('uphill');
        $person->type('It needed', '1/8');
        $person->press('Move the line');
        // From T uphill is shorter, at both sides of the next: 151.90 and 133.74.
        $next = static fn (string $side): string => $person->text("//tr[@data-next='Hall S-29'][@data-side='$side']");
        $person->waitFor("//*[@data-testid='next-cards']");
        self::assertSame(['Hall S-29 long side 152″ 151 7/8″', 'short side 133 7/8″ '.self::SHORT_FITTED], [$next('long'), $next('short')]);

        $person->press('hems flat');
        $person->type('Long side of the piece', "13' 1 13/16");
        $person->press('Take down');
        $person->sees('Kept apart: 12″ less than the line of the others.');
        $person->sees('a foot misread?');
        self::assertSame('short side 133 7/8″ '.self::SHORT_FITTED, $next('short'), 'it has no part in the line');
        $person->press('it is so');
        // Confirmed, it counts; it is the other that cannot be meant now.
        $person->waitUntil(static fn (): bool => $person->all("(//*[@data-mark])[2][not(contains(., 'Kept apart'))]") !== [], static fn (): string => $person->text('(//*[@data-mark])[2]'));
        self::assertStringContainsString('Kept apart', $person->text('(//*[@data-mark])[1]'));
        $person->waitForSave();
    }

    public function test_the_line_is_taped_at_a_seam_and_what_lies_astray_can_be_taken_back(): void
    {
        $document = self::demo('boathouse');
        $gone = '6f1c7d0a-5d3e-4f6b-9a39-0c4c6d1f2e10';
        $document['facts'] = [['id' => $gone, 'kind' => 'taped', 'subject' => 'hip-gone', 'said' => ['face' => 'hall.S', 'panel' => 'hall.S-20', 'side' => 'long', 'from' => 'B', 'measured' => 100, 'source' => 'tape'], 'at' => '2026-04-02T09:00:00Z']];
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Seam', $document);
        $this->goToStation($person, 'Cuts');
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-28']")->click();
        $person->sees('Taped at no edge there is now');
        $person->find("//*[@data-mark='$gone']//button")->click();
        $person->doesNotSee('Taped at no edge there is now');

        // The seam between 28 and 29 lies at 438; the valley leaves the eave at 384: 1.118 · 54 = 60.37.
        $person->press('Or tape the line at a seam');
        $person->choose('Seam', 'Hall S-28 | Hall S-29');
        $person->sees('Now held at 60 3/8″.');
        $person->type('Up the seam to the line', '60 1/8');
        $person->press('laser');
        $person->find("//details[@open][.//*[contains(., 'Up the seam')]]//button[normalize-space()='Take down']")->click();
        // A quarter lower at the seam, so far longer from T: 152.02 + 0.25, and 133.86 + 0.25.
        $person->waitFor("//*[@data-testid='next-cards']");
        $next = static fn (string $side): string => $person->text("//tr[@data-next='Hall S-29'][@data-side='$side']");
        self::assertSame(['Hall S-29 long side 152″ 152 1/4″', 'short side 133 7/8″ 134 1/8″'], [$next('long'), $next('short')]);
        $person->sees('At a seam, up from the eave 60 1/8″');
        $person->waitForSave();
    }

    public function test_on_a_phone_the_two_tapes_fill_the_screen(): void
    {
        $person = $this->atTheBench('Glove', 'Hall S-28', 390, 844);
        $person->press('Tape Hall S-28');
        foreach (['1', '6', '8', '9/16'] as $key) {
            $person->find("//*[@role='dialog']//button[@aria-label='$key' or .='$key']")->click();
        }
        $person->sees('168 9/16″');
        $size = $person->driver->executeScript("const r = [...document.querySelectorAll('[role=dialog] form, [role=dialog] form *')].map((e) => e.getBoundingClientRect()); return [Math.min(...r.map((one) => one.left)), Math.max(...r.map((one) => one.right)), Math.max(...r.map((one) => one.bottom))]");
        self::assertGreaterThanOrEqual(0, $size[0]);
        self::assertLessThanOrEqual(390, $size[1]);
        self::assertLessThanOrEqual(844, $size[2], 'nothing has to be scrolled for');
        $person->find("//*[@role='dialog']//button[normalize-space()='Take down']")->click();
        $person->waitUntil(static fn (): bool => count($person->all('//*[@data-mark]')) === 1, static fn (): string => $person->text());
        $person->waitForSave();
    }

    public function test_two_panels_out_of_one_sheet(): void
    {
        $person = $this->atTheBench('Pairs', 'Hall S-29');
        $line = $person->text("//*[@data-testid='pair']");
        self::assertMatchesRegularExpression('/^One sheet with (Hall|Wing) [SENW]-\d+, ordered at /', $line);
        preg_match('/with (\S+ \S+),/', $line, $other);
        $person->press("Show $other[1]");
        $person->sees("Mark out $other[1]");
        self::assertStringContainsString('One sheet with Hall S-29', $person->text("//*[@data-testid='pair']"));
        $person->sees('two panels each');
        $this->goToStation($person, 'Load-out');
        $person->sees('two panels each');
    }

    public function test_on_a_phone_the_two_lengths_are_read_at_arms_length(): void
    {
        $person = $this->atTheBench('Phone', 'Hall S-29', 390, 844);
        $lengths = $person->find("//section[contains(@class,'arms-length')]");
        self::assertStringContainsString('from T', $lengths->getText());
        self::assertStringContainsString('left '.self::SHORT.' right '.self::LONG, $person->text("//section[contains(@class,'arms-length')]//*[@class='two']"));
        $size = $person->driver->executeScript("return parseFloat(getComputedStyle(document.querySelector('.arms-length .two b')).fontSize)");
        self::assertGreaterThanOrEqual(40, $size);
        self::assertLessThanOrEqual(390, $person->driver->executeScript('return document.documentElement.scrollWidth'));
        // With them the way on and the piece's other side, in one hand's reach.
        $person->pressBeginning('Flip to face');
        $person->sees('Flip to back');
        $together = $person->driver->executeScript("return [...document.querySelectorAll('.arms-length .two, .arms-length button')].map((e) => e.getBoundingClientRect()).reduce(([t, b], r) => [Math.min(t, r.top), Math.max(b, r.bottom)], [9999, 0])");
        self::assertLessThan(260, $together[1] - $together[0]);
        $person->pressBeginning('Flip to back');
        // A square piece has one length, the same to the left and to the right.
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='Hall S-16']")->click();
        $person->waitUntil(fn (): bool => $person->text("//section[contains(@class,'arms-length')]//*[@class='two']") === 'left 218 7/8″ right 218 7/8″', fn (): string => $person->text("//section[contains(@class,'arms-length')]"));
    }

    private function atTheBench(string $name, string $piece, int $width = 1280, int $height = 800): Person
    {
        $person = $this->person($width, $height);
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, $name, self::demo('boathouse'));
        $this->goToStation($person, 'Cuts');
        $person->find("//tr[contains(@class,'pick')]//button[normalize-space()='$piece']")->click();
        $person->sees("Mark out $piece");

        return $person;
    }
}
