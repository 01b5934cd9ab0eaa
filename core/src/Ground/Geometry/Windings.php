<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** How often loops run round a point. Of many sides it looks at those on the point's level only. */
final readonly class Windings
{
    /** Under so many sides looking at all of them is quicker than sorting them. */
    private const FEW = 48;

    private float $low;

    /** How high (in) a band of levels is. */
    private float $band;

    /** @var array<int, list<array{Point, Point}>> by band: the sides that reach into it; one band where there are few */
    private array $bands;

    /** @param  list<Polygon>  $loops */
    public function __construct(array $loops)
    {
        $sides = [];
        [$low, $high] = [INF, -INF];
        foreach ($loops as $loop) {
            foreach ($loop->corners as $i => $from) {
                $sides[] = [$from, $loop->corner($i + 1)];
                $low = $from->v < $low ? $from->v : $low;
                $high = $from->v > $high ? $from->v : $high;
            }
        }
        $few = count($sides) < self::FEW || $high - $low < Tolerance::LENGTH;
        $this->low = $low;
        $this->band = $few ? INF : ($high - $low) / count($sides);
        $bands = [];
        foreach ($sides as $side) {
            $last = $this->number(max($side[0]->v, $side[1]->v));
            for ($k = $this->number(min($side[0]->v, $side[1]->v)); $k <= $last; $k++) {
                $bands[$k][] = $side;
            }
        }
        $this->bands = $bands;
    }

    /** Times, counter-clockwise; negative the other way round. */
    public function at(Point $point): int
    {
        $turns = 0;
        foreach ($this->bands[$this->number($point->v)] ?? [] as [$a, $b]) {
            if ($a->v <= $point->v) {
                if ($b->v > $point->v && ($b->u - $a->u) * ($point->v - $a->v) - ($point->u - $a->u) * ($b->v - $a->v) > 0.0) {
                    $turns++;
                }
            } elseif ($b->v <= $point->v && ($b->u - $a->u) * ($point->v - $a->v) - ($point->u - $a->u) * ($b->v - $a->v) < 0.0) {
                $turns--;
            }
        }

        return $turns;
    }

    private function number(float $v): int
    {
        return $this->band === INF ? 0 : (int) floor(($v - $this->low) / $this->band);
    }
}
