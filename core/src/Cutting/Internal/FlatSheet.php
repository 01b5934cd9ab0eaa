<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\LegReturns;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Geometry\Untangler;

/**
 * A panel's sheet unfolded to the coil it is formed from: its legs laid flat beside the pan. Where a profile does not
 * say how its legs are folded, the sheet stays as wide as it is formed. Frame: x from the coil's left edge looking
 * up-slope, face up, y up the slope as on the face; inches.
 */
final readonly class FlatSheet
{
    /** u of the module lines, where the legs stand. */
    private float $left;

    private float $right;

    /** Added to u in the pan; a leg's height less beyond the left module line, and more beyond the right one. */
    private float $pan;

    /** A leg that is ripped off the whole piece leaves a flat end, which may be turned up beyond the module line. */
    private bool $hasLeft;

    private bool $hasRight;

    public function __construct(private Profile $profile, private Panel $panel)
    {
        $this->left = $panel->strip->moduleLeft;
        $this->right = $this->left + $profile->cover;
        $returns = $profile->legReturns;
        $this->pan = $profile->leftMetal - $this->left + ($returns === null ? 0.0 : $returns->left + $profile->height);
        $this->hasLeft = $returns !== null && $this->stands(true);
        $this->hasRight = $returns !== null && $this->stands(false);
    }

    /** Whether its legs are known laid flat. */
    public function isFlat(): bool
    {
        return $this->profile->legReturns !== null;
    }

    /** Width of what it is cut from: the coil, or the formed sheet. */
    public function width(): float
    {
        return $this->isFlat() ? $this->profile->coil : $this->profile->outToOut();
    }

    /** Square inches of coil the panel keeps; where its legs are not known laid flat, they are spread over the width. */
    public function area(): float
    {
        $area = $this->whole() ?? abs($this->loop($this->panel->sheet)->area());
        foreach ($this->panel->sheetHoles as $hole) {
            $area -= abs($hole->area());
        }

        return $this->isFlat() ? $area : $area * $this->profile->coil / $this->profile->outToOut();
    }

    /** Square inches of a sheet cut square across, with all it was formed with: most are, and need no unfolding; null of any other. */
    private function whole(): ?float
    {
        $bounds = $this->panel->sheet->bounds();
        $isSquare = count($this->panel->sheet->corners) === 4 && abs($this->panel->sheet->area() - $bounds->width() * $bounds->height()) < Tolerance::AREA;
        if (! $isSquare || ! $this->hasLeft || ! $this->hasRight) {
            return null;
        }

        return $this->width() * $bounds->height();
    }

    /** A loop of the sheet (face coordinates) laid flat. */
    public function loop(Polygon $loop): Polygon
    {
        $corners = [];
        foreach ($loop->corners as $i => $from) {
            array_push($corners, ...$this->side($from, $loop->corner($i + 1), $loop->tag($i)));
        }

        $flat = Polygon::sound($corners)->withoutFlatCorners();

        return $this->turnsUpBesideALeg() ? $this->onceOver($flat) : $flat;
    }

    /** Whether the sheet is turned up beyond a module line where it has a leg further up or down. */
    private function turnsUpBesideALeg(): bool
    {
        $bounds = $this->panel->sheet->bounds();

        return ($this->hasLeft && $bounds->left < $this->left - $this->profile->leftMetal - Tolerance::ON_LINE)
            || ($this->hasRight && $bounds->right > $this->right + $this->profile->rightMetal + Tolerance::ON_LINE);
    }

    /** Where the tip of a turn-up would lie on the leg it ends at, the metal is there once. */
    private function onceOver(Polygon $flat): Polygon
    {
        $regions = (new Untangler)->untangle([$flat]);
        usort($regions, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());

        return $regions[0]->outline ?? $flat;
    }

    /** @return array{Point, Point}|null a line of the sheet (face coordinates) as far as it lies between the legs: there an end is folded */
    public function inPan(Point $from, Point $to): ?array
    {
        foreach ($this->parted($from, $to) as $piece) {
            $middle = ($piece[0]->u + $piece[1]->u) / 2.0;
            if ($this->added($middle, 0.0) === $this->pan) {
                return array_map(fn (Point $p): Point => new Point($p->u + $this->pan, $p->v), $piece);
            }
        }

        return null;
    }

    /** @return list<array{Point, Point}> where its legs are folded, along the length each leg has */
    public function bends(): array
    {
        $returns = $this->profile->legReturns ?? new LegReturns(0.0, 0.0);
        $foldedAt = [
            ...($this->hasLeft ? [$returns->left, $returns->left + $this->profile->leftMetal, $this->left + $this->pan] : []),
            ...($this->hasRight ? [$this->right + $this->pan, $this->width() - $returns->right - $this->profile->rightMetal, $this->width() - $returns->right] : []),
        ];
        $across = $this->loop($this->panel->sheet)->transposed();
        $bends = [];
        foreach (array_unique($foldedAt) as $x) {
            if ($x < Tolerance::LENGTH || $x > $this->width() - Tolerance::LENGTH) {
                continue;
            }
            // Just beside the line, on the leg's side: on it there are corners.
            $ends = $across->crossingsAt($x + ($x < $this->width() / 2.0 ? -Tolerance::LENGTH : Tolerance::LENGTH));
            for ($i = 0; $i + 1 < count($ends); $i += 2) {
                $bends[] = [new Point($x, $ends[$i]), new Point($x, $ends[$i + 1])];
            }
        }

        return $bends;
    }

    /**
     * The notch of a seam that is cut back from an end: along the leg's bend, then across the leg.
     *
     * @return array{Point, Point, Point}|null null where no leg stands
     */
    public function notch(Point $foot, Point $back): ?array
    {
        $isLeft = self::isAt($foot->u, $this->left);
        if (! $this->isFlat() || ! ($isLeft ? $this->hasLeft : $this->hasRight && self::isAt($foot->u, $this->right))) {
            return null;
        }
        $bend = $foot->u + $this->pan;

        return [new Point($bend, $foot->v), new Point($bend, $back->v), new Point($isLeft ? 0.0 : $this->width(), $back->v)];
    }

    /** Whether the sheet keeps a leg there: a side as it came from the machine. */
    private function stands(bool $left): bool
    {
        foreach ($this->panel->sheet->corners as $i => $from) {
            if ($this->isFormed($from, $this->panel->sheet->corner($i + 1), $this->panel->sheet->tag($i)) && ($from->u < ($this->left + $this->right) / 2.0) === $left) {
                return true;
            }
        }

        return false;
    }

    /** Whether a side is the edge the metal came with. */
    private function isFormed(Point $from, Point $to, int $tag): bool
    {
        $edge = $from->u < ($this->left + $this->right) / 2.0 ? $this->left - $this->profile->leftMetal : $this->right + $this->profile->rightMetal;

        return $tag === Polygon::CUT && self::isAt($from->u, $edge) && self::isAt($to->u, $edge);
    }

    private static function isAt(float $u, float $line): bool
    {
        return abs($u - $line) < Tolerance::ON_LINE;
    }

    /** @return list<Point> one side laid flat, from where it begins to where it ends */
    private function side(Point $from, Point $to, int $tag): array
    {
        if ($this->isFlat() && $this->isFormed($from, $to, $tag)) {
            $x = $from->u < ($this->left + $this->right) / 2.0 ? 0.0 : $this->width();

            return [new Point($x, $from->v), new Point($x, $to->v)];
        }
        // An upright side has its metal to the left of where it runs.
        $inwards = $to->v < $from->v ? Tolerance::ON_LINE : -Tolerance::ON_LINE;
        $points = [];
        foreach ($this->parted($from, $to) as [$a, $b]) {
            $added = $this->added(($a->u + $b->u) / 2.0, self::isAt($a->u, $b->u) ? $inwards : 0.0);
            array_push($points, new Point($a->u + $added, $a->v), new Point($b->u + $added, $b->v));
        }

        return $points;
    }

    /** What is added to u there to lie flat. */
    private function added(float $u, float $inwards): float
    {
        return match (true) {
            $this->hasLeft && $u + $inwards < $this->left && $u + $inwards > $this->left - $this->profile->leftMetal => $this->pan - $this->profile->height,
            $this->hasRight && $u + $inwards > $this->right && $u + $inwards < $this->right + $this->profile->rightMetal => $this->pan + $this->profile->height,
            // Farther out than a leg reaches lies what is turned up where the piece has none.
            default => $this->pan,
        };
    }

    /** @return non-empty-list<array{Point, Point}> the parts of a line between the legs and beyond them */
    private function parted(Point $from, Point $to): array
    {
        $cuts = [];
        $lines = [
            ...($this->hasLeft ? [$this->left, $this->left - $this->profile->leftMetal] : []),
            ...($this->hasRight ? [$this->right, $this->right + $this->profile->rightMetal] : []),
        ];
        foreach (self::isAt($from->u, $to->u) ? [] : $lines as $u) {
            $share = ($u - $from->u) / ($to->u - $from->u);
            if ($share > 0.0 && $share < 1.0 && ! self::isAt($from->u, $u) && ! self::isAt($to->u, $u)) {
                $cuts[] = $share;
            }
        }
        sort($cuts);
        $pieces = [];
        $begin = $from;
        foreach ($cuts as $share) {
            $at = new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v));
            $pieces[] = [$begin, $at];
            $begin = $at;
        }
        $pieces[] = [$begin, $to];

        return $pieces;
    }
}
