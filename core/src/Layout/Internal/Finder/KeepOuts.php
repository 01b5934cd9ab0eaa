<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Layout\Internal\MovedEdge;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;

/** Where on a face no seam should run: beside curbs, under boots, at valley points, beside walls, and so near a tip that it cannot hold. */
final readonly class KeepOuts
{
    private RuleSet $rules;

    public function __construct(private Covering $covering)
    {
        $this->rules = $covering->rules;
    }

    /** @return list<KeepOut> */
    public function on(Face $face, MovedFace $metal): array
    {
        $outs = [];
        foreach ($face->openings as $opening) {
            array_push($outs, ...match (true) {
                $opening->kind === OpeningKind::Pipe => [$this->pipe($opening)],
                // Side panels cover corrugations far enough that a seam may fall anywhere beside a skylight.
                $opening->kind === OpeningKind::Skylight && $this->covering->profile->family === Family::Corrugated => [],
                default => $this->sides($opening),
            });
        }

        return [...$outs, ...$this->valleyPoints($face), ...$this->walls($metal), ...$this->tips($metal)];
    }

    /**
     * Where two valleys meet at a point, or one ends at a ridge.
     *
     * @return list<float> u, from the left
     */
    public static function valleyPointsOf(Face $face): array
    {
        $points = [];
        foreach ($face->region()->loops() as $number => $loop) {
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                if ($kind === EdgeKind::Valley) {
                    [$a, $b] = [$loop->corner($side), $loop->corner($side + 1)];
                    // One that runs level has no upper end.
                    if (abs($a->v - $b->v) < Tolerance::ON_LINE) {
                        continue;
                    }
                    $u = $a->v > $b->v ? $a->u : $b->u;
                    $points[sprintf('%.3f', $u)] = $u;
                }
            }
        }
        sort($points);

        return $points;
    }

    /** A boot wants its base and a little more on flat pan. */
    private function pipe(Opening $pipe): KeepOut
    {
        $half = $pipe->width() / 2.0 + $this->rules->number('opening.bootFlange') + $this->rules->number('opening.bootClear');
        $at = $pipe->centre()->u;

        return new KeepOut('pipe', $pipe->name, $at - $half, $at + $half, $at, $half);
    }

    /** @return list<KeepOut> */
    private function sides(Opening $opening): array
    {
        $flat = $this->rules->number('opening.flatBeside');
        $corner = $this->rules->number('opening.cornerClear');
        $bounds = $opening->outline->bounds();

        return [
            new KeepOut('beside', $opening->name, $bounds->left - $flat, $bounds->left + $corner, $bounds->left, $flat),
            new KeepOut('beside', $opening->name, $bounds->right - $corner, $bounds->right + $flat, $bounds->right, $flat),
        ];
    }

    /** @return list<KeepOut> */
    private function valleyPoints(Face $face): array
    {
        $clear = $this->rules->number('layout.valleyPointClear');

        return $clear <= 0.0 ? [] : array_map(static fn (float $u): KeepOut => new KeepOut('valley-point', '', $u - $clear, $u + $clear, $u, $clear), self::valleyPointsOf($face));
    }

    /**
     * Beside rakes and walls within the face: a seam a little short of one leaves a slit of a panel, one just past it
     * stands in the turn-up.
     *
     * @return list<KeepOut>
     */
    private function walls(MovedFace $metal): array
    {
        $clear = $this->rules->number('layout.wallClear');
        $span = $metal->span();
        $outs = [];
        foreach ($clear > 0.0 ? $metal->edges() : [] as $edge) {
            $isEnd = $edge->isLeftSide() ? $edge->left() < $span->left + Tolerance::ON_LINE : $edge->right() > $span->right - Tolerance::ON_LINE;
            if (! $edge->side->isBeside() || $isEnd) {
                continue;
            }
            $hem = $edge->side->allowance->hem;
            if ($edge->side->kind === EdgeKind::CrossEnd) {
                $outs[] = $this->besideZee($edge, $clear);

                continue;
            }
            $outs[] = $edge->isLeftSide()
                ? new KeepOut('wall', '', $edge->left() - $hem, $edge->right() + $clear, $edge->left(), $clear)
                : new KeepOut('wall', '', $edge->left() - $clear, $edge->right() + $hem, $edge->right(), $clear);
        }

        return $outs;
    }

    /** Outboard of a side zee water from panels laid sideways runs down: it wants flat pan, and none of the seams stands under it. */
    private function besideZee(MovedEdge $edge, float $clear): KeepOut
    {
        $under = $edge->side->allowance->offset;
        $flat = $clear + $this->rules->number('opening.crossFlat');

        return $edge->isLeftSide()
            ? new KeepOut('side-zee', '', $edge->left(), $edge->left() + $under + $flat, $edge->left() + $under, $flat)
            : new KeepOut('side-zee', '', $edge->right() - $under - $flat, $edge->right(), $edge->right() - $under, $flat);
    }

    /**
     * Corners where the metal runs out sideways to a point: at hips and valleys, not beside a rake.
     *
     * @return list<KeepOut>
     */
    private function tips(MovedFace $metal): array
    {
        $least = $this->rules->number('cut.leastTip');
        $outs = [];
        foreach ($metal->regions as $region) {
            $n = count($region->outline->corners);
            foreach ($region->outline->corners as $i => $corner) {
                [$before, $after] = [$region->outline->corner($i + $n - 1), $region->outline->corner($i + 1)];
                // Counter-clockwise: a corner that juts out to the left is come to from above, one to the right from below.
                $convex = ($corner->u - $before->u) * ($after->v - $corner->v) - ($corner->v - $before->v) * ($after->u - $corner->u) > 0.0;
                if ($convex && min($before->u, $after->u) > $corner->u + Tolerance::ON_LINE) {
                    $outs[] = new KeepOut('tip', '', $corner->u, $corner->u + $least, $corner->u, $least);
                } elseif ($convex && max($before->u, $after->u) < $corner->u - Tolerance::ON_LINE) {
                    $outs[] = new KeepOut('tip', '', $corner->u - $least, $corner->u, $corner->u, $least);
                }
            }
        }

        return $outs;
    }
}
