<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Geometry\Point;

/** How far an opening stands from a rake, taped square to it: on a face out of square that is not what is taped along the eave. */
final readonly class FromRake
{
    /** @param  float  $off  from the rake to the nearest corner of the opening, or to the middle of a pipe; inches */
    public function __construct(public bool $isLeft, public float $off)
    {
    }

    /**
     * How far an opening has to move across the face; 0 where nothing of that kind lies beside it.
     *
     * @param  list<Point>  $corners  of the opening, or the middle of a pipe
     */
    public function shift(Face $face, array $corners): float
    {
        $nearest = self::nearest($face, $this->isLeft, $corners);

        return $nearest === null ? 0.0 : ($this->off - $nearest[0]) / $nearest[1] * ($this->isLeft ? 1.0 : -1.0);
    }

    /**
     * @param  list<Point>  $corners  of an opening, or the middle of a pipe
     * @return array{float, float}|null how far the nearest rake or wall beside is, square to it, and the cosine of its lean: an inch across brings it so much nearer; null where there is none
     */
    public static function nearest(Face $face, bool $isLeft, array $corners): ?array
    {
        $nearest = null;
        foreach ($face->outline->corners as $i => $from) {
            $to = $face->outline->corner($i + 1);
            // Counter-clockwise: the left side runs down.
            if (! $face->edges[$i]->runsUpSlope() || ($to->v < $from->v) !== $isLeft) {
                continue;
            }
            $length = $from->distanceTo($to);
            foreach ($corners as $corner) {
                $off = (($to->u - $from->u) * ($corner->v - $from->v) - ($to->v - $from->v) * ($corner->u - $from->u)) / $length;
                if ($nearest === null || $off < $nearest[0]) {
                    $nearest = [$off, abs($to->v - $from->v) / $length];
                }
            }
        }

        return $nearest;
    }
}
