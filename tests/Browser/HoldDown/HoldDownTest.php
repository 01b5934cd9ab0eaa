<?php

declare(strict_types=1);

namespace Tests\Browser\HoldDown;

use Tests\Browser\BrowserTestCase;
use Tests\Support\PdfText;
use Tests\Support\Person;

/** A roofer gives the wind, sees what a clip carries, changes the school and reads clips up a seam. */
final class HoldDownTest extends BrowserTestCase
{
    public function test_ratio_spacing_and_count_follow_the_wind_and_the_school(): void
    {
        $person = $this->atHoldDown('Wind');
        $person->sees('No pressures yet');
        $person->choose('Exposure', 'open');
        $person->sees('Planning estimate, to be confirmed by a licensed engineer.');
        $person->type('Ultimate wind speed, mph', "130\t");
        // Below 15 ft the height no longer counts: the vectors' pressures.
        $person->sees('corner 52.1 psf, 25 1/2″ at most');
        $person->sees('of an example 150 lb');
        $card = static fn (string $school): string => $person->text("//button[@data-school='$school']");
        $clips = static fn (string $school): int => (int) preg_replace('/.*?([0-9]+) clips.*/', '$1', $card($school));
        [$uniform, $pressure] = [$clips('uniform'), $clips('pressure')];
        self::assertGreaterThan($pressure, $uniform);
        $person->find("//button[@data-school='pressure']")->click();
        $person->waitUntil(static fn (): bool => str_contains($person->text(), "Hall S: $pressure clips"), static fn (): string => $person->text('//aside'));
        self::assertSame((string) $pressure, $person->find("//*[name()='path'][@data-fasteners]")->getAttribute('data-fasteners'));
        // On a ridge it pulls half as much again: 52.1 of them become 78.2 psf.
        $person->type('Hill, ridge or scarp (Kzt), 1 on flat ground', "1.5\t");
        $person->sees('corner 78.2 psf');
        $person->type('Hill, ridge or scarp (Kzt), 1 on flat ground', "1\t");
        $person->sees('corner 52.1 psf');
        // Stronger wind: more clips, the same school.
        $person->type('Ultimate wind speed, mph', "180\t");
        $person->waitUntil(static fn (): bool => $clips('pressure') > $pressure, static fn (): string => $card('pressure'));
        $person->waitForSave();
        // Up the picked seam, and on to the next.
        $person->sees('Clips up seam');
        $person->find('//h1')->click();
        $before = $person->text("//section[contains(@class, 'tape')]//b");
        $person->keys("\u{E014}");
        $person->waitUntil(static fn (): bool => $person->text("//section[contains(@class, 'tape')]//b") !== $before, static fn (): string => $before);
    }

