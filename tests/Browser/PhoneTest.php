<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\Person;

/** On a phone: nothing sticks under a finger, nothing in a drawing is too small to read, and what is decided comes first. */
final class PhoneTest extends BrowserTestCase
{
    private const STATIONS = ['Survey', 'Roof', 'Layout', 'Cuts', 'Edges', 'Openings', 'Hold-down', 'Water', 'Load-out'];

    /** Pixels of the smallest text in the drawings that are shown. */
    private const SMALLEST = <<<'JS'
        return [...document.querySelectorAll('.deck svg text, .bench svg text')].map((text) => {
            const box = text.getBoundingClientRect();
            const m = text.getScreenCTM();
            return { words: text.textContent, px: box.width === 0 || !m ? 99 : parseFloat(getComputedStyle(text).fontSize) * Math.hypot(m.a, m.b) };
        }).filter(({ words, px }) => words.trim() !== '' && px < 11.95);
        JS;

    /** What a finger that comes down anywhere on a large drawing may not sweep past. */
    private const STICKS = <<<'JS'
        return [...document.querySelectorAll('.deck svg')].filter((svg) => {
            const box = svg.getBoundingClientRect();
            return box.width > 200 && box.height > 120 && !/pan-y|auto|manipulation/.test(getComputedStyle(svg).touchAction);
        }).map((svg) => svg.getAttribute('aria-label') ?? svg.outerHTML.slice(0, 80));
        JS;

    public function test_every_station_is_read_and_swept_past_on_a_phone(): void
    {
        $person = $this->onAPhone('Pocket', 'boathouse');
        $wrong = [];
        foreach (self::STATIONS as $station) {
            $this->goToStation($person, $station);
            $person->waitUntil(static fn (): bool => $person->all("//*[contains(@class,'deck')]//*[@role='status' and normalize-space()='Loading …']") === []);
            $person->waitFor("//*[contains(@class,'bench')]");
            // With every tile's words the rail has its widths.
            $person->waitUntil(static fn (): bool => $person->driver->executeScript("return [...document.querySelectorAll('.rail .state')].every((one) => one.textContent !== '—')") === true);
            usleep(1_200_000);
            // The header is one line, the rail shows where one is, and nothing is wider than the phone.
            [$left, $right] = $person->driver->executeScript("const b = document.querySelector('.rail [aria-current]').getBoundingClientRect(); return [b.left, b.right]");
            $wrong = array_merge($wrong, array_map(static fn (array $text): string => "$station: \"{$text['words']}\" at {$text['px']} px", $person->driver->executeScript(self::SMALLEST)));
            $wrong = array_merge($wrong, array_map(static fn (string $drawing): string => "$station: a finger cannot sweep past $drawing", $person->driver->executeScript(self::STICKS)));
            $high = $person->driver->executeScript("return document.querySelector('.topbar').getBoundingClientRect().height");
            $wide = $person->driver->executeScript('return document.documentElement.scrollWidth');
            $wrong = [...$wrong, ...array_keys(array_filter(["$station: its tile from $left to $right" => $left < -1 || $right > 391, "$station: a header $high high" => $high > 64, "$station: $wide wide" => $wide > 390]))];
        }
        self::assertSame([], $wrong);
    }

    public function test_load_out_leads_with_totals_and_release(): void
    {
        $person = $this->onAPhone('Ordered from the pocket', 'oar-store');
        $this->goToStation($person, 'Load-out');
        $person->waitFor("//*[contains(@class,'deck')]//table");
        $top = static fn (string $xpath): float => (float) $person->driver->executeScript('return arguments[0].getBoundingClientRect().top', [$person->find($xpath)]);
        self::assertLessThan($top("//*[contains(@class,'deck')]//table"), $top("//button[contains(normalize-space(.), 'elease')]"));
    }

    private function onAPhone(string $name, string $demo): Person
    {
        $person = $this->person(390, 844);
        $person->signInAs('Ivo Marsh');
        $this->beginFromFile($person, $name, self::demo($demo));

        return $person;
    }
}
