<?php

declare(strict_types=1);

namespace Tests\Browser\Survey;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;

final class SurveyTest extends BrowserTestCase
{
    public function test_what_is_typed_is_understood_or_refused_with_a_reason(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->typeOarStore($person, 'Typing room');
        $person->pressBeginning('Eave to ridge: show its readings');
        $label = 'Eave to ridge, next reading';
        foreach ([
            '17-10-3/8' => 'Understood: 17′ 10 3/8″ (214 3/8″)',
            '5.445m' => 'Understood: 17′ 10 3/8″ (214 3/8″)',
            '17 10' => 'may be feet and inches, or a fraction half typed',
            '214 3/7' => 'No tape has this fraction',
            'long' => 'is not a length. Type it like 214 3/8',
        ] as $typed => $answer) {
            $person->type($label, (string) $typed);
            $person->sees($answer);
        }
        $before = count($person->all('//tr[@data-reading]'));
        $person->press('Keep');
        $person->waitForSave();
        self::assertCount($before, $person->all('//tr[@data-reading]'));
        self::assertSame('long', $person->field($label)->getAttribute('value'), 'what was typed is not lost');
    }

    /** A shed from the first tape to the other side, the hands never leaving the keys: what is typed, Enter to keep, Enter to go on. */
    public function test_keep_leads_on_to_what_is_to_tape_next(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->goTo('/jobs');
        $this->beginJob($person, 'Net shed', null);
        $person->press('Eave to ridge: not measured yet');
        $focused = fn (): string => (string) $person->driver->executeScript("const f = document.activeElement; return document.querySelector(`label[for='\${f.id}']`)?.textContent ?? f.textContent");
        $person->driver->executeScript('arguments[0].focus()', [$person->field('Eave to ridge, next reading')]);
        $strokes = 0;
        $taped = ['Eave to ridge' => "17' 10", 'Eave' => "41' 8", 'Pitch' => '4'];
        $seen = [];
        for ($i = 0; $i < 8 && array_diff_key($taped, $seen) !== []; $i++) {
            $person->waitUntil(fn (): bool => str_contains($focused(), ', next reading'), $focused);
            $label = trim((string) preg_replace('/(?:, rise in 12)?, next reading.*/', '', $focused()));
            $seen[$label] = true;
            if (isset($taped[$label])) {
                $person->keys($taped[$label]);
                $strokes += mb_strlen($taped[$label]) + 1;
                $person->keys(WebDriverKeys::ENTER);
                $person->waitFor('//tr[@data-reading]');
                $person->waitForSave();
            }
            if (array_diff_key($taped, $seen) !== []) {
                $person->sees('Next: ');
                $person->keys(WebDriverKeys::ENTER);
                $strokes++;
                $person->waitUntil(fn (): bool => ! str_starts_with($focused(), $label), $focused);
            }
        }
        self::assertSame([], array_diff_key($taped, $seen), 'led to each by itself: '.implode(', ', array_keys($seen)));
        self::assertLessThan(24, $strokes);

        // The other side has what is the same: its sides, and nothing it was not measured for.
        $person->press('+ other side of the ridge');
        $person->sees('Other side of First plane');
        $person->waitForSave();
    }

