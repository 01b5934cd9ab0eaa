<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
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
        $marks = new CardMarks($this->profile, $this->vented, $this->rules);
        $along = $marks->along($sides, $panel, $bounds->width());
        $fromHead = $marks->runFromHead($sides, $bounds->width());
        $card = new CutCard(
            $panel->id,
            false,
            $bounds->width(),
            $bounds->height(),
            $panel->orderLength,
            $outline,
            $this->lines($sides, $ribs),
            $ribs,
            [...($fromHead ? $marks->turnedRound($along, $bounds->height()) : $along), ...$marks->across($sides, $panel, $bounds)],
            $marks->hookRight($panel),
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
     * @return list<array{kind: string, hem: float, along: float, wanted: float, quick: bool}> inches; `wanted` by house rule, more than the hem where the quick habit is kept
     */
    public function hems(Face $face, Panel $panel): array
    {
        $hems = [];
        foreach ($this->angledSides($face, $panel) as $edge) {
            if ($edge->allowance->hem > 0.0) {
                $sine = abs($edge->to->u - $edge->from->u) / $edge->from->distanceTo($edge->to);
                $wanted = EdgeAllowance::of($edge->kind, $this->profile->family, $this->vented, $this->rules, $edge->to->u > $edge->from->u)->hem;
                $hems[] = ['kind' => $edge->kind->value, 'hem' => $edge->allowance->hem, 'along' => $edge->allowance->hem / $sine, 'wanted' => $wanted, 'quick' => $wanted - $edge->allowance->hem > Tolerance::SAME_CUT];
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
            if ($this->profile->family->turnsPanUp($side->kind, $this->vented)) {
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
}
