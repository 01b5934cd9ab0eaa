<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\StripGround;
use Imbrex\Core\Ground\Geometry\Untangler;
use Imbrex\Core\Layout\Internal\MovedEdge;
use Imbrex\Core\Layout\Internal\Span;
use Imbrex\Core\Roof\Face;

/** A face with every edge moved by what its detail asks of the metal; face coordinates, inches. */
final readonly class MovedFace
{
    /**
     * @param  list<Region>  $regions  their sides tagged with the numbers of `$sides`; none where moving leaves nothing, several where a narrow waist parts
     * @param  list<FaceSide>  $sides
     */
    private function __construct(public array $regions, public array $sides)
    {
    }

    /** Edges moved by their offsets: what metal covers. */
    public static function metal(Face $face, Builds $builds): self
    {
        return self::moved(FaceLoop::of($face, $builds), 0.0);
    }

    /** Edges moved by offset and hem: what metal is cut from. */
    public static function blank(Face $face, Builds $builds): self
    {
        $loops = FaceLoop::of($face, $builds);
        $blank = self::moved($loops, 1.0);
        $metal = self::moved($loops, 0.0);

        return $blank->covers($metal) ? $blank : new self((new Untangler)->untangle([...self::loops($blank->regions), ...self::loops($metal->regions)]), $blank->sides);
    }

    /**
     * Whether this covers all of another, which it may not where sides a few inches long are pushed past each other.
     */
    private function covers(self $other): bool
    {
        $ground = new StripGround($this->regions);
        foreach ($other->regions as $region) {
            foreach ($region->outline->corners as $corner) {
                if (! $ground->holds($corner)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<Region>  $regions
     * @return list<Polygon>
     */
    private static function loops(array $regions): array
    {
        return array_merge(...array_map(static fn (Region $region): array => $region->loops(), $regions));
    }

    /** @param  list<FaceLoop>  $origin */
    private static function moved(array $origin, float $hems): self
    {
        $mover = new EdgeMover;
        $outward = array_map(static fn (FaceLoop $loop): array => $loop->outward($hems), $origin);
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

        return new self(
            array_values(array_filter((new Untangler)->untangle($loops), $left)),
            array_merge(...array_map(static fn (FaceLoop $loop): array => $loop->sides, $origin)),
        );
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

    /** @return list<MovedEdge> the stretches its regions end at, each at a side of the face */
    public function edges(): array
    {
        $edges = [];
        foreach (self::loops($this->regions) as $loop) {
            foreach ($loop->corners as $i => $corner) {
                if ($loop->tag($i) >= 0) {
                    $edges[] = new MovedEdge($this->sides[$loop->tag($i)], $corner, $loop->corner($i + 1));
                }
            }
        }

        return $edges;
    }
}
