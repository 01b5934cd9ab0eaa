<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Cutting\Internal\Bound;
use Imbrex\Core\Cutting\Internal\CardMarks;
use Imbrex\Core\Cutting\Internal\CardSide;
use Imbrex\Core\Cutting\Internal\HeadFold;
use Imbrex\Core\Cutting\Internal\Legs;
use Imbrex\Core\Cutting\Internal\PieceSides;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\LineClipper;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Layout\FaceLoop;
use Imbrex\Core\Layout\FaceSide;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\SideFinder;

/**
 * Draws up the mark-out card of a panel: what to cut, bend and notch, in running distances. The tape is hooked at B
 * along the sheet (at T for a valley piece), and at the kept leg across it.
 */
final class CutCardMaker
{
    /** @var array<string, list<FaceSide>> by face: what the tags of its sheets stand for */
    private array $sides = [];

    /** @var array<int, list<FaceSide>> the same by faces as fitted, which the fits keep */
    private array $fittedSides = [];

    private readonly Profile $profile;

    private readonly RuleSet $rules;

    private readonly LineClipper $clipper;

    private readonly EaveEnd $eaveEnd;

    public function __construct(private readonly Builds $builds, private readonly ?EdgeFits $fits = null)
    {
        $this->profile = $builds->covering->profile;
        $this->rules = $builds->covering->rules;
        $this->clipper = new LineClipper;
        $this->eaveEnd = EaveEnd::of($builds->covering);
    }

    /** Keeps what the cards of a plan's faces have in common. */
    public static function of(Plan $plan): self
    {
        return new self($plan->of(BuildsStage::class), $plan->of(CuttingStage::class)->fits);
    }

    /** The back view, which is the one marked on. */
    public function card(Face $face, Panel $panel): CutCard
    {
        $bounds = $panel->sheet->bounds();
        $metal = (new Region($panel->sheet, $panel->sheetHoles))->moved(-$bounds->left, -$bounds->bottom);
        $piece = $this->sides($face, $panel);
        $ribs = $this->ribs($panel, $bounds->left, $bounds->width());
        $marks = new CardMarks($this->builds->covering);
        $along = $marks->along($piece, $panel);
        $fromHead = $piece->runsFromHead();
        $card = new CutCard(
            panel: $panel->id,
            back: false,
            width: $piece->width,
            length: $piece->length,
            orderLength: $panel->orderLength,
            outline: $metal->outline,
            lines: array_merge(...array_map(fn (Line $line): array => $this->onMetal($metal, $line), $this->lines($piece->all(), $ribs, Legs::of($this->profile, $panel), $piece->width))),
            ribs: $ribs,
            marks: [...($fromHead ? $marks->turnedRound($along, $piece->length) : $along), ...$marks->across($piece, $panel)],
            hookedRight: $marks->hookRight($panel),
            fromHead: $fromHead,
            holes: $metal->holes,
            corrections: $panel->corrections,
            lengths: $piece->lengths($this->profile),
            legs: Legs::of($this->profile, $panel),
        );

        return $card->flipped();
    }

    public function headFold(Face $face, Panel $panel): HeadFold
    {
        return HeadFold::of($this->sides($face, $panel), $face, $this->rules);
    }

    /** The two lengths a panel is marked by, face view; null where it is not made from two. */
    public function lengths(Face $face, Panel $panel): ?TwoLengths
    {
        return $this->sides($face, $panel)->lengths($this->profile);
    }

    /** @return list<FaceSide> sides of the face that end a panel at an angle */
    public function angledSides(Face $face, Panel $panel): array
    {
        $faceSides = $this->sidesOf($face, $panel);
        $angled = [];
        foreach ($this->sides($face, $panel)->sides as $i => $side) {
            $own = $faceSides[$panel->sheet->tag($i)] ?? null;
            if ($own !== null && $own->kind !== EdgeKind::Opening && $side->isAngledEnd()) {
                $angled[] = $own;
            }
        }

        return $angled;
    }

    /** @return list<string> ids of the roof's edges a panel is cut to at an angle */
    public function angledEdges(Roof $roof, Face $face, Panel $panel): array
    {
        $finder = new SideFinder($roof);
        $ids = [];
        foreach ($this->angledSides($face, $panel) as $side) {
            $ids[] = $finder->edge($face, $side->loop, $side->side)?->id;
        }

        return array_values(array_unique(array_filter($ids)));
    }

