<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\JobPart;

final readonly class CuttingInput implements JobPart
{
    /**
     * @param  list<Correction>  $corrections  from first fits
     */
    public function __construct(public array $corrections = [])
    {
    }
}
