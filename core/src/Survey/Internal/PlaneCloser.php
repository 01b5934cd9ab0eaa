<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Miss;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;
use Imbrex\Core\Survey\Squareness;

/**
 * Makes one plane of all readings: its shape, how far it is from square, by how much each reading misses it and
 * which is the likeliest culprit.
 */
final readonly class PlaneCloser
{
    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  array<string, Adoption>  $adoptions
     * @param  list<Reading>  $readings  every length reading
     */
    public function close(Plane $plane, array $adoptions, array $readings): ClosedPlane
    {
        $given = $plane->outline === null ? null : PlaneShape::ofOutline($plane->shape, $plane->outline);
        $start = (new ShapeStart($plane, $adoptions))->shape();
        if ($start === null) {
            return new ClosedPlane($plane->outline, null, $given === null ? [] : $this->misses($given, $readings), null);
        }
        $deciding = $this->deciding($adoptions, $start);
        $fit = new ShapeFit($this->rules);
        $fitted = $fit->fit($deciding, $start);
        $squareness = $plane->shape === ShapeKind::Rectangle ? $this->squareness($fitted, $adoptions) : null;
        // A rectangle that leans less than the trims hide is laid out as one; every other shape is as it was measured.
        $shape = $plane->shape === ShapeKind::Rectangle && ($squareness === null || $squareness->hidden) ? $start : $fitted;
        $shape = $shape->raised(max(0.0, ...array_map($shape->raiseFor(...), $deciding)));
        $misses = $this->misses($given ?? $fitted, $readings);

        return new ClosedPlane(
            $plane->outline ?? $shape->outline(),
            $squareness,
            $misses,
            $this->culprit($fit, $misses, $deciding, $start),
        );
    }

    /**
     * @param  array<string, Adoption>  $adoptions
     * @return list<Reading>
     */
    private function deciding(array $adoptions, PlaneShape $shape): array
    {
        $deciding = [];
        foreach ($adoptions as $adoption) {
            foreach ($adoption->deciding() as $reading) {
                if ($shape->length($reading) !== null) {
                    $deciding[] = $reading;
                }
            }
        }

        return $deciding;
    }

    /**
     * Only diagonals tell a leaning plane from a square one.
     *
     * @param  array<string, Adoption>  $adoptions
     */
    private function squareness(PlaneShape $fitted, array $adoptions): ?Squareness
    {
        $right = $adoptions[Quantity::DiagonalRight->value] ?? null;
        $left = $adoptions[Quantity::DiagonalLeft->value] ?? null;
        if ($right === null || $left === null) {
            return null;
        }
        $rake = ($fitted->outline()->sideLength(1) + $fitted->outline()->sideLength(3)) / 2.0;
        $skew = Squareness::ofDiagonals($fitted->eave(), $rake, $right->value, $left->value);
        $leftOut = $fitted->corner(3)->u;
        $rightOut = $fitted->corner(2)->u - $fitted->eave();
        $ridgeRise = $fitted->corner(2)->v - $fitted->corner(3)->v;
        $limit = $this->rules->number('survey.hiddenUnderRake');

        return new Squareness(
            skewDegrees: $skew['degrees'],
            runOut: $skew['runOut'],
            perFoot: $skew['runOut'] / ($rake / 12.0),
            left: $leftOut,
            right: $rightOut,
            ridgeRise: $ridgeRise,
            hidden: max(abs($leftOut), abs($rightOut), abs($ridgeRise)) <= $limit + Tolerance::LENGTH,
        );
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Miss>
     */
    private function misses(PlaneShape $shape, array $readings): array
    {
        $misses = [];
        foreach ($readings as $reading) {
            $length = $shape->length($reading);
            if ($length !== null) {
                $misses[] = new Miss($reading, $reading->value - $length);
            }
        }

        return $misses;
    }

    /**
     * @param  list<Miss>  $misses
     * @param  list<Reading>  $deciding
     */
    private function culprit(ShapeFit $fit, array $misses, array $deciding, PlaneShape $start): ?Reading
    {
        $limit = $this->rules->number('survey.miss');
        foreach ($misses as $miss) {
            if (abs($miss->inches) > $limit && in_array($miss->reading, $deciding, true)) {
                return $fit->culprit($deciding, $start);
            }
        }

        return null;
    }
}
