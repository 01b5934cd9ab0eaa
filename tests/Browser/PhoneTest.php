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
            $person->waitForRest();
            // The header is one line, the rail shows where one is, and nothing is wider than the phone.
            [$left, $right] = $person->driver->executeScript("const b = document.querySelector('.rail [aria-current]').getBoundingClientRect(); return [b.left, b.right]");
            $small = static fn (): array => array_map(static fn (array $text): string => "$station: \"{$text['words']}\" at {$text['px']} px", $person->driver->executeScript(self::SMALLEST));
            // A drawing that has just come is fitted to the screen a moment later.
            $person->waitUntil(static fn (): bool => $small() === [], static fn (): string => implode("\n", $small()));
            $wrong = array_merge($wrong, array_map(static fn (string $drawing): string => "$station: a finger cannot sweep past $drawing", $person->driver->executeScript(self::STICKS)));
            $wrong = [...$wrong, ...$this->sticksUnderASweep($person, $station)];
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

    /** @return list<string> */
    private function sticksUnderASweep(Person $person, string $station): array
    {
        $large = $person->driver->executeScript(<<<'JS'
            window.scrollTo(0, 0);
            const svg = [...document.querySelectorAll('.deck svg')].find((one) => { const box = one.getBoundingClientRect(); return box.width > 200 && box.height > 120; });
            svg?.scrollIntoView({ block: 'center' });
            const box = svg?.getBoundingClientRect();
            return box ? [box.left + box.width / 2, box.top + box.height / 2, window.scrollY, document.documentElement.scrollHeight - innerHeight] : null;
            JS);
        if ($large === null) {
            return [];
        }
        [$x, $y, $before, $most] = $large;
        $this->fingers($person, array_map(static fn (int $step): array => [[$x, $y - 20 * $step]], range(0, 12)));
        $swept = (float) $person->driver->executeScript('return window.scrollY') - $before;

        $this->fingers($person, array_map(static fn (int $step): array => [[$x - 20 - 6 * $step, $y], [$x + 20 + 6 * $step, $y]], range(0, 12)));
        $pinched = (float) $person->driver->executeScript('return visualViewport.scale');
        $this->cdp($person, 'Emulation.setPageScaleFactor', ['pageScaleFactor' => 1]);
        $person->driver->executeScript('window.scrollTo(0, 0)');

        return array_keys(array_filter([
            "$station: a finger swept past by $swept of 240" => $swept < min(200.0, $most - $before - 2.0),
            // Where the drawing itself answers to two fingers it grows, and not the page.
            "$station: two fingers made it $pinched times as large" => $pinched < 1.2 && $person->all("//*[contains(@class,'deck')]//button[@aria-label='Closer' or normalize-space()='+']") === [],
        ]));
    }

    /** @param  non-empty-list<list<array{float|int, float|int}>>  $steps  where the fingers are, one after the other */
    private function fingers(Person $person, array $steps): void
    {
        foreach ($steps as $i => $fingers) {
            $this->cdp($person, 'Input.dispatchTouchEvent', ['type' => $i === 0 ? 'touchStart' : 'touchMove', 'touchPoints' => array_map(static fn (array $at, int $id): array => ['x' => $at[0], 'y' => $at[1], 'id' => $id], $fingers, array_keys($fingers))]);
            usleep(16_000);
        }
        $this->cdp($person, 'Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
        usleep(250_000);
    }

    /** @param  array<string, mixed>  $parameters */
    private function cdp(Person $person, string $command, array $parameters): void
    {
        $person->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $parameters]);
    }

    private function onAPhone(string $name, string $demo): Person
    {
        $person = $this->person(390, 844);
        $person->comesAs('Ivo Marsh');
        $this->cdp($person, 'Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 2]);
        $this->beginFromFile($person, $name, self::demo($demo));

        return $person;
    }
}
