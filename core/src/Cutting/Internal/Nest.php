<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;

/**
 * A panel's blank as it lies on its sheet, ready to be laid against another: x from the sheet's left edge, y from B,
 * inches. Legs stay where they are formed, so two blanks share a sheet only with their legs on the same sides.
 */
final readonly class Nest
{
    /** Two cuts are one when they are parallel to this (in) over the sheet's width. */
    private const PARALLEL = 1.0 / 32.0;

    /** @var list<array{float, float}> corners of the head as x and height, from the left */
    private array $heads;

    /** @var list<array{float, float}> of the foot */
    private array $feet;

    /**
     * @param  float|null  $headSlope  of the angled part of its head, rise up the sheet per inch across; null where square
     * @param  float|null  $footSlope  the same of its foot
     */
    private function __construct(public Panel $panel, public Polygon $outline, public float $width, public float $height, public ?float $headSlope, public ?float $footSlope)
    {
        $this->heads = $this->line(true);
        $this->feet = $this->line(false);
    }

    /** Null for a panel that shares no sheet: square, ripped, notched, or cut at more than one angle at one end. */
    public static function of(Panel $panel, Profile $profile): ?self
    {
        if ($panel->cutLeft || $panel->cutRight || $panel->isNotched()) {
            return null;
        }
        $bounds = $panel->sheet->bounds();
        $outline = $panel->sheet->moved($profile->leftMetal - $panel->strip->moduleLeft, -$bounds->bottom);
        $slopes = ['head' => [], 'foot' => []];
        foreach ($outline->corners as $i => $from) {
            $to = $outline->corner($i + 1);
            $across = $to->u - $from->u;
            if (abs($across) > Tolerance::SAME_CUT && abs($to->v - $from->v) > Tolerance::SAME_CUT) {
                // Metal lies to the left: a side that runs to the right is the foot.
                $slopes[$across > 0.0 ? 'foot' : 'head'][] = ($to->v - $from->v) / $across;
            }
        }
        if (count($slopes['head']) > 1 || count($slopes['foot']) > 1 || $slopes === ['head' => [], 'foot' => []]) {
            return null;
        }

        return new self($panel, $outline, $profile->outToOut(), $bounds->height(), $slopes['head'][0] ?? null, $slopes['foot'][0] ?? null);
    }

    /** The same blank with the sheet turned end for end. */
    public function turned(): self
    {
        $corners = array_map(fn (Point $p): Point => new Point($this->width - $p->u, $this->height - $p->v), $this->outline->corners);

        return new self($this->panel, Polygon::sound($corners), $this->width, $this->height, $this->footSlope, $this->headSlope);
    }

    /** What its head looks like from its own top down: blanks with one shape lie alike under any other. */
    public function headShape(): string
    {
        return $this->shape($this->heads, $this->height);
    }

    /** What its foot looks like from B up. */
    public function footShape(): string
    {
        return $this->shape($this->feet, 0.0);
    }

    /** @param  list<array{float, float}>  $line */
    private function shape(array $line, float $from): string
    {
        return implode(' ', array_map(static fn (array $p): string => Tolerance::step($p[0]).','.Tolerance::step($p[1] - $from), $line));
    }

    /** Whether the cut that makes this one's head also makes the other's foot. */
    public function fitsUnder(self $upper): bool
    {
        return $this->headSlope !== null && $upper->footSlope !== null && abs($this->headSlope - $upper->footSlope) * $this->width < self::PARALLEL;
    }

    /**
     * How far up the sheet the other blank begins when it is pushed down onto this one, a kerf apart.
     *
     * @param  float  $kerf  inches square to the cut
     */
    public function under(self $upper, float $kerf): float
    {
        $along = $kerf * hypot(1.0, $this->headSlope ?? 0.0);
        [$heads, $feet] = [$this->heads, $upper->feet];
        $up = 0.0;
        // Both are made of straight pieces, so the tightest place is at a corner of one of them.
        foreach ($heads as [$x, $v]) {
            $foot = self::level($feet, $x);
            $up = $foot === null ? $up : max($up, $v - $foot + $along);
        }
        foreach ($feet as [$x, $v]) {
            $head = self::level($heads, $x);
            $up = $head === null ? $up : max($up, $head - $v + $along);
        }

        return $up;
    }

    /** @return list<array{float, float}> */
    private function line(bool $head): array
    {
        $corners = [];
        $n = count($this->outline->corners);
        foreach ($this->outline->corners as $i => $corner) {
            $next = $this->outline->corner($i + 1);
            $before = $this->outline->corner($i + $n - 1);
            // Counter-clockwise: the head runs to the left, the foot to the right.
            $in = $head ? $corner->u < $before->u - Tolerance::LENGTH : $corner->u > $before->u + Tolerance::LENGTH;
            $out = $head ? $next->u < $corner->u - Tolerance::LENGTH : $next->u > $corner->u + Tolerance::LENGTH;
            if ($in || $out) {
                $corners[] = [$corner->u, $corner->v];
            }
        }
        usort($corners, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $corners;
    }

    /**
     * @param  list<array{float, float}>  $line
     * @return float|null height at x; null where the line does not reach
     */
    private static function level(array $line, float $x): ?float
    {
        foreach ($line as $i => [$to, $v]) {
            if ($i > 0 && $x >= $line[$i - 1][0] - Tolerance::LENGTH && $x <= $to + Tolerance::LENGTH) {
                [$from, $low] = $line[$i - 1];

                return $low + ($x - $from) / ($to - $from) * ($v - $low);
            }
        }

        return null;
    }
}
