<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Exports\DxfWriter;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\MarkKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Plan;

/** Flat blanks one beside the other: outlines on CUT, folds on BEND, notches on NOTCH. */
final readonly class BlanksDxf
{
    /** Inches between two blanks. */
    private const APART = 12.0;

    public function __construct(private FlatBlanks $blanks)
    {
    }

    public function write(Plan $plan, ?string $piece = null): string
    {
        $drawing = new DxfWriter;
        $left = 0.0;
        foreach ($this->blanks->of($plan, $piece) as [$card, $name]) {
            $this->blank($drawing, $card, $left, $name);
            $left += $card->width + self::APART;
        }

        return $drawing->text();
    }

    private function blank(DxfWriter $drawing, CutCard $card, float $left, string $name): void
    {
        $at = static fn (Point $p): Point => new Point($p->u + $left, $p->v);
        foreach ([$card->outline, ...$card->holes] as $loop) {
            $drawing->outline('CUT', array_map($at, $loop->corners));
        }
        foreach ($card->lines as $line) {
            if ($line->kind !== MarkKind::Cut) {
                $drawing->line(strtoupper($line->kind->value), $at($line->from), $at($line->to));
            }
        }
        $drawing->words('NAME', new Point($left, -self::APART), 3.0, $name);
    }
}
