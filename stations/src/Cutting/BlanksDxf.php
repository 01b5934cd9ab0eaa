<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\FlatBlank;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Stations\Print\DxfWriter;
use Imbrex\Stations\Words\Words;

/** Flat blanks one beside the other, as wide as the coil: outlines on CUT, folds on BEND, notches on NOTCH. */
final readonly class BlanksDxf
{
    /** Inches between two blanks. */
    private const APART = 12.0;

    private const LETTERS = 3.0;

    public function __construct(private FlatBlanks $blanks, private Words $words)
    {
    }

    public function write(Plan $plan, ?string $piece = null): string
    {
        $drawing = new DxfWriter;
        $left = 0.0;
        foreach ($this->blanks->of($plan, $piece) as [$blank, $name]) {
            $this->blank($drawing, $blank, $left, $name);
            $left += $blank->width + self::APART;
        }

        return $drawing->text();
    }

    private function blank(DxfWriter $drawing, FlatBlank $blank, float $left, string $name): void
    {
        $at = static fn (Point $p): Point => new Point($p->u + $left, $p->v);
        foreach ([$blank->outline, ...$blank->holes] as $loop) {
            $drawing->outline('CUT', array_map($at, $loop->corners));
        }
        foreach ($blank->lines as $line) {
            $drawing->line(strtoupper($line->kind->value), $at($line->from), $at($line->to));
        }
        $drawing->words('NAME', new Point($left, -self::APART), self::LETTERS, $name);
        if (! $blank->legsLaidFlat) {
            $drawing->words('NAME', new Point($left, -self::APART - 2.0 * self::LETTERS), self::LETTERS, $this->words->say('blanks.as-formed'));
        }
    }
}
