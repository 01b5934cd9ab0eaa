<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\StageResult;

final readonly class LoadOutResult implements StageResult
{
    public function __construct(public Order $order)
    {
    }

    public function findings(): array
    {
        return [];
    }
}
