<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\Roof;

/** Says which openings stand where none can: over each other, larger than their face, in a valley. */
final readonly class OpeningChecker
{
    /** Smaller (sq in) it is nothing. */
    private const LEAST = 1e-6;

    /** Share of an opening that may lie over an edge without standing in it. */
    private const TOUCHES = 0.01;

    public function __construct(private RuleSet $rules)
    {
    }

    /** @return list<Finding> */
    public function check(Roof $roof): array
    {
        $findings = [];
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $i => $opening) {
                array_push($findings, ...$this->large($face, $opening), ...$this->valley($face, $opening), ...$this->edge($face, $opening));
                foreach (array_slice($face->openings, $i + 1) as $other) {
                    if ($this->overlap($opening, $other)) {
                        $findings[] = Finding::settle('roof.opening-over', $face->id, ['opening' => $opening->name, 'other' => $other->name]);
                    }
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function large(Face $face, Opening $opening): array
    {
        [$own, $of] = [$opening->outline->bounds(), $face->outline->bounds()];

        return $own->width() < $of->width() && $own->height() < $of->height() ? [] : [Finding::settle('roof.opening-large', $face->id, [
            'opening' => $opening->name, 'face' => $face->name, 'width' => Length::ofInches($own->width()), 'height' => Length::ofInches($own->height()),
        ])];
    }

    /** @return list<Finding> a boot has no flat to lie on there, and all of the valley's water on it */
    private function valley(Face $face, Opening $opening): array
    {
        if ($opening->kind !== OpeningKind::Pipe) {
            return [];
        }
        $wants = $opening->width() / 2.0 + $this->rules->number('opening.offValley');
        foreach ($face->edges as $side => $kind) {
            $off = $kind === EdgeKind::Valley ? $opening->centre()->distanceToLine($face->outline->corner($side), $face->outline->corner($side + 1)) : INF;
            if ($off < $wants) {
                return [Finding::settle('roof.opening-valley', $face->id, ['opening' => $opening->name, 'off' => Length::ofInches($off), 'wants' => Length::ofInches($wants)])];
            }
        }

        return [];
    }

    /**
     * At a ridge a chimney may stand over it, and is flashed on both sides; over any other edge it was placed wrong.
     *
     * @return list<Finding>
     */
    private function edge(Face $face, Opening $opening): array
    {
        if ($opening->outline->area() < self::LEAST) {
            return [];
        }
        foreach ($face->region()->loops() as $number => $loop) {
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                [$from, $to] = [$loop->corner($side), $loop->corner($side + 1)];
                if (! $this->crosses($opening, $from, $to) || $kind === EdgeKind::Opening || $kind === EdgeKind::CrossEnd) {
                    continue;
                }
                $over = max([0.0, ...array_map(static fn (Point $corner): float => (($to->v - $from->v) * ($corner->u - $from->u) - ($to->u - $from->u) * ($corner->v - $from->v)) / max(1e-9, $from->distanceTo($to)), $opening->outline->corners)]);
                $parameters = ['opening' => $opening->name, 'face' => $face->name, 'edge' => $kind->value, 'over' => Length::ofInches($over)];

                return [$kind === EdgeKind::Ridge ? Finding::note('roof.opening-ridge', $face->id, $parameters) : Finding::settle('roof.opening-edge', $face->id, $parameters)];
            }
        }

        return [];
    }

    /** Whether an edge runs through an opening, and not along it. */
    private function crosses(Opening $opening, Point $from, Point $to): bool
    {
        $middle = $opening->centre();
        // A little smaller: what only touches stands beside.
        $corners = array_map(static fn (Point $corner): Point => new Point($corner->u + self::TOUCHES * ($middle->u - $corner->u), $corner->v + self::TOUCHES * ($middle->v - $corner->v)), $opening->outline->corners);
        $side = static fn (Point $a, Point $b, Point $p): float => ($b->u - $a->u) * ($p->v - $a->v) - ($b->v - $a->v) * ($p->u - $a->u);
        foreach ($corners as $i => $a) {
            $b = $corners[($i + 1) % count($corners)];
            if ($side($from, $to, $a) * $side($from, $to, $b) < 0.0 && $side($a, $b, $from) * $side($a, $b, $to) < 0.0) {
                return true;
            }
        }

        return false;
    }

    private function overlap(Opening $one, Opening $other): bool
    {
        if (! $one->outline->bounds()->meets($other->outline->bounds())) {
            return false;
        }
        foreach ([[$one, $other], [$other, $one]] as [$a, $b]) {
            foreach ([$a->outline->insidePoint(), ...$a->outline->corners] as $place) {
                // What only touches does not overlap.
                $middle = $a->centre();
                if ($b->outline->contains(new Point($place->u + 0.01 * ($middle->u - $place->u), $place->v + 0.01 * ($middle->v - $place->v)))) {
                    return true;
                }
            }
        }

        return false;
    }
}
