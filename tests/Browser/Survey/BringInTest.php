<?php

declare(strict_types=1);

namespace Tests\Browser\Survey;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Person;

/** Measures from elsewhere, with the stand-ins playing the outside world: a report, a laser, a drawing. */
final class BringInTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->tell('/fail', ['service' => 'report', 'mode' => 'none']);
        $this->tell('/fail', ['service' => 'gauge', 'mode' => 'none']);
        parent::tearDown();
    }

    public function test_a_report_comes_in_as_readings_after_a_failure_and_a_retry(): void
    {
        $person = $this->begin('From afar');
        $this->tell('/fail', ['service' => 'report', 'mode' => 'garbage']);
        $person->press('Bring in');
        $person->sees('The measurement-report service sent something that makes no sense');
        $this->tell('/fail', ['service' => 'report', 'mode' => 'none']);
        $person->press('Try again');
        $person->pressBeginning('Heron Quay, boathouse hall');
        $person->sees('Down-river end');
        $person->press('Take over');
        $person->sees('0 of 5 planes measured and taped');
        $person->press('Slip side');
        $person->pressBeginning('Eave: show its readings');
        $person->sees('report');
        $person->sees('Nothing on this plane was taped');
        $adopted = $person->text("//*[@data-testid='adopted']");
        self::assertNotSame('58′ 4″', $adopted, 'a report is never exact');
        self::assertMatchesRegularExpression('/^5[789]′/', $adopted);

        // One taped length, and the report is kept but not used.
        $this->takeReading($person, 'Eave', "58' 4");
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '58′ 4″');
        $person->press('Undo');
        $person->press('Undo');
        $person->sees('0 of 1 plane measured');
    }

    public function test_laser_and_gauge_drop_into_the_field_that_waits(): void
    {
        $person = $this->begin('By laser');
        $person->press('Listen to laser and gauge');
        $person->sees('The next length drops into the field that waits');
        $person->waitForAnswer('/gauge');
        $this->tell('/gauge/fire', ['kind' => 'length', 'value' => 214.375 * 25.4, 'steady' => true]);
        $person->waitUntil(fn (): bool => $person->field('Eave to ridge, next reading')->getAttribute('value') === '17′ 10 3/8″', fn (): string => (string) $person->field('Eave to ridge, next reading')->getAttribute('value'));
        $person->press('Keep');
        $person->waitFor("//tr[@data-reading]/th[starts-with(normalize-space(),'laser')]");

        $this->tell('/gauge/fire', ['kind' => 'angle', 'value' => 26.565, 'steady' => true]);
        $person->sees('An angle came, but no field for one waits');
        $person->press('Pitch: not measured yet');
        $person->waitUntil(fn (): bool => $person->field('Pitch, rise in 12, next reading')->getAttribute('value') === '6');
        $person->press('Keep');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '6 in 12');

        $this->tell('/fail', ['service' => 'gauge', 'mode' => 'down']);
        $person->sees('The laser answers that it is out of order');
        $this->tell('/fail', ['service' => 'gauge', 'mode' => 'none']);
        $person->press('Try again');
        $person->doesNotSee('out of order');
        $person->sees('6 in 12');
    }

    public function test_a_drawing_asks_for_its_unit_and_becomes_planes(): void
    {
        $file = $this->file("0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\nSLIP\n70\n1\n10\n0\n20\n0\n10\n30\n20\n0\n10\n30\n20\n12\n10\n0\n20\n12\n0\nCIRCLE\n8\nPIPES\n10\n5\n20\n5\n40\n1\n0\nENDSEC\n0\nEOF\n", 'dxf');
        $person = $this->begin('Drawn');
        $person->press('Bring in');
        $person->press('A drawing (DXF)');
        $person->find("//input[@type='file']")->sendKeys($file);
        $person->sees('The drawing does not say: which?');
        $person->sees('Not written in every outline: which pitch?');
        $person->choose('Unit', 'feet');
        $person->type('Pitch', '12');
        // Which side is the eave is not guessed.
        $person->sees('Press the eave of each pale outline.');
        $person->driver->executeScript('arguments[0].focus()', [$person->find("//*[@data-outline='P1']//*[@data-side='0']")]);
        $person->keys(WebDriverKeys::ENTER);
        $person->sees('Check the edges.');
        $person->sees('4 corners, 12 in 12');
        // A circle in the outline comes through the roof.
        $person->sees('Comes through the roof');
        self::assertSame('Pipe 1 SLIP 1 ⌀ 2′ 0″', $person->text("//*[@data-brought='O1']"));
        $person->press('Take over');
        $person->press('SLIP 1');
        $this->goToStation($person, 'Roof');
        $person->press('Table');
        // 12 ft of run at 12 in 12: 144 · √2 = 203.647.
        $person->sees('16′ 11 5/8″');
        $this->goToStation($person, 'Openings');
        $person->sees('Pipe 1');
    }

    public function test_a_table_of_readings_is_refused_line_by_line_then_taken(): void
    {
        $person = $this->begin('From paper');
        $person->press('Bring in');
        $person->press('A table (CSV)');
        $person->find("//input[@type='file']")->sendKeys($this->file("where,quantity,value\nFirst plane,eave,41' 8\nFirst plane,eaveToRidge,seventeen foot\n"));
        $person->sees('line 3 value: understood "seventeen foot"');
        $person->find("//input[@type='file']")->sendKeys($this->file("where;quantity;value;source\nFirst plane;eave;500,0 in;\nFirst plane;eaveToRidge;17' 10-3/8;laser\nFirst plane;pitch;4;\n"));
        $person->sees('3 new readings found.');
        $person->sees('Read with semicolons between columns and a decimal comma.');
        $person->press('Take over');
        $person->sees('1 of 1 plane measured and taped');
        $person->waitUntil(fn (): bool => $person->text("//*[@data-testid='adopted']") === '17′ 10 3/8″');
        $person->press('Undo');
        $person->sees('0 of 1 plane measured');
    }

    private function file(string $text, string $ending = 'csv'): string
    {
        $file = tempnam(sys_get_temp_dir(), 'bring').".$ending";
        file_put_contents($file, $text);

        return $file;
    }

    public function test_planes_of_other_shapes_are_measured_and_tied(): void
    {
        $person = $this->begin('Porch');
        $person->press('+ plane');
        $person->press('Triangle');
        $person->press('Eave: not measured yet');
        $this->takeReading($person, 'Eave', "32' 4");
        foreach (['Left side' => "24' 3", 'Right side' => "24' 3"] as $side => $typed) {
            $person->press("$side: not measured yet");
            $this->takeReading($person, $side, $typed);
        }
        $person->press('Pitch: not measured yet');
        $this->takeReading($person, 'Pitch, rise in 12', '6');
        $this->goToStation($person, 'Roof');
        // Picked in Survey, so picked here. √(291² − 194²) = 216.899
        $person->sees('18′ 7/8″');
        $person->sees('292.2 sq ft');

        $this->goToStation($person, 'Survey');
        $person->press('+ plane');
        $person->press('L, six corners');
        $person->press('Corner C, along the eave: not measured yet');
        $this->takeReading($person, 'Corner C, along the eave', "30'");
        $person->sees('Corner C, up from the eave');
        $person->sees('To tape next');
    }

    private function begin(string $name): Person
    {
        $person = $this->person();
        $person->signInAs('Ivo Marsh');
        $this->beginJob($person, $name);
        $person->sees('Bring in');

        return $person;
    }

    /** @param  array<string, mixed>  $what */
    private function tell(string $path, array $what): void
    {
        $answer = file_get_contents(getenv('SIM_URL').$path, false, stream_context_create(['http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => json_encode($what)]]));
        self::assertNotFalse($answer);
    }
}
