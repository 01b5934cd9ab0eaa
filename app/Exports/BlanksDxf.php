<?php

declare(strict_types=1);

namespace App\Exports;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutGroup;
use Imbrex\Core\Cutting\MarkKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Planner;

/** Flat blanks to cut from, face up, one of each kind beside the other: outline on CUT, folds on BEND, notches on NOTCH. */
final readonly class BlanksDxf
{
    /** Inches between two blanks. */
    private const APART = 12.0;

    public function __construct(private Planner $planner)
    {
    }

    public function write(Plan $plan): string
    {
        $drawing = new DxfWriter;
        $cards = $this->planner->cardMaker($plan);
        $left = 0.0;
        foreach ($plan->roof->faces as $face) {
            foreach (CutGroup::gather($plan->panelsOf($face->id)) as $group) {
                $card = $cards->card($face, $group->panels[0])->flipped();
                $this->blank($drawing, $card, $left, PanelRange::inWords(array_map(static fn ($panel): string => $panel->id, $group->panels)));
                $left += $card->width + self::APART;
            }
        }

        return $drawing->text();
    }

    private function blank(DxfWriter $drawing, CutCard $card, float $left, string $name): void
    {
        $at = static fn (Point $p): Point => new Point($p->u + $left, $p->v);
        $drawing->outline('CUT', array_map($at, $card->outline->corners));
        foreach ($card->lines as $line) {
            if ($line->kind !== MarkKind::Cut) {
                $drawing->line(strtoupper($line->kind->value), $at($line->from), $at($line->to));
            }
        }
        $drawing->words('NAME', new Point($left, -self::APART), 3.0, $name);
    }
}
