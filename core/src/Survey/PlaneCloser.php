<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Rules\RuleSet;

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
        $width = $adoptions[Quantity::Eave->value] ?? $adoptions[Quantity::Ridge->value] ?? null;
        $height = $this->height($adoptions);
        $given = $plane->outline === null ? null : Quadrilateral::ofOutline($plane->outline);
        if ($width === null || $height === null) {
            return new ClosedPlane($plane->outline, null, $given === null ? [] : $this->misses($given, $readings), null);
        }
        $deciding = $this->deciding($adoptions);
        $start = Quadrilateral::rectangle($width->value, $height);
        $fit = new QuadrilateralFit($this->rules);
        $fitted = $fit->fit($deciding, $start);
        $squareness = $this->squareness($fitted, $adoptions);
        $shape = $squareness !== null && ! $squareness->hidden
            ? $this->raisedToReadings($fitted, $deciding)
            : $start;
        $misses = $this->misses($given ?? $fitted, $readings);

        return new ClosedPlane(
            $plane->outline ?? $shape->outline(),
            $squareness,
            $misses,
            $this->culprit($fit, $misses, $deciding, $start),
        );
    }

    /** @param  array<string, Adoption>  $adoptions */
    private function height(array $adoptions): ?float
    {
        if (isset($adoptions[Quantity::EaveToRidge->value])) {
            return $adoptions[Quantity::EaveToRidge->value]->value;
        }
        $rakes = [];
        foreach ([Quantity::LeftRake, Quantity::RightRake] as $rake) {
            if (isset($adoptions[$rake->value])) {
                $rakes[] = $adoptions[$rake->value]->value;
            }
        }

        return $rakes === [] ? null : max($rakes);
    }

    /**
     * @param  array<string, Adoption>  $adoptions
     * @return list<Reading>
     */
    private function deciding(array $adoptions): array
    {
        $deciding = [];
        foreach ($adoptions as $adoption) {
            if ($adoption->quantity->isLength()) {
                array_push($deciding, ...$adoption->deciding());
            }
        }

        return $deciding;
    }

    /**
     * Only diagonals tell a leaning plane from a square one.
     *
     * @param  array<string, Adoption>  $adoptions
     */
    private function squareness(Quadrilateral $fitted, array $adoptions): ?Squareness
    {
        $right = $adoptions[Quantity::DiagonalRight->value] ?? null;
        $left = $adoptions[Quantity::DiagonalLeft->value] ?? null;
        if ($right === null || $left === null) {
            return null;
        }
        $rake = ($fitted->length(Quantity::LeftRake, 0.0) + $fitted->length(Quantity::RightRake, 1.0)) / 2.0;
        $skew = Squareness::ofDiagonals($fitted->eave, $rake, $right->value, $left->value);
        $leftOut = $fitted->left->u;
        $rightOut = $fitted->right->u - $fitted->eave;
        $ridgeRise = $fitted->right->v - $fitted->left->v;
        $limit = $this->rules->number('survey.hiddenUnderRake');

        return new Squareness(
            $skew['degrees'],
            $skew['runOut'],
            $skew['runOut'] / ($rake / 12.0),
            $leftOut,
            $rightOut,
            $ridgeRise,
            max(abs($leftOut), abs($rightOut), abs($ridgeRise)) <= $limit + Tolerance::LENGTH,
        );
    }

    /** @param  list<Reading>  $deciding */
    private function raisedToReadings(Quadrilateral $shape, array $deciding): Quadrilateral
    {
        $short = 0.0;
        foreach ($deciding as $reading) {
            if ($reading->quantity === Quantity::EaveToRidge) {
                $short = max($short, $reading->value - $shape->ridgeHeight($reading->at * $shape->eave));
            }
        }

        return $shape->raised($short);
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Miss>
     */
    private function misses(Quadrilateral $shape, array $readings): array
    {
        return array_map(
            static fn (Reading $r): Miss => new Miss($r, $r->value - $shape->length($r->quantity, $r->at)),
            $readings,
        );
    }

    /**
     * @param  list<Miss>  $misses
     * @param  list<Reading>  $deciding
     */
    private function culprit(QuadrilateralFit $fit, array $misses, array $deciding, Quadrilateral $start): ?Reading
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
