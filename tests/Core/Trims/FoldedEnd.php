<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\TrimRun;

/** The end of a trim bent up from its flat, line after line as the brake does it, and held to the roof by one of its legs. */
final readonly class FoldedEnd
{
    /**
     * @param  Vector  $at  where the edge ends, in plan; and how high
     * @param  Vector  $out  along the edge beyond its end
     * @param  Vector  $way  of a leg, across the flat from the low edge
     * @param  Vector  $colour  out of its colour side
     * @param  int  $leg  that leg, from 0
     * @param  float  $line  across the flat: what lies on the edge's own line when it is laid flat with that leg
     */
    public function __construct(private TrimRun $run, private EndCut $cut, private Vector $at, private Vector $out, private Vector $way, private Vector $colour, private int $leg, private float $line)
    {
    }

    /** @return list<Vector> the corners of its outline in the round */
    public function outline(): array
    {
        return array_map($this->stand(...), $this->cut->outline);
    }

    /** A point of the flat in the round. */
    public function stand(Point $p): Vector
    {
        [$v, $n] = $this->bent($p->v);

        return $this->at->plus($this->out, $this->cut->reach - $p->u)->plus($this->way, $v)->plus($this->colour, $n);
    }

    /** @return array{float, float} a line of the flat when all is bent but the leg it is held by: along that leg from the edge's line, and out of its colour side */
    private function bent(float $v): array
    {
        [$lines, $turns] = $this->bends();
        $hems = $this->run->shape->low instanceof TrimHem ? 1 : 0;
        $held = $this->leg + $hems;
        // From the leg outwards: every bend turns all that lies beyond it.
        $points = [$v, 0.0];
        $strip = count(array_filter($lines, static fn (float $line): bool => $line < $v - 1e-9));
        for ($i = $strip; $i < $held; $i++) {
            $points = self::turned($points, $lines[$i], -$turns[$i]);
        }
        for ($i = $strip - 1; $i >= $held; $i--) {
            $points = self::turned($points, $lines[$i], $turns[$i]);
        }

        return [$points[0] - $this->line, $points[1]];
    }

    /** @return array{list<float>, list<float>} bend lines across the flat, and how far each turns what lies beyond it towards the colour, radians */
    private function bends(): array
    {
        $shape = $this->run->shape;
        $lines = array_column($this->cut->bends, 0);
        $turns = $shape->low === null ? [] : [-M_PI];
        foreach ($this->run->bends as $i => $degrees) {
            $turns[] = deg2rad(180.0 - $degrees) * ($shape->legs[$i]->bend?->isOut === true ? 1.0 : -1.0);
        }
        if ($shape->high !== null) {
            $turns[] = -M_PI;
        }

        return [$lines, $turns];
    }

    /**
     * @param  array{float, float}  $p
     * @return array{float, float}
     */
    private static function turned(array $p, float $line, float $turn): array
    {
        [$v, $n] = [$p[0] - $line, $p[1]];

        return [$line + $v * cos($turn) - $n * sin($turn), $v * sin($turn) + $n * cos($turn)];
    }
}
