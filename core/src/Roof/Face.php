<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Units\Pitch;

/** One roof plane with typed edges, in face coordinates: inches on the deck. */
final readonly class Face
{
    private const SQUARE_INCHES_PER_SQUARE_FOOT = 144.0;

    /**
     * @param  list<EdgeKind>  $edges  kind of side i, from corner i to the next
     * @param  list<Polygon>  $holes  clockwise
     * @param  list<list<EdgeKind>>  $holeEdges  by hole
     * @param  string|null  $block  id of the block it belongs to; null for a measured plane
     * @param  FaceFrame|null  $frame  where it lies over the plan
     * @param  list<Opening>  $openings  what comes through it
     * @param  string|null  $behind  id of the opening it was made to shed behind
     * @param  string|null  $within  id of the face its panels lie in, across that one's
     */
    public function __construct(
        public string $id,
        public string $name,
        public Pitch $pitch,
        public Polygon $outline,
        public array $edges,
        public array $holes = [],
        public array $holeEdges = [],
        public ?string $block = null,
        public ?FaceFrame $frame = null,
        public array $openings = [],
        public ?string $behind = null,
        public ?string $within = null,
    ) {
    }

    /** @param  list<Opening>  $openings */
    public function with(array $openings): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            pitch: $this->pitch,
            outline: $this->outline,
            edges: $this->edges,
            holes: $this->holes,
            holeEdges: $this->holeEdges,
            block: $this->block,
            frame: $this->frame,
            openings: $openings,
            behind: $this->behind,
            within: $this->within,
        );
    }

    /**
     * The same face with another hole in it.
     *
     * @param  Polygon  $hole  clockwise
     * @param  list<EdgeKind>  $edges  of the hole's sides
     */
    public function holed(Polygon $hole, array $edges): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            pitch: $this->pitch,
            outline: $this->outline,
            edges: $this->edges,
            holes: [...$this->holes, $hole],
            holeEdges: [...$this->holeEdges, $edges],
            block: $this->block,
            frame: $this->frame,
            openings: $this->openings,
            behind: $this->behind,
            within: $this->within,
        );
    }

    /**
     * The same face between other corners.
     *
     * @param  Polygon  $outline  with as many sides as before; likewise the holes
     * @param  list<Polygon>  $holes
     */
    public function between(Polygon $outline, array $holes): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            pitch: $this->pitch,
            outline: $outline,
            edges: $this->edges,
            holes: $holes,
            holeEdges: $this->holeEdges,
            block: $this->block,
            frame: $this->frame,
            openings: $this->openings,
            behind: $this->behind,
            within: $this->within,
        );
    }

    /**
     * The same face within another outline.
     *
     * @param  list<EdgeKind>  $edges  of its sides
     */
    public function outlined(Polygon $outline, array $edges): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            pitch: $this->pitch,
            outline: $outline,
            edges: $edges,
            holes: $this->holes,
            holeEdges: $this->holeEdges,
            block: $this->block,
            frame: $this->frame,
            openings: $this->openings,
            behind: $this->behind,
            within: $this->within,
        );
    }

    /** Whether its panels run across the slope. */
    public function isAcross(): bool
    {
        return $this->within !== null;
    }

    public function region(): Region
    {
        return new Region($this->outline, $this->holes);
    }

    /** @return list<EdgeKind> of the outline (0), or of hole number − 1 */
    public function edgesOfLoop(int $loop): array
    {
        return [$this->edges, ...$this->holeEdges][$loop] ?? [];
    }

    /** From its lowest point to its highest, up the slope, inches. */
    public function longestRun(): float
    {
        return $this->outline->bounds()->height();
    }

    public function areaSquareFeet(): float
    {
        return $this->region()->area() / self::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** The same loops over the plan; null for a face nobody has placed. */
    public function plan(): ?Region
    {
        return $this->frame === null ? null : new Region(
            $this->frame->inPlan($this->outline),
            array_map($this->frame->inPlan(...), $this->holes),
        );
    }

    /** Length of all sides of a kind, inches. */
    public function lengthOf(EdgeKind $kind): float
    {
        $length = 0.0;
        foreach ($this->region()->loops() as $loop => $outline) {
            foreach ($this->edgesOfLoop($loop) as $side => $edge) {
                $length += $edge === $kind ? $outline->sideLength($side) : 0.0;
            }
        }

        return $length;
    }

    /** A piece of its metal as it is called: by its block's or its opening's name, which may change, and not by an id, which stays. */
    public function pieceName(string $piece): string
    {
        return $this->block === null && $this->behind === null ? $piece : $this->name.substr($piece, strlen($this->id));
    }
}