    public function test_the_gap_of_a_hem_follows_how_warm_the_metal_is(): void
    {
        $person = $this->atHoldDown('Hems');
        $person->press('Hall N');
        $person->sees('Metal from −5 °F to 180 °F, fixed at the head.');
        $person->type('Metal now, °F', "70\t");
        // 218.9 of steel, 75 degrees over the coldest: 0.11, up; 110 below the hottest: 3/4 − 0.16 = 0.59, down; the middle on the tape.
        $today = static fn (): string => $person->text("//*[@data-testid='hem-today']");
        $person->waitUntil(static fn (): bool => str_contains($today(), 'Metal at 70 °F: set') && str_contains($today(), '3/8″') && str_contains($today(), '1/8″ to 9/16″'), static fn (): string => $person->text('//aside'));
        $person->sees('The habit of 1/4″ to 1/2″ fits.');
        $person->sees('today leave 1/8″');
        // A face on, and back: the day is the same. Nothing of it is in the document.
        $person->press('Hall S');
        $person->sees('Valley hems of 2 panels: open until the panel lies');
        $person->press('Hall N');
        $person->sees('Eave hems of 44 panels');
        $person->waitUntil(static fn (): bool => str_contains($today(), 'Metal at 70 °F'), $today);
        $person->sees('Plan 1');

        // The thermometer says 41 °C.
        $person->press('Listen to laser and gauge');
        $person->sees('The next temperature drops into the field that waits');
        $person->waitForAnswer('/gauge');
        $answer = file_get_contents(getenv('SIM_URL').'/gauge/fire', false, stream_context_create(['http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => json_encode(['kind' => 'temperature', 'value' => 41.0, 'steady' => true])]]));
        self::assertNotFalse($answer);
        $person->waitUntil(static fn (): bool => str_contains($today(), 'Metal at 106 °F'), $today);
        $value = static fn (): string => (string) $person->field('Metal now, °F')->getAttribute('value');
        $person->waitUntil(static fn (): bool => $value() === '105.8', $value);

        $person->press('Temperatures');
        $person->choose('Fixed at', 'the middle');
        $person->sees('fixed at the middle');
        $person->waitForSave();
    }

    public function test_snow_guards_stand_where_somebody_marks_the_eave(): void
    {
        $person = $this->atHoldDown('Snow');
        $person->sees('No place is marked yet');
        $person->press('Snow load and places');
        $person->choose('What is below', 'a door');
        $person->type('From the left', "15 ft\t");
        $person->type('Up to', "20 ft\t");
        $person->press('Add');
        $person->sees('Above a door, Hall S: 15′ 0″ to 20′ 0″');
        $person->sees('How much snow lies on the roof is not said');
        $person->type('Snow load', "30\t");
        // 80 wide, a row of what slides from 18 above the eave half way up, and one of the rest: five pads each.
        $person->waitUntil(static fn (): bool => count($person->all("//*[@data-guards='5']")) === 2, static fn (): string => $person->text('//aside'));
        $person->sees('Row 1, 13′ 10″ to 20′ 6″, 5 guards: 666 lb of 1,250 lb');
        $person->sees('Snow guards are a planning estimate');
        $person->waitForSave();

        // Drawn along the eave instead.
        $person->press('Draw it on the face');
        [$x, $y] = $person->middleOf('//*[@data-held]');
        $person->drag($x - 180, $y + 60, 60, 0);
        $person->waitUntil(static fn (): bool => count($person->all("//button[normalize-space()='Take away']")) === 2, static fn (): string => $person->text('//aside'));
        $person->waitForSave();
        $person->find("(//button[normalize-space()='Take away'])[2]")->click();
        $person->waitUntil(static fn (): bool => count($person->all("//button[normalize-space()='Take away']")) === 1, static fn (): string => $person->text('//aside'));
        $person->waitForSave();
        $this->goToStation($person, 'Load-out');
        $person->waitUntil(static fn (): bool => str_contains($person->text("//table[@aria-label='Clips, screws and guards']"), 'Snow pads 10'), static fn (): string => $person->text('//aside'));
    }

    public function test_a_stack_of_sheets_is_drilled_by_its_template(): void
    {
        $person = $this->atHoldDown('Drill', 'oar-store-screw-down');
        $person->sees('Drill rows, from the sheets’ eave end');
        $person->sees('14 sheets of 17′ 11 3/8″');
        $person->sees('Field rows, from the sheet’s left edge: 2″, 11″, 20″, 29″');
        // The same on paper.
        $person->waitFor("//button[normalize-space()='Drill templates, PDF']");
        $job = (string) preg_replace('#^(/jobs/[^/]+).*$#', '$1', (string) parse_url($person->driver->getCurrentURL(), PHP_URL_PATH));
        $read = 'const done = arguments[1]; fetch(arguments[0]).then((r) => r.arrayBuffer()).then((b) => done(btoa(String.fromCharCode(...new Uint8Array(b)))));';
        $page = PdfText::pages((string) base64_decode((string) $person->driver->executeAsyncScript($read, ["/api$job/files/drill-template.pdf"])))[0];
        self::assertStringContainsString('sheets of 17', $page->all());
        // 215-3/8 long, rows 2 in from either end, nine gaps of 23.486 between.
        foreach (['2″', '2′ 1 1/2″', '17′ 9 3/8″', '29″'] as $mark) {
            self::assertContains($mark, array_map(static fn (string $said): string => str_replace("\u{A0}", ' ', $said), $page->said()));
        }
        // On purlins 30 apart, the first 3 up, every row is on one.
        $person->type('First, from the eave', "3\t");
        $person->type('Apart', "5\t");
        $person->sees('6″ to');
        $person->type('Apart', "30\t");
        $person->waitForSave();
        $person->waitUntil(static fn (): bool => str_contains($person->text('//aside'), 'in 8 rows'), static fn (): string => $person->text('//aside'));
    }

    public function test_the_engineers_pressures_govern_and_look_like_psf(): void
    {
        $person = $this->atHoldDown('Engineer');
        $person->press('The engineer’s pressures');
        foreach (['Field' => '1', 'Edge' => '1.7', 'Corner' => '2.5'] as $zone => $pressure) {
            $person->type($zone, "$pressure\t");
        }
        $person->press('Use them');
        $person->sees('if these are kPa');
        // Low as they are, they may be meant.
        $person->find("//label[contains(., 'They are psf, low as they are')]//input")->click();
        $person->press('Use them');
        $person->sees('field 1.0 psf');
        $person->choose('Unit', 'kPa');
        $person->press('Use them');
        $person->sees('field 20.9 psf');
        $person->sees('The engineer’s pressures govern.');
        $person->waitForSave();
    }

    private function atHoldDown(string $name, string $demo = 'boathouse'): Person
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, $name, self::demo($demo));
        $this->goToStation($person, 'Hold-down');
        $person->waitFor('//*[@data-held]');

        return $person;
    }
}
