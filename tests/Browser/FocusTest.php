<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use GdImage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Person;

/** Where the keyboard is can be seen: told by comparing pictures, not by reading styles. */
final class FocusTest extends BrowserTestCase
{
    private const STOPS = 24;

    /** Of the ring's 3 px, at each of its four sides. */
    private const LEAST_PIXELS = 2;

    /** @return array<string, array{string, string, list<string>}> a station, what it shows, and stops that are among those told */
    public static function places(): array
    {
        return [
            'buttons and links' => ['Load-out', 'What do we order?', ['Release 32 sheets', 'Job']],
            'drawings and fields' => ['Survey', 'Who agrees', ['Eave to ridge: show its readings, 17′ 10 3/8″', 'Shed plane']],
        ];
    }

    /** @param  list<string>  $told */
    #[DataProvider('places')]
    public function test_every_stop_of_the_keyboard_has_a_ring(string $station, string $shown, array $told): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $this->goToStation($person, $station);
        // From the top of the page.
        $person->driver->navigate()->refresh();
        $person->sees($shown);
        $plain = $this->picture($person);
        $seen = [];
        for ($i = 0; $i < self::STOPS; $i++) {
            $person->keys(WebDriverKeys::TAB);
            $at = $person->driver->executeScript('const e = document.activeElement; const f = e.closest(".MuiInputBase-root") ?? e; const r = f.getBoundingClientRect(); return e === document.body ? null : {name: (e.getAttribute("aria-label") ?? e.textContent ?? e.tagName).trim().slice(0, 40), left: r.left, top: r.top, right: r.right, bottom: r.bottom}');
            if (! is_array($at) || $at['bottom'] > 790 || $at['top'] < 5) {
                continue;
            }
            $sides = $this->changedBeside($plain, $this->picture($person), $at);
            self::assertGreaterThanOrEqual(self::LEAST_PIXELS, max($sides), "{$at['name']}: no ring to be seen");
            self::assertGreaterThanOrEqual(2, count(array_filter($sides, static fn (int $pixels): bool => $pixels >= self::LEAST_PIXELS)), "{$at['name']}: ".json_encode($sides));
            $seen[$at['name']] = true;
        }
        foreach ($told as $stop) {
            self::assertNotSame([], array_filter(array_keys($seen), static fn (string $name): bool => str_starts_with($stop, $name) || str_starts_with($name, $stop)), "$stop is not among ".implode(', ', array_keys($seen)));
        }
        self::assertGreaterThan(10, count($seen));
    }

    public function test_what_was_opened_has_the_keyboard_and_gives_it_back(): void
    {
        $person = $this->person();
        $person->goTo('/sign-in');
        $person->sees('Demo accounts');
        $person->driver->executeScript("[...document.querySelectorAll('button')].find((b) => b.textContent.includes('Ivo Marsh')).focus()");
        $person->keys(WebDriverKeys::ENTER);
        $person->waitForPath('/jobs');
        $this->keyboardIsAt($person, 'Jobs');
        $person->press('New job');
        $person->waitUntil(fn (): bool => str_starts_with($this->at($person), 'BUTTON With readings'), fn (): string => $this->at($person));
        $person->press('New job');
        $this->beginJob($person, 'Keyboard first');
        $this->keyboardIsAt($person, 'Eave to ridge');
        $person->openJob('Oar store');
        $person->sees('Who agrees');
        foreach (['9' => 'What do we order?', '8' => 'Where does it go?', '7' => 'Will it stay on?', '6' => 'How does water get round it?', '5' => 'Cleat nose', '4' => 'Mark out', '3' => 'Where the seams fall', '2' => 'What shape is it?'] as $key => $heading) {
            $person->keys((string) $key);
            $this->keyboardIsAt($person, $heading);
        }
        // A dialog takes it and hands it back to what opened it.
        foreach (['Job' => 'This job', 'Every saved plan' => 'Every saved plan'] as $button => $title) {
            $person->driver->executeScript("[...document.querySelectorAll('header button')].find((b) => b.textContent.trim() === '$button' || b.title === '$button').focus()");
            $from = $this->at($person);
            $person->keys(WebDriverKeys::ENTER);
            $person->waitUntil(fn (): bool => (bool) $person->driver->executeScript('return document.activeElement.closest("[role=dialog], .MuiDialog-container") !== null'), fn (): string => $this->at($person));
            $person->sees($title);
            $person->keys(WebDriverKeys::ESCAPE);
            $person->waitUntil(fn (): bool => $this->at($person) === $from, fn (): string => $this->at($person).' instead of '.$from);
        }
    }

    private function keyboardIsAt(Person $person, string $heading): void
    {
        $person->waitUntil(fn (): bool => str_starts_with($this->at($person), "H1 $heading"), fn (): string => "The keyboard is at: {$this->at($person)}");
    }

    private function at(Person $person): string
    {
        return (string) $person->driver->executeScript('const e = document.activeElement; return (e.tagName + " " + (e.title || e.textContent)).replace(/\\s+/g, " ").trim().slice(0, 60)');
    }

    private function picture(Person $person): GdImage
    {
        $image = imagecreatefromstring($person->driver->takeScreenshot());
        self::assertNotFalse($image);

        return $image;
    }

    /**
     * @param  array{left: float|int, top: float|int, right: float|int, bottom: float|int}  $at
     * @return array<string, int> pixels that differ on a line out of the middle of each side
     */
    private function changedBeside(GdImage $before, GdImage $after, array $at): array
    {
        [$x, $y] = [(int) (($at['left'] + $at['right']) / 2), (int) (($at['top'] + $at['bottom']) / 2)];
        $lines = [
            'left' => fn (int $i): array => [(int) $at['left'] - $i, $y], 'right' => fn (int $i): array => [(int) $at['right'] - 1 + $i, $y],
            'top' => fn (int $i): array => [$x, (int) $at['top'] - $i], 'bottom' => fn (int $i): array => [$x, (int) $at['bottom'] - 1 + $i],
        ];

        return array_map(static function (callable $line) use ($before, $after): int {
            $changed = 0;
            for ($i = -3; $i <= 6; $i++) {
                [$px, $py] = $line($i);
                $inside = $px >= 0 && $py >= 0 && $px < imagesx($after) && $py < imagesy($after);
                $changed += $inside && imagecolorat($before, $px, $py) !== imagecolorat($after, $px, $py) ? 1 : 0;
            }

            return $changed;
        }, $lines);
    }
}
