<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\PieceCutter;
use Imbrex\Core\Layout\StripPiece;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\RandomRoof;

/** A strip that is led on from the one before is, to the last bit, what would have been cut there. */
final class SteadyStripTest extends TestCase
{
    public function test_what_is_led_across_is_what_is_cut(): void
    {
        [$led, $all] = [0, 0];
        foreach (RandomRoof::several(40) as $random) {
            $plan = $random->plan($random->number % 2 === 0);
            $builds = $plan->of(BuildsStage::class);
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $cutter = new PieceCutter($face, $builds);
                foreach ($plan->of(LayoutStage::class)->layouts[$face->id]->strips as $strip) {
                    $pieces = $cutter->pieces($strip->moduleLeft);
                    $all += count($pieces);
                    $again = array_filter($pieces, static fn (StripPiece $piece): bool => $piece->isAgain);
                    if ($again === []) {
                        continue;
                    }
                    $led += count($again);
                    // One that knows no strip before has to cut it.
                    $cut = (new PieceCutter($face, $builds))->pieces($strip->moduleLeft);
                    self::assertSame(self::read($cut), self::read($pieces), "roof $random->number, $face->id, strip $strip->position");
                }
            }
        }
        self::assertGreaterThan($all / 8, $led, "$led of $all pieces are led across");
    }

    /**
     * @param  list<StripPiece>  $pieces
     * @return list<string>
     */
    private static function read(array $pieces): array
    {
        return array_map(static fn (StripPiece $piece): string => serialize([$piece->metal, $piece->sheet, $piece->blank, $piece->cutLeft, $piece->cutRight, $piece->rip]), $pieces);
    }
}
