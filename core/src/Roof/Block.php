<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Geometry\HalfPlane;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Survey\Source;

/** A rectangular part of a building with its own simple roof. Plan frame, inches: x to the east, y to the north. */
final readonly class Block
{
    /**
     * @param  float  $x  of the south-west wall corner, which the block is turned about
     * @param  float  $rotationDegrees  counter-clockwise
     * @param  float  $length  of the south wall; `$width` of the west wall
     * @param  float  $eaveHeight  where the roof planes go through the wall lines
     * @param  array<string, BlockSide>  $sides  by side; at least one of them sloped
     * @param  Source  $source  how its sizes were come by: from drawings, until somebody has taped them
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $x,
        public float $y,
        public float $rotationDegrees,
        public float $length,
        public float $width,
        public float $eaveHeight,
        public array $sides,
        public Source $source = Source::Drawing,
    ) {
    }

    public function side(Side $side): BlockSide
    {
        return $this->sides[$side->value];
    }

    /** The walls in plan. */
    public function walls(): Polygon
    {
        return $this->grown(static fn (Side $side): float => 0.0);
    }

    /** Walls and overhangs in plan. */
    public function footprint(): Polygon
    {
        return $this->grown(fn (Side $side): float => $this->side($side)->overhang);
    }

    /** What lies inside one wall line. */
    public function insideWall(Side $side): HalfPlane
    {
        $number = (int) array_search($side, Side::cases(), true);
        $walls = $this->walls();

        return HalfPlane::leftOf($walls->corner($number), $walls->corner($number + 1));
    }

    /** The roof plane of a sloped side: through the wall line at eave height; null for a gable. */
    public function plane(Side $side): ?SlopePlane
    {
        $rise = $this->side($side)->riseIn12;
        if ($rise === null) {
            return null;
        }
        $inward = $this->insideWall($side);
        $slope = $rise / 12.0;

        return new SlopePlane($this->eaveHeight + $slope * $inward->c, $slope * $inward->a, $slope * $inward->b);
    }

    /** @return array<string, SlopePlane> of the sloped sides */
    public function planes(): array
    {
        $planes = [];
        foreach (Side::cases() as $side) {
            $plane = $this->plane($side);
            if ($plane !== null) {
                $planes[$side->value] = $plane;
            }
        }

        return $planes;
    }

    /** @param  \Closure(Side): float  $by  inches */
    private function grown(\Closure $by): Polygon
    {
        [$west, $east] = [-$by(Side::West), $this->length + $by(Side::East)];
        [$south, $north] = [-$by(Side::South), $this->width + $by(Side::North)];

        return Polygon::sound([
            $this->turned($west, $south), $this->turned($east, $south), $this->turned($east, $north), $this->turned($west, $north),
        ]);
    }

    /** A point of the block's own frame in plan. */
    private function turned(float $along, float $across): Point
    {
        $turn = deg2rad($this->rotationDegrees);

        return new Point(
            $this->x + $along * cos($turn) - $across * sin($turn),
            $this->y + $along * sin($turn) + $across * cos($turn),
        );
    }
}
