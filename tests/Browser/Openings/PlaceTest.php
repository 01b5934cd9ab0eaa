<?php

declare(strict_types=1);

namespace Tests\Browser\Openings;

use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** Where an opening stands: by whatever it was taped from, in line with another, copied, taken out. */
final class PlaceTest extends BrowserTestCase
{
    public function test_an_opening_is_taped_from_rakes_seams_and_others(): void
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Places', self::demo('clubroom'));
        $this->goToStation($person, 'Openings');
        $person->sees('Skylight west');
        $person->choose('Opening', 'Chimney · Yard side');
        $person->sees('Advice: Cricket.');
        $person->press('Place');

        // From the other rake: the same place, other numbers.
        $person->choose('Taped', 'From the right rake, along the eave');
        $person->type('From the right rake, along the eave', "200\t");
        $person->waitUntil(fn (): bool => $this->value($person, 'From the right rake, along the eave') === '16′ 8″', fn (): string => $this->value($person, 'From the right rake, along the eave'));
        $person->waitForSave();
        // 200 and its own 32 from a face of 431 7/8.
        $person->choose('Taped', 'From the left rake, along the eave');
        self::assertSame('16′ 7 7/8″', $this->value($person, 'From the left rake, along the eave'));

        // Square to a rake; a drag lets go of it again.
        $person->choose('Taped', 'Square to the left rake');
        $person->waitForSave();
        $person->type('Square to the left rake', "150\t");
        $person->waitUntil(fn (): bool => $this->value($person, 'Square to the left rake') === '12′ 6″', fn (): string => $this->value($person, 'Square to the left rake'));
        $person->waitForSave();
        $person->choose('Taped', 'From the left rake, along the eave');
        $person->waitForSave();
        self::assertSame('12′ 6″', $this->value($person, 'From the left rake, along the eave'), 'this face is square');

        // From the seam to its left.
        $person->choose('Taped', 'From the seam to its left');
        $person->type('From the seam to its left', "5\t");
        $person->waitUntil(fn (): bool => $this->value($person, 'From the seam to its left') === '5″', fn (): string => $this->value($person, 'From the seam to its left'));
        $person->waitForSave();

        // In line with the stove pipe, low sides level: it stands at 104 less half of 6.
        $person->choose('In line with', 'Stove pipe, low sides level');
        $person->waitUntil(fn (): bool => $this->value($person, 'Low side, up from the eave') === '8′ 5″', fn (): string => $this->value($person, 'Low side, up from the eave'));
        $person->waitForSave();
    }

    public function test_an_opening_is_copied_and_taken_out(): void
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Copies', self::demo('annex'));
        $this->goToStation($person, 'Openings');
        $person->sees('Fan curb');
        $person->choose('Opening', 'Vent pipe · Annex N');
        $person->sees('Boot for pipes 3″ to 6');
        $person->press('Copy it');
        $person->waitForSave();
        $person->choose('Opening', 'Vent pipe, copy · Annex N');
        $person->sees('Vent pipe, copy');
        // Moved by the keyboard: an inch to the right, a foot up.
        $person->press('Place');
        $before = $this->value($person, 'From the left rake, along the eave');
        $person->driver->executeScript("document.querySelector('[data-place]').focus()");
        $person->keys("\u{E014}");
        $person->waitUntil(fn (): bool => $this->value($person, 'From the left rake, along the eave') !== $before);
        $person->waitForSave();
        $person->press('Take it out');
        $person->waitForSave();
        $person->doesNotSee('Vent pipe, copy');

        // A pipe typed in feet is asked back, and nothing is lost.
        $person->choose('Opening', 'Vent pipe · Annex N');
        $person->type('Diameter', "12'\t");
        $person->sees('If 1′ 0″ was meant, type it in inches.');
        self::assertSame("12'", $this->value($person, 'Diameter'));
    }

    private function value(Person $person, string $label): string
    {
        return (string) $person->field($label)->getAttribute('value');
    }
}
