<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\StageResult;

/** How every opening is flashed. */
final readonly class OpeningsResult implements StageResult
{
    /**
     * @param  array<string, FlashedOpening>  $openings  by id
     * @param  list<Supply>  $supplies  what they take besides panels and trims
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $openings, public array $supplies, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
