<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** A 3-4-5 triangle scaled up as large as the plane allows, in whole feet: the larger, the truer the corner. */
final readonly class SquareTriangle
{
    /** @param  float  $alongEave inches; likewise up the rake and across */
    private function __construct(public float $alongEave, public float $upRake, public float $across)
    {
    }

    /** Null where not even 3 ft by 4 ft fits. */
    public static function largestIn(float $width, float $height): ?self
    {
        $lying = (int) floor(min($width / 48.0, $height / 36.0));
        $standing = (int) floor(min($width / 36.0, $height / 48.0));
        $scale = max($lying, $standing);
        if ($scale < 1) {
            return null;
        }

        return $lying >= $standing
            ? new self($scale * 48.0, $scale * 36.0, $scale * 60.0)
            : new self($scale * 36.0, $scale * 48.0, $scale * 60.0);
    }
}
