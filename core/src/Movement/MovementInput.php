<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\JobPart;

/** Between which temperatures a job's metal moves. */
final readonly class MovementInput implements JobPart
{
    /**
     * @param  float|null  $coldF  the least the metal comes to, °F; null = as the house has it
     * @param  float|null  $hotAirF  the most the air comes to, °F
     * @param  float|null  $gainF  how much hotter than air the metal gets; null = by its colour
     */
    public function __construct(public ?float $coldF = null, public ?float $hotAirF = null, public ?float $gainF = null)
    {
    }
}
