<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\JobPart;

/** What pulls at a job's roof, and how it is held down. */
final readonly class HoldDownInput implements JobPart
{
    /**
     * @param  array{field: float, edge: float, corner: float}|null  $pressures  an engineer's, psf upwards at the allowable level; they govern
     * @param  float|null  $zoneWidth  an engineer's, inches on the level; null = by the building's size
     * @param  array<string, HoldWish>  $faces  by id
     * @param  float|null  $clipAllowable  lb of one clip by the product's test report; null = the example that ships
     * @param  FixedAt  $fixed  from where panels move
     * @param  FixedBy|null  $fixedBy  null = as the house has it
     * @param  array<string, float>  $allowables  lb by the product's test report, by what carries it ({@see Carrier}); the example that ships where one is missing
     */
    public function __construct(public ?array $pressures = null, public ?EstimateWish $estimate = null, public ?float $zoneWidth = null, public HoldWish $usual = new HoldWish, public array $faces = [], public ?float $clipAllowable = null, public FixedAt $fixed = FixedAt::Head, public ?FixedBy $fixedBy = null, public array $allowables = [])
    {
    }
}
