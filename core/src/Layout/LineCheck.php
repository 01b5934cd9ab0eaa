<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Geometry\LineClipper;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Survey\SquareTriangle;

/**
 * A snapped line held against the eave by a triangle: so much along the eave from where the line stands on it, so much up
 * the line, and what the tape reads across. The larger the triangle, the truer.
 */
final readonly class LineCheck
{
    /**
     * @param  float  $at  u of the line's foot on the eave; all inches
     * @param  bool  $toRight  the leg along the eave runs to the right of it
     * @param  float  $along  the leg along the eave
     * @param  float  $up  the leg up the line
     * @param  float|null  $read  across from the one's end to the other's; null while it is not read
     */
    public function __construct(public float $at, public bool $toRight, public float $along, public float $up, public ?float $read = null)
    {
    }

    /**
     * The legs of a face's own size at a line, and the largest 3-4-5 within them.
     *
     * @return list<self> none where the line does not cross the face
     */
    public static function largest(Face $face, float $at): array
    {
        $bounds = $face->outline->bounds();
        $toRight = $bounds->right - $at >= $at - $bounds->left;
        // Whole inches: a tape is read at a mark.
        $along = floor($toRight ? $bounds->right - $at : $at - $bounds->left);
        $up = floor(self::over($face, $at));
        if ($along < 1.0 || $up < 1.0) {
            return [];
        }
        $square = SquareTriangle::largestIn($along, $up);

        return [new self($at, $toRight, $along, $up), ...($square === null ? [] : [new self($at, $toRight, $square->alongEave, $square->upRake)])];
    }

    /** How far a line runs up a face from the eave, inches. */
    public static function over(Face $face, float $at): float
    {
        $bounds = $face->outline->bounds();
        $parts = (new LineClipper)->within($face->region(), new Point($at, $bounds->bottom - 1.0), new Point($at, $bounds->top + 1.0));

        return $parts === [] ? 0.0 : end($parts)[1]->v - $bounds->bottom;
    }

    /** What the tape has to read where the line stands square to the eave. */
    public function must(): float
    {
        return hypot($this->along, $this->up);
    }

    /** Whether two legs and what was read make a triangle at all. */
    public function closes(): bool
    {
        return $this->read === null || ($this->read > abs($this->along - $this->up) && $this->read < $this->along + $this->up);
    }

    /**
     * How far the line leans to the right of square at so much up it, inches; negative to the left, null while it is not read.
     * By the cosine of the angle at its foot.
     *
     * @param  float  $up  inches
     */
    public function runOut(float $up): ?float
    {
        if ($this->read === null) {
            return null;
        }
        $towardsLeg = ($this->along ** 2 + $this->up ** 2 - $this->read ** 2) / (2.0 * $this->along * $this->up);

        return $up * ($this->toRight ? $towardsLeg : -$towardsLeg);
    }
}
