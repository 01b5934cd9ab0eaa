<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;

/** A plane's outline with its low left corner at the origin and its eave along u; face coordinates, inches. */
final readonly class PlaneShape
{
    /** A shorter ridge (in) has no slope worth reckoning with. */
    private const SHORTEST_RIDGE = 1.0;

    /** @param  list<Point>  $corners */
    public function __construct(public ShapeKind $kind, public array $corners)
    {
    }

    /** Null for an outline that does not have the shape's corners or does not start along its eave. */
    public static function ofOutline(ShapeKind $kind, Polygon $outline): ?self
    {
        [$a, $b] = [$outline->corner(0), $outline->corner(1)];
        if (count($outline->corners) !== ($kind->corners() ?? count($outline->corners)) || abs($b->v - $a->v) > Tolerance::SAME_CUT || $b->u <= $a->u) {
            return null;
        }

        return new self($kind, $outline->moved(-$a->u, -$a->v)->corners);
    }

    public static function rectangle(float $width, float $height): self
    {
        return new self(ShapeKind::Rectangle, Polygon::rectangle(0.0, 0.0, $width, $height)->corners);
    }

    public function outline(): Polygon
    {
        return Polygon::sound($this->corners);
    }

    public function corner(int $number): Point
    {
        return $this->corners[$number % count($this->corners)];
    }

    public function eave(): float
    {
        return $this->corners[1]->u;
    }

    /** What a perfect reading would have shown, in inches; null where the shape has no such length. */
    public function length(Reading $reading): ?float
    {
        $between = $this->kind->between($reading->quantity);
        if ($between !== null) {
            return $this->corner($between[0])->distanceTo($this->corner($between[1]));
        }

        return match ($reading->quantity) {
            Quantity::EaveToRidge => $this->heightAt($reading->at),
            Quantity::Along => $this->corner((int) $reading->corner)->u,
            Quantity::Up => $this->corner((int) $reading->corner)->v,
            Quantity::Between => $this->corner((int) $reading->corner)->distanceTo($this->corner((int) $reading->to)),
            default => null,
        };
    }

    /**
     * From the eave line up to the ridge line, or to the apex where there is no ridge.
     *
     * @param  float  $at  share of the eave from its left end
     */
    public function heightAt(float $at): float
    {
        if ($this->kind->corners() !== 4) {
            return $this->outline()->bounds()->top;
        }
        [$right, $left] = [$this->corners[2], $this->corners[3]];
        $run = $right->u - $left->u;
        if (abs($run) < self::SHORTEST_RIDGE) {
            return max($left->v, $right->v);
        }

        return $left->v + ($at * $this->eave() - $left->u) / $run * ($right->v - $left->v);
    }

    /**
     * How far the high corners would have to be lifted so that nothing taped up the slope is longer than the plane;
     * inches, 0 where nothing is, nor for what was not taped up the slope.
     */
    public function raiseFor(Reading $reading): float
    {
        $isRake = $reading->quantity === Quantity::LeftRake || $reading->quantity === Quantity::RightRake;
        $runsUp = match (true) {
            $reading->quantity === Quantity::EaveToRidge => true,
            $isRake => $this->kind === ShapeKind::Rectangle,
            default => $reading->quantity === Quantity::Up && $this->isHigh((int) $reading->corner),
        };

        return $runsUp ? max(0.0, $reading->value - (float) $this->length($reading)) : 0.0;
    }

    /** The high corners lifted so far that the top is nowhere below a reading taken there: a long panel is cut, a short one scrapped. */
    public function raised(float $inches): self
    {
        $corners = [];
        foreach ($this->corners as $number => $corner) {
            $corners[] = $this->isHigh($number) ? new Point($corner->u, $corner->v + $inches) : $corner;
        }

        return new self($this->kind, $corners);
    }

    private function isHigh(int $corner): bool
    {
        return $this->kind->runsByCorner() ? abs($this->corner($corner)->v - $this->outline()->bounds()->top) < self::SHORTEST_RIDGE : $corner > 1;
    }
}
