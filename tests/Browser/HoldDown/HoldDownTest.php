<?php

declare(strict_types=1);

namespace Tests\Browser\HoldDown;

use Tests\Browser\BrowserTestCase;
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
        $person->sees('Metal from -5° to 180°F, fixed at the head.');
        $person->choose('Metal now, °F', '70');
        // 218.9 of steel, 75 degrees over the coldest: 0.11, up; 110 below the hottest: 3/4 − 0.16 = 0.59, down.
        $person->waitUntil(static fn (): bool => str_contains($person->text("//table[not(ancestor::details)]//tr[@data-metal='70']"), '1/8″ to 9/16″'), static fn (): string => $person->text('//aside'));
        $person->sees('The habit of 1/4″ to 1/2″ fits.');
        $person->press('Temperatures');
        $person->choose('Fixed at', 'the middle');
        $person->sees('fixed at the middle');
        $person->waitForSave();
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
        $person->choose('Unit', 'kPa');
        $person->press('Use them');
        $person->sees('field 20.9 psf');
        $person->sees('The engineer’s pressures govern.');
        $person->waitForSave();
    }

    private function atHoldDown(string $name): Person
    {
        $person = $this->person();
        $person->signInAs('Pia Holm');
        $this->beginFromFile($person, $name, self::demo('boathouse'));
        $this->goToStation($person, 'Hold-down');
        $person->waitFor('//*[@data-held]');

        return $person;
    }
}
