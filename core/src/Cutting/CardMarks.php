<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Bounds;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Rules\RuleSet;

/** The pencil marks of a card, in running distances: along the sheet from one end, across it from the kept leg. */
final readonly class CardMarks
{
    public function __construct(private Profile $profile, private bool $vented, private RuleSet $rules)
    {
    }

    /**
     * Running distances along both edges from B; corners between the edges with their own x.
     *
     * @param  list<CardSide>  $sides
     * @return list<Mark>
     */
    public function along(array $sides, Panel $panel, float $width): array
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
        if ($this->profile->family->turnsPanUp($side->kind, $this->vented)) {
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
    public function runFromHead(array $sides, float $width): bool
    {
        $valley = array_filter($sides, static fn (CardSide $s): bool => $s->kind === EdgeKind::Valley && $s->isLowEnd()) !== [];
        $squareHead = array_filter($sides, static fn (CardSide $s): bool => ! $s->isLowEnd() && ! $s->kind->runsUpSlope() && $s->isSquare() && $s->reaches(0.0) && $s->reaches($width)) !== [];

        return $valley && $squareHead;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark> along the sheet from its other end
     */
    public function turnedRound(array $marks, float $length): array
    {
        return array_map(
            static fn (Mark $m): Mark => in_array($m->line, [MarkLine::Left, MarkLine::Right, MarkLine::Inner], true) ? new Mark($m->name, $m->kind, $m->line, $length - $m->distance, $m->x) : $m,
            array_reverse($marks),
        );
    }

    /** Across the sheet the tape is hooked at the edge that stays as it was formed. */
    public function hookRight(Panel $panel): bool
    {
        return $panel->cutLeft && ! $panel->cutRight;
    }

    /** x of that edge in the face view; where both sides are cut it is the left edge of the uncut sheet. */
    private function acrossZero(Panel $panel, Bounds $bounds): float
    {
        return $this->hookRight($panel)
            ? $bounds->width()
            : $panel->strip->moduleLeft - $this->profile->leftMetal - $bounds->left;
    }

    /**
     * Across a ripped sheet: where it is turned up and where it is cut.
     *
     * @param  list<CardSide>  $sides
     * @return list<Mark>
     */
    public function across(array $sides, Panel $panel, Bounds $bounds): array
    {
        $zero = $this->acrossZero($panel, $bounds);
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
