<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Bounds;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Layout\MovedEdge;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/**
 * Draws up the mark-out card of a panel: what to cut, bend and notch, in running distances. The tape is hooked at B
 * along the sheet, because the eave lock is what must sit right, and at the kept leg across it.
 */
final readonly class CutCardMaker
{
    public function __construct(private Profile $profile, private bool $vented, private RuleSet $rules)
    {
    }

    /** The back view, which is the one marked on. */
    public function card(Face $face, Panel $panel): CutCard
    {
        $edges = MovedFace::blank($face, $this->profile, $this->vented, $this->rules)->edges();
        $bounds = $panel->sheet->bounds();
        $outline = $panel->sheet->moved(-$bounds->left, -$bounds->bottom);
        $sides = [];
        foreach ($panel->sheet->corners as $i => $from) {
            $to = $panel->sheet->corner($i + 1);
            $middle = new Point(($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0);
            $edge = $this->edgeAt($edges, $middle);
            if ($edge !== null) {
                $sides[] = new CardSide($edge->kind, $edge->allowance->hem, $outline->corner($i), $outline->corner($i + 1));
            }
        }
        $ribs = $this->ribs($panel, $bounds->left, $bounds->width());
        $card = new CutCard(
            $panel->id,
            false,
            $bounds->width(),
            $bounds->height(),
            $panel->orderLength,
            $outline,
            $this->lines($sides, $ribs),
            $ribs,
            [...$this->alongMarks($sides, $panel, $bounds->height()), ...$this->acrossMarks($sides, $panel, $this->acrossZero($panel, $bounds))],
            $this->hooksRight($panel),
        );

        return $card->flipped();
    }

    /** @param  list<MovedEdge>  $edges */
    private function edgeAt(array $edges, Point $middle): ?MovedEdge
    {
        foreach ($edges as $edge) {
            if ($edge->holds($middle)) {
                return $edge;
            }
        }

        return null;
    }

    /** @return list<float> x of the legs or ribs that stay on the sheet */
    private function ribs(Panel $panel, float $left, float $width): array
    {
        $ribs = [];
        foreach ($this->profile->ribs as $i => $rib) {
            $x = $panel->strip->moduleLeft + $rib - $left;
            $isLeg = $i === 0 || $i === count($this->profile->ribs) - 1;
            $cutAway = $isLeg && $this->profile->family->isConcealed() && ($i === 0 ? $panel->cutLeft : $panel->cutRight);
            if (! $cutAway && $x > -Tolerance::LENGTH && $x < $width + Tolerance::LENGTH) {
                $ribs[] = $x;
            }
        }

        return $ribs;
    }

    /**
     * @param  list<CardSide>  $sides
     * @param  list<float>  $ribs
     * @return list<Line>
     */
    private function lines(array $sides, array $ribs): array
    {
        $lines = [];
        foreach ($sides as $side) {
            if ($side->kind !== EdgeKind::Eave) {
                $lines[] = new Line(MarkKind::Cut, $side->from, $side->to);
            }
            if ($side->hem > 0.0) {
                $lines[] = $side->inwards($side->hem, MarkKind::Bend);
            }
            if ($this->turnsPanUp($side->kind)) {
                $lines[] = $side->inwards($this->rules->number('cut.panTurnUp'), MarkKind::Bend);
            }
            if ($side->kind === EdgeKind::Eave && $this->profile->family->isConcealed()) {
                foreach ($ribs as $rib) {
                    $foot = $side->heightAt($rib);
                    $lines[] = new Line(MarkKind::Notch, new Point($rib, $foot), new Point($rib, $foot + $this->rules->number('cut.notchBack')));
                }
            }
        }

        return $lines;
    }

    /** Under an unvented ridge or a wall flashing the pan's own end is turned up as a dam. */
    private function turnsPanUp(EdgeKind $kind): bool
    {
        return $this->profile->family->isConcealed()
            && ($kind === EdgeKind::Headwall || ($kind === EdgeKind::Ridge && ! $this->vented));
    }

    /**
     * Running distances from B along both edges.
     *
     * @param  list<CardSide>  $sides
     * @return list<Mark>
     */
    private function alongMarks(array $sides, Panel $panel, float $length): array
    {
        $marks = [];
        foreach ([MarkLine::Left, MarkLine::Right] as $line) {
            $isLeft = $line === MarkLine::Left;
            $hasLeg = $this->profile->family->isConcealed() && ! ($isLeft ? $panel->cutLeft : $panel->cutRight);
            foreach ($sides as $side) {
                $at = $side->endHeight($isLeft);
                if ($side->kind === EdgeKind::Eave) {
                    if ($side->hem > 0.0) {
                        $marks[] = new Mark('hem', MarkKind::Bend, $line, $at + $side->hem);
                    }
                    if ($hasLeg) {
                        $back = $at + $this->rules->number('cut.notchBack');
                        $marks[] = new Mark('seam-back', MarkKind::Notch, $line, $back);
                        $marks[] = new Mark('tab', MarkKind::Notch, $line, $back + $this->rules->number('cut.notchTab'));
                    }
                }
                if ($side->kind->isHighEnd()) {
                    if ($this->turnsPanUp($side->kind)) {
                        $marks[] = new Mark('pan-up', MarkKind::Bend, $line, $at - $this->rules->number('cut.panTurnUp'));
                    }
                    if ($side->hem > 0.0) {
                        $marks[] = new Mark('head-hem', MarkKind::Bend, $line, $at - $side->hem);
                    }
                    $marks[] = new Mark('length', MarkKind::Cut, $line, $at);
                }
            }
            usort($marks, static fn (Mark $a, Mark $b): int => [$a->line->value, $a->distance] <=> [$b->line->value, $b->distance]);
        }

        return $marks;
    }

    /** Across the sheet the tape is hooked at the edge that stays as it was formed. */
    private function hooksRight(Panel $panel): bool
    {
        return $panel->cutLeft && ! $panel->cutRight;
    }

    /** x of that edge in the face view; where both sides are cut it is the left edge of the uncut sheet. */
    private function acrossZero(Panel $panel, Bounds $bounds): float
    {
        return $this->hooksRight($panel)
            ? $bounds->width()
            : $panel->strip->moduleLeft - $this->profile->leftMetal - $bounds->left;
    }

    /**
     * Across a ripped sheet: where it is turned up and where it is cut.
     *
     * @param  list<CardSide>  $sides
     * @return list<Mark>
     */
    private function acrossMarks(array $sides, Panel $panel, float $zero): array
    {
        $marks = [];
        foreach ($sides as $side) {
            $isLeft = $side->to->v < $side->from->v;
            if (! $side->kind->runsUpSlope() || ! ($isLeft ? $panel->cutLeft : $panel->cutRight)) {
                continue;
            }
            foreach ([[MarkLine::AcrossFoot, $side->low()], [MarkLine::AcrossHead, $side->high()]] as [$line, $end]) {
                if ($side->hem > 0.0) {
                    $bend = $end->u + ($isLeft ? $side->hemAcross() : -$side->hemAcross());
                    $marks[] = new Mark('turn-up', MarkKind::Bend, $line, abs($bend - $zero));
                }
                $marks[] = new Mark('rip', MarkKind::Cut, $line, abs($end->u - $zero));
            }
        }

        return $marks;
    }
}
