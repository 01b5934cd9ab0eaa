<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** The parts of a straight line that lie in a region. */
final readonly class LineClipper
{
    /** @return list<array{Point, Point}> from the line's beginning to its end; none where it lies outside */
    public function within(Region $region, Point $from, Point $to): array
    {
        $shares = [0.0, 1.0];
        foreach ($region->loops() as $loop) {
            foreach ($loop->corners as $i => $corner) {
                $share = $this->crossing($from, $to, $corner, $loop->corner($i + 1));
                if ($share !== null) {
                    $shares[] = $share;
                }
            }
        }
        sort($shares);
        $at = static fn (float $share): Point => new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v));
        $parts = [];
        $length = $from->distanceTo($to);
        foreach (array_slice($shares, 1) as $i => $share) {
            if (($share - $shares[$i]) * $length > Tolerance::LENGTH && $region->contains($at(($share + $shares[$i]) / 2.0))) {
                $parts[] = [$shares[$i], $share];
            }
        }

        return array_map(static fn (array $part): array => [$at($part[0]), $at($part[1])], $this->joined($parts));
    }

    /** Where along from → to the line meets a side, between 0 and 1; null where it does not, or runs along it. */
    private function crossing(Point $from, Point $to, Point $a, Point $b): ?float
    {
        [$du, $dv, $su, $sv] = [$to->u - $from->u, $to->v - $from->v, $b->u - $a->u, $b->v - $a->v];
        $turn = $du * $sv - $dv * $su;
        if (abs($turn) < Tolerance::PARALLEL) {
            return null;
        }
        $share = (($a->u - $from->u) * $sv - ($a->v - $from->v) * $su) / $turn;
        $along = (($a->u - $from->u) * $dv - ($a->v - $from->v) * $du) / $turn;

        return $share > 0.0 && $share < 1.0 && $along >= 0.0 && $along <= 1.0 ? $share : null;
    }

    /**
     * Parts that touch are one.
     *
     * @param  list<array{float, float}>  $parts  in order
     * @return list<array{float, float}>
     */
    private function joined(array $parts): array
    {
        $joined = [];
        foreach ($parts as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $joined[$last][1] === $from) {
                $joined[$last][1] = $to;
            } else {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }
}
