<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\EaveEnd;
use Imbrex\Core\Cutting\Leg;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Metalwork\AcrossFrom;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Ground\Rules\RuleSet;

/**
 * The pencil marks of a card, in running distances: along the sheet from one end, across it from the kept leg. Every
 * corner of the sheet that is not a corner of the metal as it came is marked, or lies where two marked lines cross.
 */
final readonly class CardMarks
{
    private Profile $profile;

    private RuleSet $rules;

    private EaveEnd $eaveEnd;

    public function __construct(Covering $covering)
    {
        $this->profile = $covering->profile;
        $this->rules = $covering->rules;
        $this->eaveEnd = EaveEnd::of($covering);
    }

    /** @return list<Mark> running distances along both edges from B; corners between the edges with their own x */
    public function along(PieceSides $piece, Panel $panel): array
    {
        $marks = [];
        foreach ($piece->all() as $side) {
            foreach ($side->bound->isEnd() ? [true, false] : [] as $left) {
                $line = $this->lineOf($piece, $side->end($left), $left);
                if ($line !== null) {
                    array_push($marks, ...$this->endMarks($piece, $panel, $side, $line, $left));
                }
            }
        }
        array_push($marks, ...$this->corners($piece, $marks), ...$this->innerBends($piece));
        $marks = array_values(array_filter($marks, static fn (Mark $m): bool => $m->distance > -Tolerance::SAME_CUT && $m->distance < $piece->length + Tolerance::SAME_CUT));
        usort($marks, static fn (Mark $a, Mark $b): int => [$a->line->value, $a->distance] <=> [$b->line->value, $b->distance]);

        return array_map(fn (Mark $m): Mark => $m->x === null ? $m : $m->takenFrom($this->takenFrom($piece, $m->line, $m->distance, $m->x)), $marks);
    }

    /**
     * The place of a mark across the sheet is taken from the leg the tape lies at, from the edge a square end runs to
     * (the flat before an angle), or else from the nearer edge.
     */
    private function takenFrom(PieceSides $piece, MarkLine $line, float $distance, float $x): AcrossFrom
    {
        $leg = $line === MarkLine::Left ? $this->profile->leftMetal : $piece->width - $this->profile->rightMetal;
        if ($line !== MarkLine::Inner && $this->profile->family->isConcealed() && abs($x - $leg) < Tolerance::SAME_CUT) {
            return AcrossFrom::Leg;
        }
        foreach ($piece->sides as $side) {
            $other = match (true) {
                ! $side->bound->isEnd() || ! $side->isSquare() || abs($side->from->v - $distance) > Tolerance::SAME_CUT => null,
                abs($side->from->u - $x) < Tolerance::SAME_CUT => $side->to->u,
                abs($side->to->u - $x) < Tolerance::SAME_CUT => $side->from->u,
                default => null,
            };
            if ($other !== null && ($piece->isAtEdge($other, true) || $piece->isAtEdge($other, false))) {
                return $piece->isAtEdge($other, true) ? AcrossFrom::Left : AcrossFrom::Right;
            }
        }

        return $x <= $piece->width / 2.0 ? AcrossFrom::Left : AcrossFrom::Right;
    }

    /** The edge an end is marked at: where it reaches it, or the side the piece is ripped along; null further in. */
    private function lineOf(PieceSides $piece, Point $end, bool $left): ?MarkLine
    {
        return match (true) {
            $piece->isAtEdge($end->u, true) => MarkLine::Left,
            $piece->isAtEdge($end->u, false) => MarkLine::Right,
            $piece->isRipped($end) => $left ? MarkLine::Left : MarkLine::Right,
            default => null,
        };
    }

    /** @return list<Mark> of one end at one edge */
    private function endMarks(PieceSides $piece, Panel $panel, CardSide $side, MarkLine $line, bool $left): array
    {
        $end = $side->end($left);
        $x = $piece->isAtEdge($end->u, $line === MarkLine::Left) ? null : $end->u;
        if ($side->kind === EdgeKind::Opening) {
            return [new Mark('opening', MarkKind::Cut, $line, $end->v, $x)];
        }

        return $side->isLowEnd() ? $this->footMarks($piece, $panel, $side, $line, $left, $x) : $this->headMarks($side, $line, $end->v, $x);
    }

    /** @return list<Mark> where the piece begins */
    private function footMarks(PieceSides $piece, Panel $panel, CardSide $side, MarkLine $line, bool $left, ?float $x): array
    {
        $at = $side->end($left)->v;
        if ($side->kind === EdgeKind::Valley) {
            // The tape lies at the metal itself: on the female side that is the inside of its leg, where there is one.
            $tape = $piece->tapeAt($side, $left, $this->profile);
            if (! Tolerance::same($tape, $side->end($left)->u)) {
                [$at, $x] = [$side->heightAt($tape), $tape];
            }

            return [new Mark('valley', MarkKind::Cut, $line, $at, $x), ...$this->bendMarks($side, $line, $at, $x)];
        }
        // The end the tape is hooked at needs no mark; a foot further up does, and one the tape runs down to.
        $marks = $side->isSquare() && $at < Tolerance::SAME_CUT && ! $piece->runsFromHead() ? [] : [new Mark('foot', MarkKind::Cut, $line, $at, $x)];
        array_push($marks, ...$this->bendMarks($side, $line, $at, $x));
        $hasLeg = $this->profile->family->isConcealed() && ! ($left ? $panel->cutLeft : $panel->cutRight);
        if ($hasLeg && $side->isNotched()) {
            $legs = Legs::of($this->profile, $panel);
            $seam = $this->eaveEnd->seam($left ? $legs->left : $legs->right, $this->profile, $this->rules);
            $marks[] = new Mark('seam-back', MarkKind::Notch, $line, $at + $seam->back, $x);
            if ($seam->tab > 0.0) {
                $marks[] = new Mark('tab', MarkKind::Notch, $line, $at + $seam->back + $seam->tab, $x);
            }
            if ($seam->radius > 0.0) {
                $marks[] = new Mark('radius', MarkKind::Notch, $line, $at + $seam->back + $seam->radius, $x);
            }
        }

        return $marks;
    }

    /** @return list<Mark> where it ends */
    private function headMarks(CardSide $side, MarkLine $line, float $at, ?float $x): array
    {
        return [...$this->bendMarks($side, $line, $at, $x), new Mark($side->kind === EdgeKind::Hip ? 'hip' : 'length', MarkKind::Cut, $line, $at, $x)];
    }

    /** @return list<Mark> what is folded at an end, where it reaches an edge */
    private function bendMarks(CardSide $side, MarkLine $line, float $at, ?float $x): array
    {
        $marks = [];
        foreach ($this->bendsOf($side) as $name => $along) {
            $marks[] = new Mark($name, MarkKind::Bend, $line, $at + $along, $x);
        }

        return $marks;
    }

    /**
     * Corners no end has marked: between the edges, and at an edge where a leg ends and a rake begins.
     *
     * @param  list<Mark>  $known
     * @return list<Mark>
     */
    private function corners(PieceSides $piece, array $known): array
    {
        $marks = [];
        foreach ($piece->all() as $side) {
            $corner = $side->from;
            $edge = $piece->isAtEdge($corner->u, true) ? MarkLine::Left : ($piece->isAtEdge($corner->u, false) ? MarkLine::Right : null);
            $isOwn = $edge !== null && ($corner->v < Tolerance::SAME_CUT || $corner->v > $piece->length - Tolerance::SAME_CUT);
            if (! $isOwn && ! $piece->isRipped($corner) && ! $this->isMarked($piece, $corner, $edge)) {
                $marks[] = new Mark('corner', MarkKind::Cut, $edge ?? MarkLine::Inner, $corner->v, $edge === null ? $corner->u : null);
            }
        }

        return $marks;
    }

    /** Whether the corner is the end of a foot or a head at that edge, which is marked there. */
    private function isMarked(PieceSides $piece, Point $corner, ?MarkLine $edge): bool
    {
        foreach ($edge === null ? [] : $piece->all() as $side) {
            if ($side->bound->isEnd() && min($side->from->distanceTo($corner), $side->to->distanceTo($corner)) < Tolerance::SAME_CUT) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Mark> bends of ends that reach no edge, and of rakes and walls beside part of a piece */
    private function innerBends(PieceSides $piece): array
    {
        $marks = [];
        foreach ($piece->all() as $side) {
            $reaches = $this->lineOf($piece, $side->end(true), true) !== null || $this->lineOf($piece, $side->end(false), false) !== null;
            if ($side->bound->isEnd() ? $reaches : $piece->rip($side->bound === Bound::Left) !== []) {
                continue;
            }
            foreach ([$side->from, $side->to] as $end) {
                foreach ($side->bound->isEnd() ? $this->bendsOf($side) : [] as $name => $along) {
                    $marks[] = new Mark($name, MarkKind::Bend, MarkLine::Inner, $end->v + $along, $end->u);
                }
                if ($side->isBeside() && $side->hem > 0.0) {
                    $marks[] = new Mark('turn-up', MarkKind::Bend, MarkLine::Inner, $end->v, $end->u + ($side->bound === Bound::Left ? $side->hemAcross() : -$side->hemAcross()));
                }
            }
        }
        $known = [];
        foreach ($marks as $mark) {
            $known[sprintf('%s %.4f %.4f', $mark->name, $mark->distance, $mark->x)] = $mark;
        }

        return array_values($known);
    }

    /** @return array<string, float> what is folded at an end, by the name of its mark: inches up the rib from the end */
    private function bendsOf(CardSide $side): array
    {
        $bends = [];
        if ($side->bound === Bound::Head && $side->turnsPanUp) {
            $bends['pan-up'] = -$this->rules->number('cut.panTurnUp');
        }
        if ($side->hem > 0.0) {
            $name = $side->kind === EdgeKind::Valley ? 'valley-hem' : 'hem';
            $bends[$side->isLowEnd() ? $name : 'head-hem'] = $side->isLowEnd() ? $side->hemAlong() : -$side->hemAlong();
        }

        return $bends;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark> along the sheet from its other end
     */
    public function turnedRound(array $marks, float $length): array
    {
        return array_map(
            static fn (Mark $m): Mark => in_array($m->line, [MarkLine::Left, MarkLine::Right, MarkLine::Inner], true) ? new Mark($m->name, $m->kind, $m->line, $length - $m->distance, $m->x, $m->from) : $m,
            array_reverse($marks),
        );
    }

    /** Across the sheet the tape is hooked at the edge that stays as it was formed. */
    public function hookRight(Panel $panel): bool
    {
        return $panel->cutLeft && ! $panel->cutRight;
    }

    /** x of that edge in the face view; where both sides are cut it is the left edge of the uncut sheet. */
    private function acrossZero(PieceSides $piece, Panel $panel): float
    {
        return $this->hookRight($panel)
            ? $piece->width
            : $panel->strip->moduleLeft - $this->profile->leftMetal - $panel->sheet->bounds()->left;
    }

    /** @return list<Mark> across a ripped sheet: where it is turned up and where it is cut */
    public function across(PieceSides $piece, Panel $panel): array
    {
        $zero = $this->acrossZero($piece, $panel);
        $marks = [];
        foreach ([true, false] as $left) {
            $rip = $piece->rip($left);
            if ($rip === []) {
                continue;
            }
            foreach ([[MarkLine::AcrossFoot, $rip[0], $rip[0]->low()], [MarkLine::AcrossHead, end($rip), end($rip)->high()]] as [$line, $side, $end]) {
                if ($side->hem > 0.0) {
                    $marks[] = new Mark('turn-up', MarkKind::Bend, $line, abs($end->u + ($left ? $side->hemAcross() : -$side->hemAcross()) - $zero));
                }
                $marks[] = new Mark('rip', MarkKind::Cut, $line, abs($end->u - $zero));
            }
        }

        return $marks;
    }
}
