<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\StageResult;

/** How the panels of a roof move, and how their hems are set for the day. */
final readonly class MovementResult implements StageResult
{
    /**
     * @param  list<PanelMovement>  $movements  by length, the longest first; none of screw-down sheets, which are held through
     * @param  list<Finding>  $findings
     */
    public function __construct(public MetalRange $range, public FixedAt $fixed, public array $movements, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
