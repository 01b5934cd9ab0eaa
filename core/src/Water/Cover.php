<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;

/** Another roof over parts of a face: rain that falls on it does not fall there. */
final readonly class Cover
{
    /** Higher (in) than this over the deck it lies over it, and does not meet it. */
    private const CLEAR = 0.5;

    /** @param  Polygon  $outline  of the other, straight below it on the face's deck */
    private function __construct(public Polygon $outline, private FaceFrame $frame, private Face $other)
    {
    }

    /**
     * @param  list<Face>  $faces  all of the roof
     * @return list<self>
     */
    public static function over(Face $face, array $faces): array
    {
        $frame = $face->frame;
        if ($frame === null) {
            return [];
        }
        $bounds = $frame->inPlan($face->outline)->bounds();
        $covers = [];
        foreach ($faces as $other) {
            $plan = $other->id === $face->id ? null : $other->frame?->inPlan($other->outline);
            if ($plan !== null && $bounds->meets($plan->bounds())) {
                $covers[] = new self($frame->onDeck($plan), $frame, $other);
            }
        }

        return $covers;
    }

    /** Whether it lies over a place of the face. */
    public function isAbove(float $u, float $v): bool
    {
        $plan = $this->frame->toPlan(new Point($u, $v));

        return $this->other->frame !== null
            && $this->other->frame->plane->at($plan) > $this->frame->plane->at($plan) + self::CLEAR
            && $this->other->region()->contains($this->other->frame->toDeck($plan));
    }
}
