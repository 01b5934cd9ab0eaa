<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Roof\Internal\CheckReport;
use Imbrex\Core\StageResult;

final readonly class RoofResult implements StageResult
{
    /**
     * @param  list<Finding>  $openings
     * @param  array<string, Deck>  $decks  by face, where somebody has said; what is built behind an opening lies on the deck it stands on
     */
    public function __construct(public Roof $roof, public CheckReport $checks, private array $openings = [], public array $decks = [])
    {
    }

    public function findings(): array
    {
        return [...$this->roof->findings, ...$this->checks->findings, ...$this->openings];
    }
}
