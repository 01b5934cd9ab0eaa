<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\NoSuchWindowException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;
use RuntimeException;

/** Does in the browser what a person does: looks for words, presses what bears them, types into what is named. */
final class Person
{
    private const PATIENCE_SECONDS = 10;

    private const PRESSED = "//*[self::button or self::a or self::summary or @role='button' or @role='menuitem' or @role='option']";

    private const FIRST = 'document.evaluate(wanted, document, null, XPathResult.FIRST_ORDERED_NODE_TYPE, null).singleNodeValue';

    /** In the page, so that nobody has to knock every few moments. */
    private const AWAITED = <<<'JS'
        const [wanted, limit, done] = arguments;
        const folded = (element) => (element.innerText ?? element.textContent ?? '').replace(/\s+/gu, ' ').trim();
        const look = () => LOOK;
        const at = look();
        if (at !== null) { done(at); return; }
        let due = null;
        const end = (found) => { changed.disconnect(); clearTimeout(due); clearInterval(anyway); clearTimeout(late); done(found); };
        const again = () => { due = null; const found = look(); if (found !== null) end(found); };
        const changed = new MutationObserver(() => { due ??= setTimeout(again, 20); });
        changed.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
        // What is hidden by a style that comes late changes nothing of the page itself.
        const anyway = setInterval(again, 250);
        const late = setTimeout(() => end(look()), limit);
        JS;

    /** How many times something that was waited for came to hold: each is an assertion. */
    public int $held = 0;

    public function __construct(public readonly RemoteWebDriver $driver, public readonly string $url)
    {
    }

