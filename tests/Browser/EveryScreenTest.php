<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Chromium;
use Tests\Support\Person;

/** What must hold on every screen: no barrier, nothing wider than the screen, little to load. */
final class EveryScreenTest extends BrowserTestCase
{
    private const MOST_SCRIPT = 350 * 1024;

    /** Of what text needs against what it stands on, by WCAG 2: in the sun half as well again. */
    private const CONTRAST = ['shop' => 4.5, 'sun' => 7.0, 'night' => 4.5];

    /** @return array<string, array{string, string, int, int}> light, who, width, height: every light, desk and phone; what an estimator sees is what a foreman sees */
    public static function eyes(): array
    {
        return [
            'the owner at a desk' => ['shop', 'Wren Alder', 1280, 800],
            'an installer in the sun, on a phone' => ['sun', 'Tam Reed', 390, 844],
            'a foreman at night' => ['night', 'Pia Holm', 1280, 800],
        ];
    }

    private string $light = 'shop';

    #[DataProvider('eyes')]
    public function test_nothing_stands_in_anybodys_way(string $light, string $who, int $width, int $height): void
    {
        $this->light = $light;
        $person = $this->person($width, $height);
        $person->goTo('/sign-in');
        $person->driver->executeScript("localStorage.setItem('imbrex.light', '$light')");
        $person->goTo('/sign-in');
        $person->sees('Demo accounts');
        $this->assertOpenToAll($person, 'sign-in');
        $person->signInAs($who);
        foreach (['/jobs' => 'Oar store', '/crew' => 'House rules', '/account' => 'Sign out everywhere'] as $path => $words) {
            $person->goTo($path);
            $person->sees($words);
            $this->assertOpenToAll($person, $path);
        }
        $person->openJob('Clubroom');
        foreach (['Survey' => 'Who agrees', 'Roof' => 'What shape is it?', 'Layout' => 'compared', 'Cuts' => 'Mark out', 'Edges' => 'Water leaves', 'Load-out' => 'Sheets in all'] as $station => $words) {
            $this->goToStation($person, $station);
            $person->sees($words);
            $this->assertOpenToAll($person, $station);
        }
        $person->openJob('Boathouse');
        $this->goToStation($person, 'Roof');
        foreach (['Still picture', 'Table', 'From above'] as $view) {
            $person->press($view);
            $person->waitFor("//button[@aria-pressed='true'][normalize-space()='$view']");
            $this->assertOpenToAll($person, "Roof, $view");
        }
        $person->pressBeginning('Wing');
        $person->sees('Name of the block');
        $this->assertOpenToAll($person, 'Roof, a block');
        foreach (['Job' => 'This job', 'Every saved plan' => 'Every saved plan'] as $button => $title) {
            $person->press($button);
            $person->sees($title);
            $this->assertOpenToAll($person, $title);
            $person->press('Close');
            $person->doesNotSee($title);
        }
    }

    public function test_every_screen_fits_a_phone_and_a_small_desk(): void
    {
        $person = $this->person(390, 844);
        $person->signInAs('Wren Alder');
        foreach ([[390, 844], [1024, 768]] as [$width, $height]) {
            Chromium::resize($person->driver, $width, $height);
            foreach (['/jobs' => 'Oar store', '/crew' => 'House rules', '/account' => 'Sign out everywhere'] as $path => $words) {
                $person->goTo($path);
                $person->sees($words);
                $path === '/crew' && $person->find('//summary[1]')->click();
                $this->assertFits($person, $width, $path);
            }
            $person->openJob('Oar store');
            foreach (['Survey' => 'Who agrees', 'Roof' => 'What shape is it?', 'Layout' => 'compared', 'Cuts' => 'Mark out', 'Edges' => 'Water leaves', 'Load-out' => 'Sheets in all'] as $station => $words) {
                $this->goToStation($person, $station);
                $person->sees($words);
                $this->assertFits($person, $width, $station);
            }
        }
    }

    public function test_the_first_load_is_light(): void
    {
        $person = $this->person();
        $person->goTo('/sign-in');
        $person->sees('Demo accounts');
        $this->assertLight($person, 'sign-in');
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $person->driver->navigate()->refresh();
        $person->sees('Who agrees');
        $this->assertLight($person, 'survey');
    }

