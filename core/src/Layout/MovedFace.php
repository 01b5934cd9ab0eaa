<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Bounds;
use Imbrex\Core\Geometry\EdgeMover;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Geometry\Untangler;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/** A face with every edge moved by what its detail asks of the metal; face coordinates, inches. */
final readonly class MovedFace
{
    /**
     * @param  list<Region>  $regions  none where moving leaves nothing, several where a narrow waist parts
     * @param  list<Polygon>  $loops  of the face with every side moved, tangled as they may be
     * @param  list<list<EdgeAllowance>>  $allowances of side i of each loop of the face
     */
    private function __construct(public array $regions, private array $loops, private Face $face, private array $allowances)
    {
    }

    /** Edges moved by their offsets: what metal covers. */
    public static function metal(Face $face, Profile $profile, bool $vented, RuleSet $rules): self
    {
        return self::moved($face, $profile, $vented, $rules, 0.0);
    }

    /** Edges moved by offset and hem: what metal is cut from. */
    public static function blank(Face $face, Profile $profile, bool $vented, RuleSet $rules): self
    {
        return self::moved($face, $profile, $vented, $rules, 1.0);
    }

    private static function moved(Face $face, Profile $profile, bool $vented, RuleSet $rules, float $hems): self
    {
        $mover = new EdgeMover;
        $loops = [];
        $allowances = [];
        $outward = [];
        foreach ($face->region()->loops() as $number => $loop) {
            $own = [];
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                // Metal lies to the left of a side, so one that runs to the right is at the panels' low end.
                $own[] = EdgeAllowance::of($kind, $profile->family, $vented, $rules, $loop->corner($side + 1)->u > $loop->corner($side)->u);
            }
            $outward[$number] = array_map(static fn (EdgeAllowance $a): float => $a->offset + $hems * $a->hem, $own);
            $loops[] = $mover->move($loop, $outward[$number]);
            $allowances[] = $own;
        }

        $left = static function (Region $region) use ($face, $mover, $outward): bool {
            foreach ($face->region()->loops() as $number => $loop) {
                if (! $mover->leaves($loop, $outward[$number], $region->outline->insidePoint())) {
                    return false;
                }
            }

            return true;
        };

        return new self(array_values(array_filter((new Untangler)->untangle($loops), $left)), $loops, $face, $allowances);
    }

    public function span(): Span
    {
        if ($this->regions === []) {
            return new Span(0.0, 0.0);
        }
        $bounds = array_map(static fn (Region $region): Bounds => $region->outline->bounds(), $this->regions);

        return new Span(
            min(array_map(static fn (Bounds $b): float => $b->left, $bounds)),
            max(array_map(static fn (Bounds $b): float => $b->right, $bounds)),
        );
    }

    /** @return list<MovedEdge> the sides that kept a length, in the loops' order */
    public function edges(): array
    {
        $edges = [];
        foreach ($this->face->region()->loops() as $number => $loop) {
            array_push($edges, ...$this->edgesOf($number, $loop, $this->loops[$number]->corners));
        }

        return $edges;
    }

    /**
     * @param  list<Point>  $corners  of the moved loop
     * @return list<MovedEdge>
     */
    private function edgesOf(int $number, Polygon $loop, array $corners): array
    {
        $edges = [];
        $n = count($corners);
        // Sides in one line leave a step, which adds a corner: follow the sides by their direction.
        $at = 0;
        foreach ($this->face->edgesOfLoop($number) as $side => $kind) {
            $a = $loop->corner($side);
            $b = $loop->corner($side + 1);
            for ($tried = 0; $tried < $n; $tried++) {
                $from = $corners[($at + $tried) % $n];
                $to = $corners[($at + $tried + 1) % $n];
                if ($this->sameDirection($a, $b, $from, $to)) {
                    $edges[] = new MovedEdge($kind, $this->allowances[$number][$side], $from, $to);
                    $at += $tried + 1;
                    break;
                }
            }
        }

        return $edges;
    }

    private function sameDirection(Point $a, Point $b, Point $from, Point $to): bool
    {
        $length = $a->distanceTo($b) * $from->distanceTo($to);
        if ($length < Tolerance::AREA) {
            return false;
        }
        $dot = ($b->u - $a->u) * ($to->u - $from->u) + ($b->v - $a->v) * ($to->v - $from->v);

        return $dot / $length > 1.0 - Tolerance::PARALLEL;
    }
}
