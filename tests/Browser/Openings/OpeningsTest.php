<?php

declare(strict_types=1);

namespace Tests\Browser\Openings;

use Tests\Browser\BrowserTestCase;

/** A chimney from the first tap to the drop that goes round it. */
final class OpeningsTest extends BrowserTestCase
{
    public function test_a_chimney_is_placed_and_gets_its_cricket(): void
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Chimney', self::demo('boathouse'));
        $this->goToStation($person, 'Openings');
        $person->sees('Nothing comes through this roof yet.');
        $person->choose('Add an opening', 'Chimney · Hall N');
        $person->sees('Chimney 1');
        $person->waitForSave();

        // By typing: from the left rake and up from the eave; by drag: to the right.
        $person->press('Place');
        $person->type('Low side, up from the eave', "80\t");
        $person->waitForSave();
        $person->type('From the left rake, along the eave', "300\t");
        $person->waitUntil(static fn (): bool => str_contains($person->drawn('//*[@data-place]'), '25′') && str_contains($person->drawn('//*[@data-place]'), '6′ 8″'), static fn (): string => $person->drawn('//*[@data-place]'));
        $person->waitForSave();
        [$x, $y] = $person->middleOf('//*[@data-moves][1]');
        $person->drag($x, $y, 40, 0);
        $person->waitUntil(static fn (): bool => ! str_contains($person->drawn('//*[@data-place]'), '25′'), static fn (): string => $person->drawn('//*[@data-place]'));
        $person->waitForSave();
        // In whole quarters, and no higher than it was.
        self::assertStringContainsString('6′ 8″', $person->drawn('//*[@data-place]'));

        // Its pieces, one by one.
        $person->press('From above');
        self::assertSame('true', $person->find("//button[@data-school='apron']")->getAttribute('aria-pressed'));
        self::assertSame(['Front', 'Left side', 'Right side', 'Back'], array_slice($this->pieces($person), 2, 4));
        self::assertCount(4, $person->all('//*[@data-opening]//*[@data-drawn]'));
        $person->find("//label[contains(@class, 'layer-slider')]//input")->click();
        $person->driver->executeScript("document.querySelector('.layer-slider input').focus()");
        $person->keys("\u{E011}");
        $person->waitUntil(static fn (): bool => $person->all('//*[@data-opening]//*[@data-drawn]') === []);
        $person->keys("\u{E010}");
        $person->sees('Every finished lap sheds');

        // A lap turned round is found out: the back before the sides.
        foreach ([4, 3] as $place) {
            $person->find("//button[@aria-label='Move Back earlier']")->click();
            $person->waitUntil(fn (): bool => ($this->pieces($person)[$place] ?? '') === 'Back', fn (): string => implode(', ', $this->pieces($person)));
        }
        $person->sees('Water gets behind a lap here.');
        $person->waitForSave();
        $person->choose('Order of work', 'Front and sides, then back');
        $person->sees('Every finished lap sheds');
        $person->waitForSave();

        // Apron to cricket: other panels, another order, water beside it.
        $panels = count($person->all('//*[@data-panel]'));
        $person->find("//button[@data-school='cricket']")->click();
        $person->waitUntil(fn (): bool => in_array('Left valley pan', $this->pieces($person), true), fn (): string => implode(', ', $this->pieces($person)));
        $person->waitForSave();
        $person->waitUntil(static fn (): bool => count($person->all('//*[@data-panel]')) > $panels);
        self::assertSame(['Right side', 'Left valley pan', 'Right valley pan'], array_slice($this->pieces($person), 4, 3), 'in the order that was chosen');

        // The marks of a piece, and its flat.
        $person->pressBeginning('3 Front');
        $person->press('Flats');
        $person->waitFor("//*[@data-flat='front']");
        $person->sees('38″ × 9 1/2″');
        self::assertGreaterThan(5, count($person->all("//*[@data-testid='piece-marks']/li")));

        $this->goToStation($person, 'Water');
        $person->waitFor('//*[@data-water]');
        $person->waitUntil(static fn (): bool => count($person->all('//*[@data-stream]')) === 4);
        [$x, $y] = $this->above($person);
        $person->driver->executeScript('document.querySelector("[data-water]").dispatchEvent(new MouseEvent("click", {bubbles: true, clientX: arguments[0], clientY: arguments[1]}))', [$x, $y]);
        $person->waitFor("//*[@data-testid='drop']/li[3]");
        self::assertStringContainsString('Chimney 1 ', $person->text("//*[@data-testid='drop']"));
        self::assertStringContainsString('valley', $person->text("//*[@data-testid='drop']"));
        $person->sees('It leaves at the eave.');
        $person->press('In the round');
        $person->waitFor("//*[@data-space='water']//*[@data-way]");
    }

    public function test_rain_is_taken_from_the_weather_service(): void
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Storm', self::demo('annex'));
        $this->goToStation($person, 'Water');
        $person->press('Ask the weather service');
        $person->waitFor("//button[@data-storm='50']");
        $person->find("//button[@data-storm='50']")->click();
        $person->sees('Rain of 6″ in an hour');
        $person->waitForSave();
    }

    /** @return list<string> names of the pieces, in order */
    private function pieces(\Tests\Support\Person $person): array
    {
        return array_map(static fn ($element): string => (string) preg_replace('/^\d+ /', '', trim(explode("\n", $element->getText())[0])), $person->all("//*[@data-testid='pieces']/li"));
    }

    /** @return array{int, int} on the screen, a little above the first cricket's apex, as the plan has it */
    private function above(\Tests\Support\Person $person): array
    {
        /** @var array{int, int} $at */
        $at = $person->driver->executeScript('const boxes = [...document.querySelectorAll("[data-stream]")].filter((one) => one.dataset.stream.includes("o1.")).map((one) => one.getBoundingClientRect()); const left = Math.min(...boxes.map((b) => b.left)), right = Math.max(...boxes.map((b) => b.right)); const low = Math.max(...boxes.map((b) => b.bottom)); return [Math.round((left + right) / 2) - 4, Math.round(low) + 6];');

        return $at;
    }
}