    /**
     * The hems of a panel's angled ends: how deep they are folded, and what that takes along the rib.
     *
     * @return list<array{kind: string, hem: float, along: float, wanted: float, quick: bool}> inches; `wanted` by house rule, more than the hem where the quick habit is kept
     */
    public function hems(Face $face, Panel $panel): array
    {
        $hems = [];
        foreach ($this->sides($face, $panel)->sides as $side) {
            if ($side->kind !== null && $side->hem > 0.0 && $side->isAngledEnd()) {
                $hems[] = ['kind' => $side->kind->value, 'hem' => $side->hem, 'along' => $side->hemAlong(), 'wanted' => $side->fullHem, 'quick' => $side->fullHem - $side->hem > Tolerance::SAME_CUT];
            }
        }

        return $hems;
    }

    /**
     * Open ends of seams a piece brings to the eave, each counted once: of two legs that make a seam its left one; of equal
     * legs, which are closed each for itself, both.
     */
    public function seamEnds(Face $face, Panel $panel): int
    {
        $both = $this->profile->family->hasEqualLegs();
        $ends = 0;
        $piece = $this->sides($face, $panel);
        foreach ($this->profile->family->isConcealed() ? $piece->sides : [] as $side) {
            if ($side->isNotched()) {
                $ends += ! $panel->cutLeft && $piece->isAtEdge($side->end(true)->u, true) ? 1 : 0;
                $ends += $both && ! $panel->cutRight && $piece->isAtEdge($side->end(false)->u, false) ? 1 : 0;
            }
        }

        return $ends;
    }

    /** @return list<EdgeKind> of the edges a piece lies at, each once */
    public function edgeKinds(Face $face, Panel $panel): array
    {
        $kinds = [];
        foreach ($this->sides($face, $panel)->sides as $side) {
            if ($side->kind !== null) {
                $kinds[$side->kind->value] = $side->kind;
            }
        }

        return array_values($kinds);
    }

    /** Inches a hem is left open for the cleat it hooks; null where the piece hooks none. */
    public function jaw(Face $face, Panel $panel): ?float
    {
        foreach ($this->sides($face, $panel)->sides as $side) {
            if ($side->hem > 0.0 && $side->bound->isEnd() && ! $side->isUpright()) {
                return $this->rules->number('cut.hemJaw');
            }
        }

        return null;
    }

    private function sides(Face $face, Panel $panel): PieceSides
    {
        return PieceSides::of($panel->sheet, $panel->sheetHoles, $this->sidesOf($face, $panel));
    }

    /** @return list<FaceSide> of the face a piece is cut by: where it ends at a taped line, a quick hem is another */
    private function sidesOf(Face $face, Panel $panel): array
    {
        $own = $this->fits?->face($face, $panel->id) ?? $face;
        if ($own !== $face) {
            return $this->fittedSides[spl_object_id($own)] ??= self::sidesAt($own, $this->builds);
        }

        return $this->sides[$face->id] ??= self::sidesAt($face, $this->builds);
    }

    /** @return list<FaceSide> */
    private static function sidesAt(Face $face, Builds $builds): array
    {
        return array_merge(...array_map(static fn (FaceLoop $loop): array => $loop->sides, FaceLoop::of($face, $builds)));
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
    private function lines(array $sides, array $ribs, Legs $legs, float $width): array
    {
        $lines = [];
        foreach ($sides as $side) {
            if ($side->kind === null) {
                continue;
            }
            if ($side->kind !== EdgeKind::Eave || ! $side->isSquare()) {
                $lines[] = new Line(MarkKind::Cut, $side->from, $side->to);
            }
            if ($side->hem > 0.0) {
                $lines[] = $side->inwards($side->hem, MarkKind::Bend);
            }
            if ($side->bound === Bound::Head && $side->turnsPanUp) {
                $lines[] = $side->inwards($this->rules->number('cut.panTurnUp'), MarkKind::Bend);
            }
            // A square foot has its own notches; at any other hemmed end the rib comes off as far as the hem is folded.
            if ($side->hem > 0.0 && ! ($side->isSquare() && $side->isLowEnd()) && ! $side->isUpright() && $this->profile->family->isConcealed()) {
                array_push($lines, ...$this->ribsOff($side, $ribs));
            }
            if ($side->isNotched() && $this->profile->family->isConcealed()) {
                foreach ($ribs as $rib) {
                    $foot = $side->heightAt($rib);
                    $seam = $this->eaveEnd->seam($rib < $width / 2.0 ? $legs->left : $legs->right, $this->profile, $this->rules);
                    $lines[] = new Line(MarkKind::Notch, new Point($rib, $foot), new Point($rib, $foot + $seam->back));
                }
            }
        }

        return $lines;
    }

    /** @return list<Line> a bend as far as there is metal to fold; cuts and notches are at its edges */
    private function onMetal(Region $metal, Line $line): array
    {
        return $line->kind !== MarkKind::Bend ? [$line] : array_map(static fn (array $part): Line => new Line($line->kind, ...$part), $this->clipper->within($metal, $line->from, $line->to));
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
