<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;

/** A strip along one side of a face where wind pulls harder; deck coordinates, its width taken on the level. */
final readonly class Band
{
    /**
     * @param  Point  $from  of the side, u and v on the level
     * @param  Point  $way  along it, one long; the face lies to the left
     * @param  float  $length  of the side on the level, inches
     * @param  float  $width  inches on the level
     * @param  float  $level  an inch up the deck is so much on the level
     */
    private function __construct(private Point $from, public Point $way, private float $length, private float $width, private float $level)
    {
    }

    /**
     * @param  Point  $from  on the deck; the face lies to the left of the way to `$to`
     * @param  float  $level  an inch up the deck is so much on the level
     */
    public static function along(Point $from, Point $to, float $width, float $level): self
    {
        [$a, $b] = [new Point($from->u, $from->v * $level), new Point($to->u, $to->v * $level)];
        $length = max(1e-9, $a->distanceTo($b));

        return new self($a, new Point(($b->u - $a->u) / $length, ($b->v - $a->v) / $length), $length, $width, $level);
    }

    /** Whether another runs another way: where both cross is a corner. */
    public function crosses(self $other): bool
    {
        return abs($this->way->u * $other->way->v - $this->way->v * $other->way->u) > 0.1;
    }

    /**
     * What a line straight up the slope has in it; it goes on past both ends of its side by its own width.
     *
     * @return array{float, float}|null from where to where up the deck; null where it does not meet it
     */
    public function upAt(float $u): ?array
    {
        [$low, $high] = [-INF, INF];
        // Along the side, and square to it; what overhangs the side is in it, too.
        foreach ([[$this->way->u, $this->way->v, -$this->width, $this->length + $this->width], [-$this->way->v, $this->way->u, -$this->width, $this->width]] as [$x, $y, $least, $most]) {
            $base = $x * ($u - $this->from->u) - $y * $this->from->v;
            if (abs($y) < 1e-9) {
                // What lies on its line lies in it, however the roof is placed.
                if ($base < $least - Tolerance::ON_LINE || $base > $most + Tolerance::ON_LINE) {
                    return null;
                }

                continue;
            }
            [$a, $b] = [($least - $base) / $y, ($most - $base) / $y];
            $low = max($low, min($a, $b));
            $high = min($high, max($a, $b));
        }

        return $high > $low ? [$low / $this->level, $high / $this->level] : null;
    }

    /** @return list<Point> its corners on the deck, against the clock */
    public function corners(): array
    {
        $at = fn (float $along, float $in): Point => new Point(
            $this->from->u + $along * $this->way->u - $in * $this->way->v,
            ($this->from->v + $along * $this->way->v + $in * $this->way->u) / $this->level,
        );

        return [$at(-$this->width, 0.0), $at($this->length + $this->width, 0.0), $at($this->length + $this->width, $this->width), $at(-$this->width, $this->width)];
    }
}
