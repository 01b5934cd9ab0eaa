<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Roof;

/** What of a building the width of its wind zones goes by. */
final readonly class BuildingSize
{
    private const FOOT = 12.0;

    /** Width of the strips: the lesser of a tenth of the least dimension and 0.4 of the mean height, but no less than 0.04 of the dimension, nor 3 ft. */
    private const OF_LEAST = 0.1;

    private const OF_HEIGHT = 0.4;

    private const AT_LEAST = 0.04;

    private const NARROWEST = 36.0;

    /**
     * @param  float|null  $leastWidth  across the whole building in plan, inches; null where nothing is placed
     * @param  float|null  $meanHeight  of the roof over the ground, inches; null where nobody has said how high its eaves are
     */
    private function __construct(public ?float $leastWidth, public ?float $meanHeight)
    {
    }

    public static function of(Roof $roof): self
    {
        $points = $heights = [];
        foreach ($roof->edges as $edge) {
            array_push($points, $edge->from, $edge->to);
            array_push($heights, $edge->fromHeight, $edge->toHeight);
        }
        $least = null;
        foreach ($roof->edges as $edge) {
            $long = $edge->from->distanceTo($edge->to);
            if ($long < 1e-6) {
                continue;
            }
            // Square to each edge in turn: one of them lies along the narrowest way round.
            [$x, $y] = [-($edge->to->v - $edge->from->v) / $long, ($edge->to->u - $edge->from->u) / $long];
            $across = array_map(static fn (Point $p): float => $p->u * $x + $p->v * $y, $points);
            $least = min($least ?? INF, max($across) - min($across));
        }

        // Measured planes whose eaves nobody gave a height stand on nothing.
        return new self($least, $heights === [] || min($heights) < self::FOOT ? null : (min($heights) + max($heights)) / 2.0);
    }

    public function meanHeightFeet(): ?float
    {
        return $this->meanHeight === null ? null : $this->meanHeight / self::FOOT;
    }

    /** Inches on the level. */
    public function zoneWidth(?float $meanHeightFeet): float
    {
        $least = $this->leastWidth ?? 0.0;
        $height = $meanHeightFeet === null ? INF : self::OF_HEIGHT * $meanHeightFeet * self::FOOT;

        return max(min(self::OF_LEAST * $least, $height), self::AT_LEAST * $least, self::NARROWEST);
    }
}
