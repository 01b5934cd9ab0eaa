<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Roof\Face;

/** A leg of a piece of trim as it lies on the roof, without what is folded away from it at its ends; and what is folded onto another face. */
final readonly class LaidLeg
{
    /** As near (in) to a face it lies on it. */
    private const LIES = 0.05;

    /**
     * @param  string  $piece  id
     * @param  int  $leg  number of it, from the visible low end
     * @param  list<Vector>  $corners  round it: plan and height, inches
     */
    public function __construct(public string $piece, public int $leg, public array $corners)
    {
    }

    /** @return list<Point> round it in the coordinates of a face it lies on; none where it stands off that somewhere */
    public function on(Face $face): array
    {
        $frame = $face->frame;
        if ($frame === null) {
            return [];
        }
        $at = [];
        foreach ($this->corners as $corner) {
            $plan = new Point($corner->x, $corner->y);
            if (abs($corner->z - $frame->plane->at($plan)) > self::LIES) {
                return [];
            }
            $at[] = $frame->toDeck($plan);
        }

        return $at;
    }
}
