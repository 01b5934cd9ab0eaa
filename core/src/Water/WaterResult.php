<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\StageResult;
use Imbrex\Core\Water\Internal\UphillAdvice;

/** Where the rain on a roof goes, and how deep it runs. */
final readonly class WaterResult implements StageResult
{
    /**
     * @param  float  $intensity  inches an hour
     * @param  float  $squareFeet  of the roof in plan, that rain falls on
     * @param  list<Flow>  $flows
     * @param  array<string, UphillAdvice>  $advice  by opening
     * @param  list<Finding>  $findings
     */
    public function __construct(public float $intensity, public float $squareFeet, public array $flows, public array $advice, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }

    /**
     * @param  'valley'|'opening'|'eave'|'pan'  $of
     * @return list<Flow>
     */
    public function of(string $of): array
    {
        return array_values(array_filter($this->flows, static fn (Flow $flow): bool => $flow->of === $of));
    }
}
