<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Units\UnitSystem;

/** Everything a plan is made of. */
final readonly class Job
{
    /**
     * @param  list<Plane>  $planes
     * @param  array<string, LayoutChoice>  $layouts  by plane id; what is left out is balanced
     */
    public function __construct(
        public string $name,
        public UnitSystem $units,
        public array $planes,
        public System $system,
        public array $layouts,
        public RuleSet $rules,
    ) {
    }

    public function layoutOf(string $plane): LayoutChoice
    {
        return $this->layouts[$plane] ?? new LayoutChoice;
    }
}
