<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Roof;

/** Finds the roof straight under a place of the plan. */
final readonly class RoofsBelow
{
    /** @var array<string, Bounds|null> in plan, by face; null where it is not placed */
    private array $bounds;

    public function __construct(private Roof $roof)
    {
        $bounds = [];
        foreach ($roof->faces as $face) {
            $bounds[$face->id] = $face->frame?->inPlan($face->outline)->bounds();
        }
        $this->bounds = $bounds;
    }

    /**
     * @param  float  $most  no higher than this, inches
     * @param  string|null  $not  id of a face that does not count
     * @return array{string, float, float}|null id of the highest, and where on it
     */
    public function highest(Point $plan, float $most, ?string $not): ?array
    {
        $best = null;
        $height = -INF;
        foreach ($this->roof->faces as $face) {
            $bounds = $this->bounds[$face->id];
            if ($face->frame === null || $bounds === null || $face->id === $not || $plan->u < $bounds->left || $plan->u > $bounds->right || $plan->v < $bounds->bottom || $plan->v > $bounds->top) {
                continue;
            }
            $there = $face->frame->plane->at($plan);
            $deck = $face->frame->toDeck($plan);
            if ($there <= $most && $there > $height && $face->region()->contains($deck)) {
                [$best, $height] = [[$face->id, $deck->u, $deck->v], $there];
            }
        }

        return $best;
    }
}
