<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\StageResult;

/** How the panels of a roof move, and how their hems are set for the day. */
final readonly class MovementResult implements StageResult
{
    /**
     * @param  list<PanelMovement>  $movements  by length, the longest first; none of screw-down sheets, which are held through
     * @param  list<HemClosing>  $closings  by face and edge
     * @param  list<TrimMovement>  $trims  runs of more than one piece
     * @param  float|null  $todayF  how warm the metal is; null where nobody has measured it
     * @param  list<Finding>  $findings
     */
    public function __construct(public MetalRange $range, public FixedAt $fixed, public array $movements, public array $closings, public array $trims, public ?float $todayF, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