    /** A roof of blocks is no bare page: its plan stands there with what was taped, and an edge that is pressed is taped. */
    public function test_a_roof_of_blocks_shows_what_was_taped_and_is_taped_from_there(): void
    {
        $person = $this->person();
        $person->comesAs('Ivo Marsh');
        $this->beginFromFile($person, 'Blocks', self::demo('boathouse'));
        $this->goToStation($person, 'Survey');
        $person->sees('Press an edge or a face to tape it.');
        $person->waitFor("//*[@data-taped='eave-hall.N']");
        $before = $person->drawn("//*[@data-taped='eave-hall.N']");
        $person->driver->executeScript("document.querySelector(\"[data-taped='eave-hall.N']\").focus()");
        $person->keys(WebDriverKeys::ENTER);
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='Roof']]");
        $person->type('True length', "58' 4");
        $person->press('Keep');
        $person->waitForSave();
        $this->goToStation($person, 'Survey');
        $person->waitUntil(static fn (): bool => $person->drawn("//*[@data-taped='eave-hall.N']") !== $before && str_contains($person->drawn("//*[@data-taped='eave-hall.N']"), '58′ 4″'), static fn (): string => $person->drawn("//*[@data-taped='eave-hall.N']"));
    }

    public function test_the_words_of_the_trade_are_one_tap_away(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Words');
        $person->press('Words');
        $person->type('Look up', 'jaw');
        $person->waitUntil(static fn (): bool => count($person->all('//*[@data-term]')) === 1);
        $person->sees('The opening of a hem that is not yet closed.');
        $person->press('Close');
        $person->keys('w');
        $person->sees('Words of the trade');
        $person->type('Look up', 'flange of nothing');
        $person->sees('Not among these.');
        $person->keys(WebDriverKeys::ESCAPE);
        $person->doesNotSee('Words of the trade');
    }

    public function test_the_keyboard_skips_the_stations(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Skipping');
        $person->driver->executeScript('document.activeElement.blur(); window.getSelection().removeAllRanges(); document.querySelector(".skips button").focus()');
        $person->sees('To the drawing');
        $person->keys(WebDriverKeys::ENTER);
        self::assertSame('MAIN', $person->driver->executeScript('return document.activeElement.tagName'));
        $person->keys(WebDriverKeys::ALT, WebDriverKeys::PAGE_DOWN);
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='Roof']]");
        $person->keys(WebDriverKeys::ALT, WebDriverKeys::PAGE_UP);
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='Survey']]");
        $person->keys('9');
        $person->waitFor("//nav[contains(@class,'rail')]//a[@aria-current='page'][.//b[normalize-space()='Load-out']]");
    }

    public function test_the_key_pad_types_for_gloves(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Glove box');
        $person->press('Ridge: not measured yet');
        $person->press('Key pad');
        foreach (['4', '9', '9'] as $key) {
            $person->find("//*[contains(@class,'keypad')]//button[normalize-space()='$key']")->click();
        }
        $person->find("//*[contains(@class,'sixteenths')]//button[normalize-space()='15/16']")->click();
        $person->sees('Understood: 41′ 7 15/16″');
        $person->press('Keep');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 7 15/16″');
    }

    public function test_sources_are_weighed_and_a_wheel_is_not_used(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginOarStore($person, 'Wheel house');
        $person->pressBeginning('Eave to ridge: show its readings');
        $person->choose('Source', 'wheel');
        $this->takeReading($person, 'Eave to ridge', "18' 8");
        $person->sees('is 9 5/8″ over, 4.5 %. Kept, not used.');
        self::assertSame('17′ 10 3/8″', $person->text("//*[@data-testid='adopted']"));
        $person->sees('does not');
    }

    public function test_squareness_from_diagonals(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Clubroom');
        $person->sees('The plane runs 1 1/16″ out of square. It hides under the rake trims, which take up to 1 1/2″.');
        $person->sees('under the rake trims');
        $person->sees('readings spread over 3/8″, more than 1/4″');
        self::assertStringContainsString('Run-out over the rake 1 1/16″', $person->text('//aside'));
        $person->press('How each reading closes');
        $person->sees('Diagonal to the right tape');
    }

    public function test_counted_panels_and_the_other_side_of_the_ridge(): void
    {
        $person = $this->person();
        $person->signInAs('Pia Holm');
        $this->beginOarStore($person, 'Two sides');
        $person->press('Ridge: not measured yet');
        $person->choose('Source', 'panel count');
        // As one says it: thirty-one whole ones of 16, and a last one of 4.
        $person->type('Old panels', '31 × 16 + 4');
        $person->field('And a rest')->click();
        self::assertSame(['31', '16', '4'], array_map(static fn (string $field): ?string => $person->field($field)->getAttribute('value'), ['Old panels', 'Their cover', 'And a rest']));
        $person->press('Keep');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8″');
        // The tape on the old panel has its overhang in it.
        $person->pressBeginning('Eave to ridge: show its readings');
        $person->press('the old panel’s end');
        $this->takeReading($person, 'Eave to ridge', '215 3/8');
        $person->sees('to the old panel’s end; 17′ 10 3/8″ on the deck');
        $person->sees('1″ past the eave');
        $person->press('+ other side of the ridge');
        $person->sees('Other side of First plane');
        $person->pressBeginning('Ridge: show its readings');
        $person->sees('from the other side');
        $person->waitForSave();
    }

    public function test_undo_redo_and_the_history(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->typeOarStore($person, 'Turning back');
        $person->pressBeginning('Eave: show its readings');
        $this->takeReading($person, 'Eave', "41' 9");
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/2″');
        $person->press('Undo');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8″');
        $person->press('Redo');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8 1/2″');
        $person->waitForSave();

        $person->find("//button[@title='Every saved plan']")->click();
        $person->sees('Every saved plan');
        $person->sees("First plane: eave 41' 9");
        $person->sees('Job begun');
        $person->find("(//tr[contains(., \"Taken back: First plane: eave 41' 9\")]//button)[1]")->click();
        $person->sees('Returned to plan');
        $person->press('Close');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '41′ 8″');
    }
}