    public function test_the_way_round_by_keyboard(): void
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $person->openJob('Oar store');
        $person->sees('Who agrees');
        $person->keys('3');
        $person->sees('Where the seams fall');
        $person->keys('?');
        $person->sees('Nudge the seams by one mark of the tape');
        $person->keys(WebDriverKeys::ESCAPE);
        $person->doesNotSee('Nudge the seams by one mark of the tape');
        $person->keys('/');
        $person->type('Find', 'P1-32');
        $person->keys(WebDriverKeys::ENTER);
        $person->sees('Mark out P1-32');
        $person->keys('1');
        $person->sees('Who agrees');
        // The drawing's own parts are reached and pressed without a mouse.
        $person->driver->executeScript("document.querySelector('[aria-label^=\"Left rake: show its readings\"]').focus()");
        $person->keys(WebDriverKeys::ENTER);
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '17′ 10 1/4″');
    }

    public function test_somebody_not_signed_in_is_sent_to_the_door_and_back(): void
    {
        $person = $this->person();
        $person->goTo('/crew');
        $person->waitForPath('/sign-in');
        $person->pressBeginning('Ivo Marsh');
        $person->waitForPath('/crew');
        $person->goTo('/jobs/01aaaaaaaaaaaaaaaaaaaaaaaa');
        $person->sees('There is no such job here');
    }

    /** Every rule but those still tried out, one heading that names the page, and text of what cannot be pressed, too. */
    private function assertOpenToAll(Person $person, string $screen): void
    {
        // Let what fades in have come.
        $person->waitForRest();
        $person->driver->executeScript((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        $found = $person->driver->executeAsyncScript(<<<'JS'
            const [light, least, done] = arguments;
            const rules = Object.fromEntries(axe.getRules().map(({ ruleId, tags }) => [ruleId, {
                enabled: !tags.includes('experimental') && !tags.includes('deprecated') && (ruleId !== 'color-contrast-enhanced' || light === 'sun'),
            }]));
            const channels = (colour) => colour.match(/[\d.]+/g).map(Number);
            const lightness = ([r, g, b]) => [r, g, b].map((c) => c / 255).map((c) => c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)
                .reduce((sum, c, i) => sum + c * [0.2126, 0.7152, 0.0722][i], 0);
            const ground = (e) => { for (; e; e = e.parentElement) { const c = channels(getComputedStyle(e).backgroundColor); if ((c[3] ?? 1) > 0.99) return c; } return [255, 255, 255]; };
            const faint = [...document.querySelectorAll(':disabled, .Mui-disabled, [aria-disabled=true]')]
                .filter((e) => e.type !== 'checkbox' && e.closest('[aria-hidden=true]') === null && (e.value ?? e.innerText ?? '').trim() !== '' && e.getClientRects().length > 0)
                .map((e) => { const style = getComputedStyle(e); const text = channels(style.webkitTextFillColor || style.color); const [a, b] = [lightness(text), lightness(ground(e))].sort((x, y) => y - x); return [e, (a + 0.05) / (b + 0.05) * Number(style.opacity === '1' && (text[3] ?? 1) === 1)]; })
                .filter(([, ratio]) => ratio < least)
                .map(([e, ratio]) => `cannot be pressed and is faint (${ratio.toFixed(2)}): ${e.outerHTML.slice(0, 160)}`);
            const headings = [...document.querySelectorAll('h1')].filter((e) => e.getClientRects().length > 0).length;
            axe.run(document, { resultTypes: ['violations'], rules }).then(
                (result) => done([...faint, ...(headings === 1 ? [] : [`${headings} first headings`]), ...result.violations
                    .map((v) => v.id + ': ' + v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160) + ' ' + (n.any[0]?.message ?? '')).join(' | '))]),
                (error) => done([String(error)]),
            );
            JS, [$this->light, self::CONTRAST[$this->light]]);
        self::assertSame([], $found, $screen);
    }

    private function assertFits(Person $person, int $width, string $screen): void
    {
        $wide = $person->driver->executeScript('return document.documentElement.scrollWidth');
        self::assertLessThanOrEqual($width, $wide, "$screen is $wide wide on a screen of $width");
    }

    private function assertLight(Person $person, string $screen): void
    {
        $scripts = $person->driver->executeScript("return performance.getEntriesByType('resource').map((r) => r.name).filter((n) => n.endsWith('.js'))");
        $bytes = 0;
        $outside = [];
        foreach ($scripts as $script) {
            $path = __DIR__.'/../../public'.parse_url((string) $script, PHP_URL_PATH);
            $bytes += strlen((string) gzencode((string) file_get_contents($path), 6));
        }
        foreach ($person->driver->executeScript("return performance.getEntriesByType('resource').map((r) => r.name)") as $name) {
            str_starts_with((string) $name, $person->url) || str_starts_with((string) $name, 'data:') || $outside[] = $name;
        }
        self::assertGreaterThan(50 * 1024, $bytes);
        self::assertLessThan(self::MOST_SCRIPT, $bytes, $screen);
        self::assertSame([], $outside, 'nothing loads from outside');
    }
}
