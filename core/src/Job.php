<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CutRecord;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Check;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Units\UnitSystem;

/** Everything a plan is made of. */
final readonly class Job
{
    /**
     * @param  list<Plane>  $planes
     * @param  array<string, LayoutChoice>  $layouts  by face id; what is left out is balanced
     * @param  list<Block>  $blocks
     * @param  list<Check>  $checks  readings held against the blocks
     * @param  list<Opening>  $openings  what comes through the roof
     * @param  list<Correction>  $corrections  from first fits
     * @param  array<string, CutRecord>  $cut  by panel id: what has been cut
     */
    public function __construct(
        public string $name,
        public UnitSystem $units,
        public array $planes,
        public System $system,
        public array $layouts,
        public RuleSet $rules,
        public array $blocks = [],
        public array $checks = [],
        public array $openings = [],
        public array $corrections = [],
        public array $cut = [],
    ) {
    }

    public function layoutOf(string $face): LayoutChoice
    {
        return $this->layouts[$face] ?? new LayoutChoice;
    }
}