    /** What a page does to ask the server. */
    private const CALLS = <<<'JS'
        const call = async (method, path, body, headers = {}) => {
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
            const answer = await fetch(`/api/${path}`, {
                method,
                credentials: 'same-origin',
                headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, ...headers },
                ...(body === undefined ? {} : { body: JSON.stringify(body) }),
            });
            const text = await answer.text();
            if (!answer.ok) throw new Error(text);
            return text === '' ? null : JSON.parse(text);
        };

        JS;

    public function goTo(string $path): void
    {
        $this->driver->get($this->url.$path);
    }

    public function signInAs(string $role): void
    {
        $this->goTo('/sign-in');
        $this->pressBeginning($role);
        $this->waitForPath('/jobs');
    }

    /** Signed in, and nowhere yet: for tests that are not about the way in. */
    public function comesAs(string $role): void
    {
        // A page that asks for nothing itself.
        $this->goTo('/icon.svg');
        $said = $this->driver->executeAsyncScript(self::CALLS.<<<'JS'
            const [role, done] = arguments;
            call('GET', 'session')
                .then(({ demo }) => demo.find((one) => one.name === role))
                .then(({ email, password }) => call('POST', 'session', { email, password }))
                .then(() => done(''), (error) => done(String(error)));
            JS, [$role]);
        Assert::assertSame('', $said, "$role does not come in");
    }

    /**
     * A job from a document, and its survey on the screen.
     *
     * @param  array<string, mixed>  $document
     */
    public function begins(array $document): void
    {
        $id = (string) $this->driver->executeAsyncScript(self::CALLS.<<<'JS'
            const [job, done] = arguments;
            call('GET', 'session')
                .then(({ user }) => call('POST', 'jobs', JSON.parse(job), { 'X-Person': String(user.id) }))
                .then(({ id }) => done(id), (error) => done(String(error)));
            JS, [(string) json_encode($document)]);
        Assert::assertMatchesRegularExpression('/^[0-9a-z]{26}$/', $id);
        $this->goTo("/jobs/$id/survey");
        $this->waitFor("//*[contains(@class,'workspace')]");
    }

    public function openJob(string $name): void
    {
        if (parse_url($this->driver->getCurrentURL(), PHP_URL_PATH) !== '/jobs') {
            $this->goTo('/jobs');
        }
        $link = "//a[normalize-space()='$name']";
        $this->find($link);
        $pressed = 0.0;
        // The list may grow while the hand is on its way; then one presses again.
        $this->waitUntil(function () use ($link, &$pressed): bool {
            if ($this->all("//*[contains(@class,'workspace')]") !== []) {
                return true;
            }
            if (microtime(true) - $pressed > 2.0 && $this->all($link) !== []) {
                $pressed = microtime(true);
                $this->all($link)[0]->click();
            }

            return false;
        }, fn (): string => "$name did not open. Shown is:\n".$this->text());
    }

    /** Presses what bears these words and no others, its key apart. */
    public function press(string $words): void
    {
        $this->pressOn('('.self::PRESSED."[normalize-space(.)='$words' or @aria-label='$words' or @title='$words' or normalize-space(.)=concat('$words', ' ', normalize-space(.//kbd))])[not(@disabled)][1]");
    }

    /** Presses what goes on after these words, with a count, a size or a time. */
    public function pressBeginning(string $words): void
    {
        $this->pressOn('('.self::PRESSED."[starts-with(normalize-space(.), '$words') or starts-with(@aria-label, '$words')])[not(@disabled)][1]");
    }

    /** What still lies behind something that is fading away is pressed when that is gone. */
    private function pressOn(string $xpath): void
    {
        $this->find($xpath);
        $this->waitUntil(function () use ($xpath): bool {
            try {
                $this->find($xpath)->click();
            } catch (ElementClickInterceptedException) {
                return false;
            }

            return true;
        }, fn (): string => "Something lies before $xpath. Shown is:\n".$this->text());
    }

    /** Presses something drawn, in the middle of it. */
    public function pickOnPlan(string $xpath): void
    {
        [$x, $y] = $this->middleOf($xpath);
        $this->drag($x, $y, 0, 0);
    }

    /** @return array{int, int} where on the screen the middle of something drawn is, once it has come to rest */
    public function middleOf(string $xpath): array
    {
        $seen = [];
        $this->waitUntil(function () use ($xpath, &$seen): bool {
            /** @var array{0: float|int, 1: float|int} $at */
            $at = $this->driver->executeScript('const r = arguments[0].getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2];', [$this->find($xpath)]);
            $seen = [...array_slice($seen, -5), [(int) round($at[0]), (int) round($at[1])]];

            // A drawing is fitted anew when its plan arrives.
            return count($seen) === 6 && count(array_unique($seen, SORT_REGULAR)) === 1;
        });

        return $seen[0];
    }

    /** Presses the mouse at a place on the screen, moves it in steps, and lets go. */
    public function drag(int $x, int $y, int $dx, int $dy): void
    {
        $steps = $dx === 0 && $dy === 0 ? [] : [[intdiv($dx, 3), intdiv($dy, 3)], [intdiv(2 * $dx, 3), intdiv(2 * $dy, 3)], [$dx, $dy]];
        $move = static fn (int $toX, int $toY): array => ['type' => 'pointerMove', 'duration' => 30, 'x' => $toX, 'y' => $toY, 'origin' => 'viewport'];
        $this->driver->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [[
            'type' => 'pointer', 'id' => 'mouse', 'parameters' => ['pointerType' => 'mouse'],
            'actions' => [$move($x, $y), ['type' => 'pointerDown', 'button' => 0], ...array_map(static fn (array $s): array => $move($x + $s[0], $y + $s[1]), $steps), ['type' => 'pointerUp', 'button' => 0]],
        ]]]);
    }

    /** Types into the field of this label, in place of what stands there. */
    public function type(string $label, string $text): void
    {
        $this->waitUntil(function () use ($label, $text): bool {
            try {
                // In one go: each time the driver looks first whether the page is at rest.
                $this->field($label)->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, WebDriverKeys::DELETE, $text]);
            } catch (StaleElementReferenceException) {
                // Drawn anew in between: the new one is typed into.
                return false;
            }

            return true;
        });
    }

    public function field(string $label): RemoteWebElement
    {
        return $this->find("//*[self::input or self::textarea][@aria-label='$label' or @id=//label[starts-with(normalize-space(.), '$label')]/@for]");
    }

    /** Chooses from a drop-down by its label and the words of the choice. */
    public function choose(string $label, string $choice): void
    {
        $box = "//*[contains(@class,'MuiFormControl')][.//*[contains(@class,'MuiInputLabel')][starts-with(normalize-space(.), '$label')]]//*[@role='combobox']";
        $option = "//*[@role='option'][normalize-space()='$choice']";
        $chosen = false;
        // A list that was drawn anew while it was open is opened again, as a person would.
        $this->waitUntil(function () use ($box, $option, &$chosen): bool {
            if (! $chosen) {
                $this->open($box);
                $there = $this->all($option)[0] ?? null;
                $there?->click();
                $chosen = $there !== null;
            }

            return $chosen && $this->all("//*[@role='option']") === [];
        }, fn (): string => "\"$choice\" could not be chosen for \"$label\". Shown is:\n".$this->text());
    }

    /** Opens a drop-down; one that is still sliding into place may have to be pressed twice. */
    public function open(string $box): void
    {
        $pressed = 0.0;
        $this->find($box);
        $this->waitUntil(function () use ($box, &$pressed): bool {
            if ($this->all("//*[@role='option']") !== []) {
                return true;
            }
            if (microtime(true) - $pressed > 1.0) {
                $pressed = microtime(true);
                $this->find($box)->click();
            }

            return false;
        });
    }

    /** Presses keys one after the other, wherever the keyboard is; Ctrl, Shift and Alt are held to the end. */
    public function keys(string ...$keys): void
    {
        $held = [];
        $actions = [];
        foreach (mb_str_split(implode('', $keys)) as $key) {
            $actions[] = ['type' => 'keyDown', 'value' => $key];
            if (in_array($key, [WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, WebDriverKeys::ALT], true)) {
                $held[] = $key;
            } else {
                $actions[] = ['type' => 'keyUp', 'value' => $key];
            }
        }
        $this->driver->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [[
            'type' => 'key', 'id' => 'keyboard', 'actions' => [...$actions, ...array_map(static fn (string $key): array => ['type' => 'keyUp', 'value' => $key], $held)],
        ]]]);
    }

    /** Waits until these words are shown, and fails with what is shown instead. */
    public function sees(string $words): void
    {
        $this->awaited('folded(document.body).includes(wanted) || null', $words) ?? throw new RuntimeException("\"$words\" is not shown. Shown is:\n".$this->text());
    }

    public function doesNotSee(string $words): void
    {
        $this->awaited('! folded(document.body).includes(wanted) || null', $words) ?? throw new RuntimeException("\"$words\" is shown and should not be.");
    }

    /** All that is shown, white space folded. */
    public function text(string $xpath = '//body'): string
    {
        try {
            $element = $this->all($xpath)[0] ?? null;

            // As the page renders it: asking the driver for it takes a third of a second.
            return $element === null ? '' : trim((string) preg_replace('/\s+/u', ' ', (string) $this->driver->executeScript('return arguments[0].innerText ?? arguments[0].textContent', [$element])));
        } catch (StaleElementReferenceException) {
            return '';
        }
    }

    /** Texts inside drawings, which the browser does not count as shown text. */
    public function drawn(string $xpath): string
    {
        $element = $this->find($xpath);

        return trim((string) preg_replace('/\s+/u', ' ', (string) $this->driver->executeScript('return arguments[0].textContent', [$element])));
    }

    public function waitForSave(): void
    {
        $this->waitUntil(fn (): bool => str_contains($this->text("//*[@role='status']"), '· saved'), fn (): string => 'Not saved: '.$this->text("//*[@role='status']"));
    }

    /** Until nothing moves any more, and two pictures after the other are the same. */
    public function waitForRest(): void
    {
        $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            let before = '';
            const look = () => {
                const moves = document.getAnimations().some((one) => one.playState === 'running' && one.effect?.getComputedTiming().iterations !== Infinity);
                const now = [...document.querySelectorAll('.rail, .rail a, .topbar, main, .deck, .bench, [role=dialog]')].map((one) => { const box = one.getBoundingClientRect(); return [box.left, box.top, box.width, box.height]; }).join();
                const rests = !moves && now === before;
                before = now;
                rests ? done() : requestAnimationFrame(() => requestAnimationFrame(look));
            };
            look();
            JS);
    }

    /** Until the page has heard from an address, as far as its path is known. */
    public function waitForAnswer(string $path): void
    {
        $this->waitUntil(fn (): bool => $this->driver->executeScript("return performance.getEntriesByType('resource').some((one) => one.name.includes(arguments[0]) && one.responseEnd > 0)", [$path]) === true, static fn (): string => "no answer from $path");
    }

    public function waitFor(string $xpath, float $seconds = self::PATIENCE_SECONDS): void
    {
        $this->awaited(self::FIRST, $xpath, $seconds) ?? throw new RuntimeException("Nothing at $xpath. Shown is:\n".$this->text());
    }

    public function waitForPath(string $path): void
    {
        $this->waitUntil(fn (): bool => str_starts_with((string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH), $path), fn (): string => 'Still at '.$this->driver->getCurrentURL());
    }

    public function find(string $xpath): RemoteWebElement
    {
        $found = $this->awaited(self::FIRST, $xpath);

        return is_array($found) ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), (string) JsonWireCompat::getElement($found), true) : throw new RuntimeException("Nothing at $xpath. Shown is:\n".$this->text());
    }

    /** @return list<RemoteWebElement> */
    public function all(string $xpath): array
    {
        return array_values($this->driver->findElements(WebDriverBy::xpath($xpath)));
    }

    /**
     * Looks, and looks again whenever the page has changed, until there is something.
     *
     * @param  string  $look  in JavaScript; null = nothing yet
     */
    private function awaited(string $look, string $wanted, float $seconds = self::PATIENCE_SECONDS): mixed
    {
        $end = microtime(true) + $seconds;
        do {
            try {
                $found = $this->driver->executeAsyncScript(str_replace('LOOK', $look, self::AWAITED), [$wanted, (int) max(0.0, 1000.0 * ($end - microtime(true)))]);
                $this->held += $found === null ? 0 : 1;

                return $found;
            } catch (StaleElementReferenceException|JavascriptErrorException|ScriptTimeoutException|NoSuchWindowException $fault) {
                // The page was left meanwhile; look at the one that came.
                usleep(40_000);
            }
        } while (microtime(true) < $end);

        return null;
    }

    /**
     * @param  callable(): bool  $holds
     * @param  (callable(): string)|null  $otherwise
     */
    public function waitUntil(callable $holds, ?callable $otherwise = null, float $seconds = self::PATIENCE_SECONDS): void
    {
        $end = microtime(true) + $seconds;
        do {
            try {
                if ($holds()) {
                    $this->held++;

                    return;
                }
            } catch (StaleElementReferenceException) {
                // The screen was drawn anew in between; look again.
            }
            usleep(40_000);
        } while (microtime(true) < $end);
        throw new RuntimeException($otherwise === null ? 'It never came to hold.' : $otherwise());
    }
}
