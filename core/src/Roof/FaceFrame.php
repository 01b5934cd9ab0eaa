<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\SlopePlane;

/** Where a face lies: takes points of the plan to the deck and back. */
final readonly class FaceFrame
{
    /**
     * @param  Point  $origin  in plan; u = v = 0 on the face
     * @param  float  $east  of the plan direction straight up the slope, with `$north` of length one
     * @param  int  $turned  quarters the face's own frame is turned: 0 = v runs up the slope, 1 = u does, -1 = u runs down it
     */
    public function __construct(public Point $origin, public float $east, public float $north, public SlopePlane $plane, public int $turned = 0)
    {
    }

    /** Whether the panels of the face run across its slope. */
    public function isAcross(): bool
    {
        return $this->turned !== 0;
    }

    /** Up along the plane's own gradient, with the whole outline to the right of and above the origin. */
    public static function round(SlopePlane $plane, Polygon $plan): self
    {
        $steepness = $plane->steepness();
        $loose = new self(new Point(0.0, 0.0), $plane->east / $steepness, $plane->north / $steepness, $plane);
        $bounds = $loose->onDeck($plan)->bounds();

        return new self($loose->toPlan(new Point($bounds->left, $bounds->bottom)), $loose->east, $loose->north, $plane);
    }

    public function toDeck(Point $plan): Point
    {
        [$x, $y] = [$plan->u - $this->origin->u, $plan->v - $this->origin->v];

        [$across, $up] = [$x * $this->north - $y * $this->east, ($x * $this->east + $y * $this->north) * $this->plane->slopeFactor()];

        return $this->turned === 0 ? new Point($across, $up) : new Point($this->turned * $up, -$this->turned * $across);
    }

    public function toPlan(Point $deck): Point
    {
        [$across, $up] = $this->turned === 0 ? [$deck->u, $deck->v] : [-$this->turned * $deck->v, $this->turned * $deck->u];
        $run = $up / $this->plane->slopeFactor();

        return new Point(
            $this->origin->u + $across * $this->north + $run * $this->east,
            $this->origin->v - $across * $this->east + $run * $this->north,
        );
    }

    public function onDeck(Polygon $plan): Polygon
    {
        return Polygon::sound(array_map($this->toDeck(...), $plan->corners));
    }

    public function inPlan(Polygon $deck): Polygon
    {
        return Polygon::sound(array_map($this->toPlan(...), $deck->corners));
    }
}
