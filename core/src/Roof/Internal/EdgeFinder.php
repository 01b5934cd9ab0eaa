<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Geometry\Corners;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Roof\EdgeTyper;

/** Finds every edge of faces that lie over one plan, and what each of them ends at. */
final class EdgeFinder
{
    /** Two faces meet where their heights (in) differ by less: far under any joint, over the noise on steep planes. */
    private const SAME_HEIGHT = 0.01;

    /** How far (in) beyond an edge one looks for a wall. */
    private const BEYOND = 0.05;

    private readonly EdgeTyper $typer;

    private readonly Corners $corners;

    /**
     * @param  list<PlanFace>  $faces
     * @param  list<BlockRoof>  $blocks
     */
    public function __construct(private readonly array $faces, private readonly array $blocks)
    {
        $this->typer = new EdgeTyper;
        $this->corners = new Corners;
    }

    /** @return list<list<list<SideRun>>> by face, by loop (the outline, then holes): its sides in order */
    public function find(): array
    {
        $rings = $this->rings();
        $across = $this->across($rings);
        $steps = [];
        foreach ($rings as $face => $loops) {
            $steps[] = array_map(fn (array $ring): array => $this->steps($face, $ring, $across), $loops);
        }

        // A corner that ends a side of one face ends the side of the face across it too.
        return $this->joined($steps, $this->ends($this->joined($steps, [])));
    }

    /**
     * @param  list<list<list<SideRun>>>  $steps
     * @param  array<int, array<int, true>>  $breaks
     * @return list<list<list<SideRun>>>
     */
    private function joined(array $steps, array $breaks): array
    {
        return array_map(fn (array $loops): array => array_map(fn (array $ring): array => $this->sides($ring, $breaks), $loops), $steps);
    }

    /**
     * @param  list<list<list<SideRun>>>  $found
     * @return array<int, array<int, true>> corners that end a side, by face
     */
    private function ends(array $found): array
    {
        $ends = [];
        foreach ($found as $face => $loops) {
            foreach (array_merge(...$loops) as $side) {
                $ends[$face][$side->from] = true;
                $ends[$face][$side->to] = true;
            }
        }

        return $ends;
    }

    public function corner(int $number): Point
    {
        return $this->corners->point($number);
    }

    /** @return list<list<list<int>>> corner numbers of every loop, with all corners that lie on its sides */
    private function rings(): array
    {
        $plain = array_map(
            fn (PlanFace $face): array => array_map(
                fn ($loop): array => array_map($this->corners->numberOf(...), $loop->corners),
                $face->plan->loops(),
            ),
            $this->faces,
        );
        $rings = [];
        foreach ($plain as $loops) {
            $rings[] = array_map(function (array $loop): array {
                $ring = [];
                foreach ($loop as $i => $from) {
                    $to = $loop[($i + 1) % count($loop)];
                    array_push($ring, ...array_slice($from === $to ? [$from] : $this->corners->along($from, $to), 0, -1));
                }

                return $ring;
            }, $loops);
        }

        return $rings;
    }

    /**
     * @param  list<list<list<int>>>  $rings
     * @return array<string, list<int>> faces by the step "from>to" of their loops
     */
    private function across(array $rings): array
    {
        $across = [];
        foreach ($rings as $face => $loops) {
            foreach ($loops as $ring) {
                foreach ($ring as $i => $from) {
                    $across[$from.'>'.$ring[($i + 1) % count($ring)]][] = $face;
                }
            }
        }

        return $across;
    }

    /**
     * @param  list<int>  $ring
     * @param  array<string, list<int>>  $across
     * @return list<SideRun> from each corner to the next
     */
    private function steps(int $face, array $ring, array $across): array
    {
        $steps = [];
        foreach ($ring as $i => $from) {
            $steps[] = $this->step($face, $from, $ring[($i + 1) % count($ring)], $across);
        }

        return $steps;
    }

