<?php

declare(strict_types=1);

namespace Imbrex\Stations\Trims;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Plan;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\DxfWriter;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** What a brake or a maker bends by: every kind of trim cut across, colour up, full size, and its flat with the bend lines. */
final readonly class BrakeSketches
{
    /** Inches between two. */
    private const APART = 4.0;

    private const LETTERS = 0.45;

    private const STYLE = 'g{fill:none;stroke:#000;stroke-width:.05;stroke-linejoin:round}.hem{stroke-width:.03}.flat{stroke-width:.03}.bend{stroke-dasharray:.3 .2}text{fill:#000;stroke:none;font:.45px sans-serif}';

    public function __construct(private Words $words)
    {
    }

    /** One unit an inch. */
    public function svg(Edition $edition): string
    {
        $plan = $edition->plan();
        $tape = Wire::tape($plan)->inInches();
        $parts = '';
        [$y, $wide] = [2.0, 24.0];
        foreach ($this->sketches($plan) as [$lot, $sketch]) {
            [$left, $right, $bottom, $top] = self::bounds($sketch);
            $drop = $y + $top + 1.0;
            $at = static fn (Point $p): string => sprintf('%.4F,%.4F', $p->u - $left + 1.0, $drop - $p->v);
            $line = static fn (array $points, string $class): string => count($points) < 2 ? '' : "<polyline class=\"$class\" points=\"".implode(' ', array_map($at, $points)).'"/>';
            $words = '';
            foreach ([[$sketch->besideLegs(0.4), array_map($tape->print(...), $sketch->lengths)], [$sketch->besideBends(0.6), array_map(self::degrees(...), $sketch->degrees)]] as [$places, $said]) {
                foreach ($places as $i => $p) {
                    $words .= sprintf('<text x="%.4F" y="%.4F" text-anchor="middle">%s</text>', $p->u - $left + 1.0, $drop - $p->v + self::LETTERS / 3.0, e($said[$i]));
                }
            }
            $flat = $drop - $bottom + 2.0;
            $bends = implode('', array_map(static fn (float $bend): string => sprintf('<path class="bend" d="M%1$.4F %2$.4F v2"/>', 1.0 + $bend, $flat), $sketch->lines($lot->shape)));
            $parts .= sprintf('<g id="%s"><text x="1" y="%.4F" font-weight="bold">%s</text>%s%s%s%s<rect class="flat" x="1" y="%.4F" width="%.4F" height="2"/>%s<text x="1" y="%.4F">%s</text></g>',
                e($lot->kind), $y, e($this->title($lot)), $line($sketch->corners, 'leg'), $line($sketch->low, 'hem'), $line($sketch->high, 'hem'), $words, $flat, $lot->girth, $bends, $flat + 2.7,
                e($this->words->say('sticks.sketch-lines', ['lines' => $this->words->list(array_map($tape->print(...), $sketch->lines($lot->shape)))])));
            $wide = max($wide, $right - $left + 4.0, $lot->girth + 2.0);
            $y = $flat + 3.0 + self::APART;
        }

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$.4Fin" height="%2$.4Fin" viewBox="0 0 %1$.4F %2$.4F"><style>%3$s</style>%4$s</svg>', $wide, $y, self::STYLE, $parts)."\n";
    }

    /** Sections on SECTION, flats on CUT, their bend lines on BEND. */
    public function dxf(Edition $edition): string
    {
        $plan = $edition->plan();
        $drawing = new DxfWriter;
        $low = 0.0;
        foreach ($this->sketches($plan) as [$lot, $sketch]) {
            [$left, , $bottom, $top] = self::bounds($sketch);
            $at = static fn (Point $p): Point => new Point($p->u - $left, $p->v - $bottom + $low + 2.0 + self::APART / 2.0);
            foreach ([$sketch->corners, $sketch->low, $sketch->high] as $line) {
                foreach (array_slice($line, 1) as $i => $to) {
                    $drawing->line('SECTION', $at($line[$i]), $at($to));
                }
            }
            foreach ([[$sketch->besideLegs(0.4), array_map(static fn (float $long): string => self::number($long), $sketch->lengths)], [$sketch->besideBends(0.6), array_map(static fn (float $one): string => self::number($one), $sketch->degrees)]] as [$places, $said]) {
                foreach ($places as $i => $p) {
                    $drawing->words('NAME', $at($p), self::LETTERS, $said[$i]);
                }
            }
            $drawing->outline('CUT', [new Point(0.0, $low), new Point($lot->girth, $low), new Point($lot->girth, $low + 2.0), new Point(0.0, $low + 2.0)]);
            foreach ($sketch->lines($lot->shape) as $bend) {
                $drawing->line('BEND', new Point($bend, $low), new Point($bend, $low + 2.0));
            }
            $drawing->words('NAME', new Point(0.0, $low - 2.0 * self::LETTERS), self::LETTERS, $this->title($lot));
            $low += $top - $bottom + 2.0 + 2.0 * self::APART;
        }

        return $drawing->text();
    }

    /** @return list<array{StickLot, ShapeSketch}> every kind once */
    private function sketches(Plan $plan): array
    {
        $made = $plan->of(TrimsStage::class);
        $rib = $plan->job->covering->profile->height;

        // Zees lie between the seams of pans and are no run of an edge.
        return array_values(array_map(static fn (StickLot $lot): array => [$lot, ($made->ofKind($lot->kind)[0] ?? null)?->sketch($rib) ?? ShapeSketch::of($lot->shape, $rib, 0.0, 180.0)], $made->lots));
    }

    private function title(StickLot $lot): string
    {
        return $this->words->beside([$this->words->say("trim.{$lot->shape->key}"), $this->words->say('sticks.of', ['used' => count($lot->sticks)]), $this->words->say("material.$lot->metal")]);
    }

    private static function degrees(float $degrees): string
    {
        return self::number(round($degrees, 1)).'°';
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(sprintf('%.3F', $number), '0'), '.');
    }

    /** @return array{float, float, float, float} left, right, bottom, top */
    private static function bounds(ShapeSketch $sketch): array
    {
        $points = [...$sketch->corners, ...$sketch->low, ...$sketch->high];
        [$us, $vs] = [array_map(static fn (Point $p): float => $p->u, $points), array_map(static fn (Point $p): float => $p->v, $points)];

        return [min($us), max($us), min($vs), max($vs)];
    }
}
