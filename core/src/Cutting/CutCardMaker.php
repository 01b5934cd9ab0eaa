<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Bounds;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Layout\MovedEdge;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/**
 * Draws up the mark-out card of a panel: what to cut, bend and notch, in running distances. The tape is hooked at B
 * along the sheet (at T for a valley piece), and at the kept leg across it.
 */
final class CutCardMaker
{
    /** @var array<string, list<MovedEdge>> edges of the blank face, which all its cards share */
    private array $edges = [];

    public function __construct(private readonly Profile $profile, private readonly bool $vented, private readonly RuleSet $rules)
    {
    }

    /** The back view, which is the one marked on. */
    public function card(Face $face, Panel $panel): CutCard
    {
        $edges = $this->edgesOf($face);
        $bounds = $panel->sheet->bounds();
        $outline = $panel->sheet->moved(-$bounds->left, -$bounds->bottom);
        $holes = array_map(static fn (Polygon $hole): Polygon => $hole->moved(-$bounds->left, -$bounds->bottom), $panel->sheetHoles);
        $sides = $this->sides($panel->asPlanned ?? $panel->sheet, $outline, $edges);
        foreach ($holes as $i => $hole) {
            array_push($sides, ...$this->sides($panel->sheetHoles[$i], $hole, $edges));
        }
        $ribs = $this->ribs($panel, $bounds->left, $bounds->width());
        $along = $this->alongMarks($sides, $panel, $bounds->width());
        $fromHead = $this->measuresFromHead($sides, $bounds->width());
        $card = new CutCard(
            $panel->id,
            false,
            $bounds->width(),
            $bounds->height(),
            $panel->orderLength,
            $outline,
            $this->lines($sides, $ribs),
            $ribs,
            [...($fromHead ? $this->fromHead($along, $bounds->height()) : $along), ...$this->acrossMarks($sides, $panel, $this->acrossZero($panel, $bounds))],
            $this->hooksRight($panel),
            $fromHead,
            $holes,
            $panel->corrections,
        );

        return $card->flipped();
    }