    /**
     * Steps in one line that end at the same thing are one side.
     *
     * @param  list<SideRun>  $steps
     * @param  array<int, array<int, true>>  $breaks
     * @return list<SideRun>
     */
    private function sides(array $steps, array $breaks): array
    {
        $goesOn = fn (SideRun $run, SideRun $next): bool => $this->goesOn($run, $next) && ! isset($breaks[$run->other ?? -1][$run->to]);
        $sides = [];
        foreach ($steps as $step) {
            $last = $sides[count($sides) - 1] ?? null;
            if ($last !== null && $goesOn($last, $step)) {
                array_pop($sides);
                $step = $last->extendedTo($step->to);
            }
            $sides[] = $step;
        }
        if (count($sides) > 1 && $goesOn($sides[count($sides) - 1], $sides[0])) {
            $sides[0] = array_pop($sides)->extendedTo($sides[0]->to);
        }

        return $sides;
    }

    private function goesOn(SideRun $run, SideRun $next): bool
    {
        if (! $run->endsLike($next)) {
            return false;
        }
        [$a, $b, $c] = [$this->corner($run->from), $this->corner($run->to), $this->corner($next->to)];
        $off = (($b->u - $a->u) * ($c->v - $a->v) - ($b->v - $a->v) * ($c->u - $a->u)) / max($a->distanceTo($c), Tolerance::LENGTH);

        return abs($off) < Tolerance::ON_LINE && ($b->u - $a->u) * ($c->u - $b->u) + ($b->v - $a->v) * ($c->v - $b->v) > 0.0;
    }

    /** @param  array<string, list<int>>  $across */
    private function step(int $face, int $from, int $to, array $across): SideRun
    {
        [$a, $b] = [$this->corner($from), $this->corner($to)];
        $plane = $this->faces[$face]->plane;
        foreach ($across["$to>$from"] ?? [] as $other) {
            if ($other !== $face && $this->meets($face, $other, $a, $b)) {
                return new SideRun($from, $to, $this->typer->between($plane, $this->faces[$other]->plane, $a, $b), $other);
            }
        }
        $middle = new Point(($a->u + $b->u) / 2.0, ($a->v + $b->v) / 2.0);
        foreach ($this->faces as $other => $one) {
            if ($other !== $face && $this->meets($face, $other, $a, $b) && $one->plan->contains($middle)) {
                return new SideRun($from, $to, $this->typer->between($plane, $one->plane, $a, $b), $other, true);
            }
        }
        $length = $a->distanceTo($b);
        $beyond = new Point($middle->u + ($b->v - $a->v) / $length * self::BEYOND, $middle->v - ($b->u - $a->u) / $length * self::BEYOND);
        $wall = $this->wallAt($beyond, $plane->at($beyond));
        if ($wall !== null) {
            return new SideRun($from, $to, $this->typer->wall($plane, $a, $b), wall: $wall, isFascia: ! $this->blocks[$wall]->hasWithinWalls($beyond));
        }

        return new SideRun($from, $to, $this->typer->open($plane, $a, $b));
    }

    private function meets(int $face, int $other, Point $a, Point $b): bool
    {
        $one = $this->faces[$face]->plane;
        $two = $this->faces[$other]->plane;

        return abs($one->at($a) - $two->at($a)) < self::SAME_HEIGHT && abs($one->at($b) - $two->at($b)) < self::SAME_HEIGHT;
    }

    /** The block whose wall, or else whose fascia, stands higher at a point; by its number. */
    private function wallAt(Point $point, float $height): ?int
    {
        $fascia = null;
        foreach ($this->blocks as $number => $roof) {
            if ($roof->covers($point) && $roof->at($point) > $height + self::BEYOND) {
                if ($roof->hasWithinWalls($point)) {
                    return $number;
                }
                $fascia ??= $number;
            }
        }

        return $fascia;
    }
}
