<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** What a planning estimate of uplift goes by. */
final readonly class EstimateWish
{
    /**
     * @param  float  $mph  ultimate wind speed
     * @param  float|null  $meanHeightFeet  of the roof; null = as the roof stands
     */
    public function __construct(public Exposure $exposure, public float $mph, public ?float $meanHeightFeet = null, public float $kzt = 1.0)
    {
    }
}
