<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FaceFrame;

/** Another roof over parts of a face: rain that falls on it does not fall there. */
final readonly class Cover
{
    /** Higher (in) than this over the deck it lies over it, and does not meet it. */
    private const CLEAR = 0.5;

    /** Less (in) is no overlap. */
    private const LEAST = 0.05;

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
            if ($plan === null || ! $bounds->meets($plan->bounds())) {
                continue;
            }
            $cover = new self($frame->onDeck($plan), $frame, $other);
            if ($cover->reaches($face)) {
                $covers[] = $cover;
            }
        }

        return $covers;
    }

    /** Whether it lies over any part of the face: faces that meet share a line, no more. */
    private function reaches(Face $face): bool
    {
        $own = $face->outline;
        $bounds = [$own->bounds(), $this->outline->bounds()];
        $low = max($bounds[0]->bottom, $bounds[1]->bottom);
        [$left, $right] = [max($bounds[0]->left, $bounds[1]->left), min($bounds[0]->right, $bounds[1]->right)];
        if ($right - $left < self::LEAST || min($bounds[0]->top, $bounds[1]->top) - $low < self::LEAST) {
            return false;
        }
        $us = array_filter([$left, $right, ...array_map(static fn (Point $corner): float => $corner->u, [...$own->corners, ...$this->outline->corners])], static fn (float $u): bool => $u >= $left && $u <= $right);
        sort($us);
        // Between corners both are bounded by straight lines: where they overlap, they do so at a third or in the middle.
        foreach (array_slice($us, 1) as $i => $to) {
            foreach ($to - $us[$i] < self::LEAST ? [] : [0.02, 0.34, 0.5, 0.66, 0.98] as $share) {
                $u = $us[$i] + $share * ($to - $us[$i]);
                foreach (self::spans($own, $u) as [$a, $b]) {
                    foreach (self::spans($this->outline, $u) as [$c, $d]) {
                        [$from, $until] = [max($a, $c), min($b, $d)];
                        if ($until - $from > self::LEAST && $this->isAbove($u, ($from + $until) / 2.0)) {
                            return true;
                        }
                    }
                }
            }
        }

        return false;
    }

    /** @return list<array{float, float}> where a line straight up the slope runs through an outline */
    private static function spans(Polygon $outline, float $u): array
    {
        $at = $outline->transposed()->crossingsAt($u);
        sort($at);

        return array_values(array_filter(array_map(static fn (array $pair): array => [$pair[0], $pair[1] ?? $pair[0]], array_chunk($at, 2)), static fn (array $pair): bool => $pair[1] > $pair[0]));
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