    /** @return list<MovedEdge> edges of the blank face that end a panel at an angle */
    public function angledSides(Face $face, Panel $panel): array
    {
        $planned = $panel->asPlanned ?? $panel->sheet;
        $angled = [];
        foreach ($planned->corners as $i => $from) {
            $to = $planned->corner($i + 1);
            $edge = $this->edgeAt($this->edgesOf($face), new Point(($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0));
            if ($edge !== null && ! $edge->kind->runsUpSlope() && $edge->kind !== EdgeKind::Opening && abs($to->v - $from->v) > Tolerance::SAME_CUT && abs($to->u - $from->u) > Tolerance::SAME_CUT) {
                $angled[] = $edge;
            }
        }

        return $angled;
    }

    /**
     * The hems of a panel's angled ends: how deep they are folded, and what that takes along the rib.
     *
     * @return list<array{kind: string, hem: float, along: float, wanted: float}> inches; `wanted` by house rule, more than the hem where the quick habit is kept
     */
    public function hems(Face $face, Panel $panel): array
    {
        $hems = [];
        foreach ($this->angledSides($face, $panel) as $edge) {
            if ($edge->allowance->hem > 0.0) {
                $sine = abs($edge->to->u - $edge->from->u) / $edge->from->distanceTo($edge->to);
                $wanted = EdgeAllowance::of($edge->kind, $this->profile->family, $this->vented, $this->rules, $edge->to->u > $edge->from->u)->hem;
                $hems[] = ['kind' => $edge->kind->value, 'hem' => $edge->allowance->hem, 'along' => $edge->allowance->hem / $sine, 'wanted' => $wanted];
            }
        }

        return $hems;
    }

    /** @return list<MovedEdge> */
    private function edgesOf(Face $face): array
    {
        return $this->edges[$face->id] ??= MovedFace::blank($face, $this->profile, $this->vented, $this->rules)->edges();
    }

    /**
     * The sides that lie at an edge of the face, an opening or an end lap; not those between two panels.
     *
     * @param  Polygon  $planned  where it was planned, face coordinates, corner for corner with `$outline`
     * @param  list<MovedEdge>  $edges
     * @return list<CardSide>
     */
    private function sides(Polygon $planned, Polygon $outline, array $edges): array
    {
        $sides = [];
        foreach ($planned->corners as $i => $from) {
            $to = $planned->corner($i + 1);
            $edge = $this->edgeAt($edges, new Point(($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0));
            $isLap = $edge === null && abs($to->u - $from->u) > Tolerance::SAME_CUT;
            if ($edge !== null || $isLap) {
                $sides[] = new CardSide($edge->kind ?? EdgeKind::EndLap, $edge->allowance->hem ?? 0.0, $outline->corner($i), $outline->corner($i + 1));
            }
        }

        return $sides;
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
            if ($side->kind !== EdgeKind::Eave || ! $side->isSquare()) {
                $lines[] = new Line(MarkKind::Cut, $side->from, $side->to);
            }
            if ($side->hem > 0.0) {
                $lines[] = $side->inwards($side->hem, MarkKind::Bend);
            }
            if ($this->turnsPanUp($side->kind)) {
                $lines[] = $side->inwards($this->rules->number('cut.panTurnUp'), MarkKind::Bend);
            }
            if ($side->hem > 0.0 && ! $side->isSquare() && ! $side->isUpright() && $this->profile->family->isConcealed()) {
                array_push($lines, ...$this->ribsOff($side, $ribs));
            }
            if (($side->kind === EdgeKind::Eave || ($side->kind === EdgeKind::Transition && $side->isLowEnd())) && $this->profile->family->isConcealed()) {
                foreach ($ribs as $rib) {
                    $foot = $side->heightAt($rib);
                    $lines[] = new Line(MarkKind::Notch, new Point($rib, $foot), new Point($rib, $foot + $this->rules->number('cut.notchBack')));
                }
            }
        }

        return $lines;
    }

    /**
     * The rib comes off between the cut and the bend: a standing rib cannot be folded at an angle.
     *
     * @param  list<float>  $ribs
     * @return list<Line>
     */
    private function ribsOff(CardSide $side, array $ribs): array
    {
        $low = min($side->from->u, $side->to->u) - Tolerance::LENGTH;
        $high = max($side->from->u, $side->to->u) + Tolerance::LENGTH;
        $along = $side->hemAlong() * ($side->isLowEnd() ? 1.0 : -1.0);

        return array_values(array_map(
            static fn (float $rib): Line => new Line(MarkKind::Notch, new Point($rib, $side->heightAt($rib)), new Point($rib, $side->heightAt($rib) + $along)),
            array_filter($ribs, static fn (float $rib): bool => $rib >= $low && $rib <= $high),
        ));
    }

    /** Under an unvented ridge or a wall flashing the pan's own end is turned up as a dam. */
    private function turnsPanUp(EdgeKind $kind): bool
    {
        return $this->profile->family->isConcealed()
            && ($kind === EdgeKind::Headwall || ($kind === EdgeKind::Ridge && ! $this->vented));
    }

    /**
     * Running distances along both edges from B; corners between the edges with their own x.
     *
     * @param  list<CardSide>  $sides
     * @return list<Mark>
     */
    private function alongMarks(array $sides, Panel $panel, float $width): array
    {
        $marks = [];
        $ripped = array_values(array_filter($sides, static fn (CardSide $s): bool => $s->kind->runsUpSlope() && ($s->to->v < $s->from->v ? $panel->cutLeft : $panel->cutRight)));
        foreach ([MarkLine::Left, MarkLine::Right] as $line) {
            $isLeft = $line === MarkLine::Left;
            $edge = $isLeft ? 0.0 : $width;
            foreach ($sides as $side) {
                if ($side->kind === EdgeKind::Opening) {
                    if (! $side->isUpright() && $side->reaches($edge)) {
                        $marks[] = new Mark('opening', MarkKind::Cut, $line, $side->endHeight($isLeft));
                    }
                } elseif (! $side->kind->runsUpSlope() && ($side->reaches($edge) || $this->touches($side->end($isLeft), $ripped))) {
                    array_push($marks, ...($side->isLowEnd() ? $this->footMarks($side, $panel, $line, $edge) : $this->headMarks($side, $line, $edge)));
                }
            }
        }
        array_push($marks, ...$this->innerCorners(array_values(array_filter($sides, static fn (CardSide $s): bool => ! in_array($s, $ripped, true))), $ripped, $width));
        usort($marks, static fn (Mark $a, Mark $b): int => [$a->line->value, $a->distance] <=> [$b->line->value, $b->distance]);

        return $marks;
    }

    /**
     * Whether a corner lies at a side the panel is ripped along: that is marked across the sheet.
     *
     * @param  list<CardSide>  $ripped
     */
    private function touches(Point $corner, array $ripped): bool
    {
        return array_filter($ripped, static fn (CardSide $s): bool => min($s->from->distanceTo($corner), $s->to->distanceTo($corner)) < Tolerance::SAME_CUT) !== [];
    }

    /** @return list<Mark> where the piece begins */
    private function footMarks(CardSide $side, Panel $panel, MarkLine $line, float $edge): array
    {
        $isLeft = $line === MarkLine::Left;
        $hasLeg = $this->profile->family->isConcealed() && ! ($isLeft ? $panel->cutLeft : $panel->cutRight);
        if ($side->kind === EdgeKind::Valley) {
            // The tape lies at the metal itself: on the female side that is the inside of its leg.
            $inside = $edge + ($isLeft ? $this->profile->leftMetal : -$this->profile->rightMetal);
            $female = $hasLeg && $isLeft === $this->profile->hand->runsLeftToRight() && $side->spans($inside);
            $x = $female ? $inside : $edge;
            $at = $side->heightAt($x);
            $own = $female ? $x : null;

            return $side->hem > 0.0
                ? [new Mark('valley', MarkKind::Cut, $line, $at, $own), new Mark('valley-hem', MarkKind::Bend, $line, $at + $side->hemAlong(), $own)]
                : [new Mark('valley', MarkKind::Cut, $line, $at, $own)];
        }
        $at = $side->endHeight($isLeft);
        // The sheet's own end needs no mark; a foot further up does.
        $marks = $side->isSquare() && $at < Tolerance::SAME_CUT ? [] : [new Mark('foot', MarkKind::Cut, $line, $at)];
        if ($side->hem > 0.0) {
            $marks[] = new Mark('hem', MarkKind::Bend, $line, $at + $side->hemAlong());
        }
        if ($hasLeg && ($side->kind === EdgeKind::Eave || $side->kind === EdgeKind::Transition)) {
            $back = $at + $this->rules->number('cut.notchBack');
            $marks[] = new Mark('seam-back', MarkKind::Notch, $line, $back);
            $marks[] = new Mark('tab', MarkKind::Notch, $line, $back + $this->rules->number('cut.notchTab'));
        }

        return $marks;
    }

    /** @return list<Mark> where it ends */
    private function headMarks(CardSide $side, MarkLine $line, float $edge): array
    {
        $at = $side->endHeight($edge === 0.0);
        $marks = [];
        if ($this->turnsPanUp($side->kind)) {
            $marks[] = new Mark('pan-up', MarkKind::Bend, $line, $at - $this->rules->number('cut.panTurnUp'));
        }
        if ($side->hem > 0.0) {
            $marks[] = new Mark('head-hem', MarkKind::Bend, $line, $at - $side->hemAlong());
        }
        $marks[] = new Mark($side->kind === EdgeKind::Hip ? 'hip' : 'length', MarkKind::Cut, $line, $at);

        return $marks;
    }

    /**
     * Corners between the edges: where a flat part ends and an angle begins.
     *
     * @param  list<CardSide>  $sides
     * @param  list<CardSide>  $ripped
     * @return list<Mark>
     */
    private function innerCorners(array $sides, array $ripped, float $width): array
    {
        $marks = [];
        foreach ($sides as $side) {
            foreach ([$side->from, $side->to] as $corner) {
                if ($corner->u > Tolerance::SAME_CUT && $corner->u < $width - Tolerance::SAME_CUT && ! $this->touches($corner, $ripped)) {
                    $marks[sprintf('%.3f %.3f', $corner->u, $corner->v)] = new Mark('corner', MarkKind::Cut, MarkLine::Inner, $corner->v, $corner->u);
                }
            }
        }

        return array_values($marks);
    }

    /**
     * A valley piece with a square head is measured from the head, because that is where it hangs; everything else
     * from the eave end, because the eave lock is what must sit right.
     *
     * @param  list<CardSide>  $sides
     */
    private function measuresFromHead(array $sides, float $width): bool
    {
        $valley = array_filter($sides, static fn (CardSide $s): bool => $s->kind === EdgeKind::Valley && $s->isLowEnd()) !== [];
        $squareHead = array_filter($sides, static fn (CardSide $s): bool => ! $s->isLowEnd() && ! $s->kind->runsUpSlope() && $s->isSquare() && $s->reaches(0.0) && $s->reaches($width)) !== [];

        return $valley && $squareHead;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark> along the sheet from its other end
     */
    private function fromHead(array $marks, float $length): array
    {
        return array_map(
            static fn (Mark $m): Mark => in_array($m->line, [MarkLine::Left, MarkLine::Right, MarkLine::Inner], true) ? new Mark($m->name, $m->kind, $m->line, $length - $m->distance, $m->x) : $m,
            array_reverse($marks),
        );
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
