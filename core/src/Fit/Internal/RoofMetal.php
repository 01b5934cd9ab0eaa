<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Trims\TrimRun;

/** What is bent for a roof, as it lies over each of its faces: seen plumb, as rain falls. */
final class RoofMetal
{
    /** What stands farther (in, square to it) off a deck somewhere does not lie on it: it stands plumb, or lies on the face beside. */
    private const OFF = 1.5;

    /** As wide (in) as the joint between a turned up pan and its wall may be. */
    private const JOINT = 0.75;

    /** @var list<list<Vector>> */
    private array $legs = [];

    /** @var list<list<Vector>> those of valley pans */
    private array $pans = [];

    /**
     * @param  array<string, TrimRun>  $runs
     * @param  array<string, FlashedOpening>  $openings
     */
    public function __construct(array $runs, private readonly array $openings)
    {
        foreach ($runs as $run) {
            foreach ($run->layer->role === LayerRole::Trim ? $run->pieces : [] as $piece) {
                foreach ($run->laid($piece) as $leg) {
                    $this->legs[] = $leg->corners;
                    if ($run->edge->kind === EdgeKind::Valley) {
                        $this->pans[] = $leg->corners;
                    }
                }
            }
        }
    }

    /** @return list<Shape> */
    public function over(Face $face): array
    {
        return [...self::lying($this->legs, $face), ...$this->round($face)];
    }

    /** @return list<Shape> what of valley pans lies on a face */
    public function pansOn(Face $face): array
    {
        return self::lying($this->pans, $face);
    }

    /**
     * @param  list<list<Vector>>  $legs
     * @return list<Shape>
     */
    private static function lying(array $legs, Face $face): array
    {
        $frame = $face->frame;

        return $frame === null ? [] : array_values(array_filter(array_map(static fn (array $leg): ?Shape => self::seen($leg, $frame), $legs)));
    }

    /**
     * A leg as rain sees it over a deck; null of what does not lie on it.
     *
     * @param  list<Vector>  $leg
     */
    private static function seen(array $leg, FaceFrame $frame): ?Shape
    {
        $plane = $frame->plane;
        $at = [];
        foreach ($leg as $corner) {
            $over = $corner->z - $plane->height - $plane->east * $corner->x - $plane->north * $corner->y;
            if (abs($over) > self::OFF * $plane->slopeFactor()) {
                return null;
            }
            $place = $frame->toDeck(new Point($corner->x, $corner->y));
            array_push($at, $place->u, $place->v);
        }

        return Shape::of($at);
    }

    /** @return list<Shape> what is bent round the openings of a face, and what they themselves take of the deck */
    private function round(Face $face): array
    {
        $shapes = $face->isAcross() ? self::turnedUp($face) : [];
        foreach ($face->openings as $opening) {
            array_push($shapes, ...(new Slabs([$opening->outline]))->cut());
            $bounds = $opening->outline->bounds();
            foreach (($this->openings[$opening->id] ?? null)?->bent() ?? [] as $piece) {
                foreach ($piece->parts as $part) {
                    $at = [];
                    foreach ($part->stands() as $corner) {
                        array_push($at, $bounds->left + $corner->x, $bounds->bottom + $corner->y);
                    }
                    $shape = $part->lies() ? Shape::of($at) : null;
                    if ($shape !== null) {
                        $shapes[] = $shape;
                    }
                }
            }
        }

        return $shapes;
    }

    /**
     * Panels laid sideways behind a curb are turned up at it, and their leg closes the joint.
     *
     * @return list<Shape>
     */
    private static function turnedUp(Face $face): array
    {
        $shapes = [];
        foreach ($face->outline->corners as $side => $from) {
            $to = $face->outline->corner($side + 1);
            $long = $from->distanceTo($to);
            if ($face->edges[$side] === EdgeKind::Sidewall && $long > 0.0) {
                [$u, $v] = [-($to->v - $from->v) / $long * self::JOINT, ($to->u - $from->u) / $long * self::JOINT];
                $shapes[] = Shape::of([$from->u, $from->v, $to->u, $to->v, $to->u + $u, $to->v + $v, $from->u + $u, $from->v + $v]);
            }
        }

        return array_values(array_filter($shapes));
    }
}
