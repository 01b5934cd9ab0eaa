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
     * @param  list<Polygon>  $loops  of the face and of its openings, with every side moved, tangled as they may be
     * @param  list<FaceLoop>  $origin  the same loops where they were
     */
    private function __construct(public array $regions, private array $loops, private array $origin)
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
        $blank = self::moved($face, $profile, $vented, $rules, 1.0);
        $metal = self::moved($face, $profile, $vented, $rules, 0.0);

        return self::holds($blank->regions, $metal->regions) ? $blank : new self((new Untangler)->untangle([...self::loops($blank->regions), ...self::loops($metal->regions)]), $blank->loops, $blank->origin);
    }

    /**
     * Whether what is cut from covers what is covered. Where sides a few inches long are pushed past each other it may
     * not; then both together are cut.
     *
     * @param  list<Region>  $blank
     * @param  list<Region>  $metal
     */
    private static function holds(array $blank, array $metal): bool
    {
        foreach ($metal as $region) {
            foreach ($region->outline->corners as $corner) {
                if (! self::isOn($corner, $blank)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  list<Region>  $regions */
    private static function isOn(Point $point, array $regions): bool
    {
        foreach ($regions as $region) {
            if ($region->outline->contains($point)) {
                return true;
            }
            foreach ($region->outline->corners as $i => $corner) {
                if ($point->distanceToLine($corner, $region->outline->corner($i + 1)) < Tolerance::SAME_CUT) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<Region>  $regions
     * @return list<Polygon>
     */
    private static function loops(array $regions): array
    {
        return array_merge(...array_map(static fn (Region $region): array => $region->loops(), $regions));
    }

    private static function moved(Face $face, Profile $profile, bool $vented, RuleSet $rules, float $hems): self
    {
        $mover = new EdgeMover;
        $origin = FaceLoop::of($face, $profile, $vented, $rules);
        $outward = array_map(static fn (FaceLoop $loop): array => array_map(static fn (EdgeAllowance $a): float => $a->offset + $hems * $a->hem, $loop->allowances), $origin);
        $loops = array_map(static fn (FaceLoop $loop, array $out): Polygon => $mover->move($loop->outline, $out), $origin, $outward);
        $left = static function (Region $region) use ($origin, $mover, $outward): bool {
            $inside = $region->insidePoint();
            foreach ($origin as $number => $loop) {
                if (! $mover->leaves($loop->outline, $outward[$number], $inside)) {
                    return false;
                }
            }

            return true;
        };

        return new self(array_values(array_filter((new Untangler)->untangle($loops), $left)), $loops, $origin);
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
        foreach ($this->origin as $number => $loop) {
            array_push($edges, ...$this->edgesOf($number, $loop, $this->loops[$number]->corners));
        }

        return $edges;
    }

    /**
     * @param  list<Point>  $corners  of the moved loop
     * @return list<MovedEdge>
     */
    private function edgesOf(int $number, FaceLoop $loop, array $corners): array
    {
        $edges = [];
        $n = count($corners);
        // Sides in one line leave a step, which adds a corner: follow the sides by their direction.
        $at = 0;
        foreach ($loop->kinds as $side => $kind) {
            $a = $loop->outline->corner($side);
            $b = $loop->outline->corner($side + 1);
            for ($tried = 0; $tried < $n; $tried++) {
                $from = $corners[($at + $tried) % $n];
                $to = $corners[($at + $tried + 1) % $n];
                if ($this->sameDirection($a, $b, $from, $to)) {
                    $edges[] = new MovedEdge($kind, $loop->allowances[$side], $from, $to, $number, $side);
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
