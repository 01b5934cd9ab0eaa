<?php

declare(strict_types=1);

namespace Tests\Browser\Water;

use Tests\Browser\BrowserTestCase;

final class WaterTest extends BrowserTestCase
{
    public function test_a_drop_is_let_fall_and_read_where_it_leaves(): void
    {
        $person = $this->person();
        $person->comesAs('Pia Holm');
        $this->beginFromFile($person, 'Rain', self::demo('boathouse'));
        $this->goToStation($person, 'Water');
        $person->waitFor('//*[@data-water]');
        $person->sees('Rain of 4″ in an hour, straight down: 2,203 sq ft in plan');
        self::assertCount(2, $person->all('//*[@data-stream]'));
        // In the middle of the drawing, a little above: on the hall's south side, over the valley.
        [$x, $y] = $person->middleOf('//*[@data-water]');
        $person->drag($x + 30, $y - 70, 0, 0);
        $person->waitFor("//*[@data-testid='drop']/li[3]");
        $said = $person->text("//*[@data-testid='drop']");
        self::assertStringContainsString('pan Hall S-', $said);
        self::assertStringContainsString('Hall S and Wing W: valley', $said);
        $person->sees('It leaves at the eave.');
        self::assertSame('3', $person->find('//*[@data-way]')->getAttribute('data-way'));
        $person->keys("\u{E00C}");
        $person->waitUntil(static fn (): bool => $person->all('//*[@data-way]') === []);

        // Twice the rain, twice the water.
        $person->type('Rain in an hour, inches', "8\t");
        $person->waitUntil(static fn (): bool => str_contains($person->text("//*[@data-flow='valley-hall.S-wing.W']"), '13.7 gal/min'), static fn (): string => $person->text('//aside'));
        $person->waitForSave();
        $person->find("//button[@data-flow='eave-wing.W']")->click();
        $person->sees('What each foot of it takes: Wing W: eave');
        $person->press('Hang a gutter');
        $person->sees('Outlet at 15′ 7″: 158 sq ft, 13.2 gal/min');
        $person->type('An outlet at', '0');
        $person->press('Add');
        $person->sees('Outlet at 0″: 79 sq ft, 6.6 gal/min');
        $person->waitForSave();
        // Rain on all of it: a stream in every pan.
        self::assertCount(0, $person->all("//*[@data-stream='pan']"));
        $person->press('Rain on the whole roof');
        $person->waitUntil(static fn (): bool => count($person->all("//*[@data-stream='pan']")) > 100);
    }
}
