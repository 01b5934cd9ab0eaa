<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\JobPart;

final readonly class CuttingInput implements JobPart
{
    /**
     * @param  list<Correction>  $corrections  from first fits
     * @param  array<string, CutRecord>  $cut  by panel id: what has been cut
     * @param  list<Observation>  $observations  of edges' true lines
     */
    public function __construct(public array $corrections = [], public array $cut = [], public array $observations = [])
    {
    }
}
