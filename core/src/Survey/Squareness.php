<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** How far a plane is from square, and whether the rake trims can hide it. */
final readonly class Squareness
{
    /**
     * @param  float  $skewDegrees  lean of the rakes, positive when the top lies further right
     * @param  float  $runOut  inches the top runs out over the length of the rake
     * @param  float  $perFoot  inches of run-out per foot of rake
     * @param  float  $left  inches the top of the left rake lies right of square; `$right` the same for the right rake
     * @param  float  $ridgeRise  inches the right end of the ridge lies higher than its left end
     * @param  bool  $hidden  under the rake trims by house rule; otherwise the end panels are tapered
     */
    public function __construct(
        public float $skewDegrees,
        public float $runOut,
        public float $perFoot,
        public float $left,
        public float $right,
        public float $ridgeRise,
        public bool $hidden,
    ) {
    }

    /**
     * Lean of a parallelogram by its diagonals: d1² − d2² = 4 · eave · rake · sin(skew).
     *
     * @param  float  $diagonalRight  from the low left to the high right corner; all inches
     * @return array{degrees: float, runOut: float} signed like `skewDegrees`
     */
    public static function ofDiagonals(float $eave, float $rake, float $diagonalRight, float $diagonalLeft): array
    {
        $runOut = ($diagonalRight ** 2 - $diagonalLeft ** 2) / (4.0 * $eave);

        return ['degrees' => rad2deg(asin(max(-1.0, min(1.0, $runOut / $rake)))), 'runOut' => $runOut];
    }
}
