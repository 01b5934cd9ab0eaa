<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\JobPart;

/** How somebody wants openings flashed otherwise than the house does. */
final readonly class OpeningsInput implements JobPart
{
    /**
     * @param  array<string, WorkOrder>  $orders  by id of the opening
     * @param  array<string, list<PieceRole>>  $pieces  the order somebody put the pieces in, by id of the opening
     * @param  array<string, array<string, float>>  $spacings  inches between fasteners, by id of the opening and by role
     */
    public function __construct(public array $orders = [], public array $pieces = [], public array $spacings = [])
    {
    }
}
