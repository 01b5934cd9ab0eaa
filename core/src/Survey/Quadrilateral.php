<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Tolerance;

/**
 * A four-sided plane with its low left corner at the origin and its eave along u: five free lengths, which is
 * fewer than people measure.
 */
final readonly class Quadrilateral
{
    /** A shorter ridge (in) has no slope worth reckoning with. */
    private const SHORTEST_RIDGE = 1.0;

    /** @param  float  $eave inches; `$right` and `$left` are the high corners in face coordinates */
    public function __construct(public float $eave, public Point $right, public Point $left)
    {
    }

    /** Null for an outline that does not have four sides and start along its eave. */
    public static function ofOutline(Polygon $outline): ?self
    {
        if (count($outline->corners) !== 4) {
            return null;
        }
        [$a, $b, $c, $d] = $outline->corners;
        if (abs($b->v - $a->v) > Tolerance::SAME_CUT || $b->u <= $a->u) {
            return null;
        }

        return new self($b->u - $a->u, new Point($c->u - $a->u, $c->v - $a->v), new Point($d->u - $a->u, $d->v - $a->v));
    }

    public static function rectangle(float $width, float $height): self
    {
        return new self($width, new Point($width, $height), new Point(0.0, $height));
    }

    public function outline(): Polygon
    {
        return Polygon::sound([new Point(0.0, 0.0), new Point($this->eave, 0.0), $this->right, $this->left]);
    }

    /**
     * What a perfect reading of it would be, in inches.
     *
     * @param  float  $at  share of the eave from its left end
     */
    public function length(Quantity $quantity, float $at): float
    {
        return match ($quantity) {
            Quantity::Eave => $this->eave,
            Quantity::Ridge => $this->left->distanceTo($this->right),
            Quantity::LeftRake => hypot($this->left->u, $this->left->v),
            Quantity::RightRake => hypot($this->right->u - $this->eave, $this->right->v),
            Quantity::DiagonalRight => hypot($this->right->u, $this->right->v),
            Quantity::DiagonalLeft => hypot($this->left->u - $this->eave, $this->left->v),
            Quantity::EaveToRidge => $this->ridgeHeight($at * $this->eave),
            Quantity::Pitch => 0.0,
        };
    }

    /** v of the ridge line above u, both inches. */
    public function ridgeHeight(float $u): float
    {
        $run = $this->right->u - $this->left->u;
        if (abs($run) < self::SHORTEST_RIDGE) {
            return max($this->left->v, $this->right->v);
        }

        return $this->left->v + ($u - $this->left->u) / $run * ($this->right->v - $this->left->v);
    }

    /** The ridge lifted so far that it is nowhere below a reading taken there: a long panel is cut, a short one scrapped. */
    public function raised(float $inches): self
    {
        return new self(
            $this->eave,
            new Point($this->right->u, $this->right->v + $inches),
            new Point($this->left->u, $this->left->v + $inches),
        );
    }
}
