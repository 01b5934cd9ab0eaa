<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Supplies;

/** What an edge takes besides its trims. */
enum SupplyKind: string
{
    case Tape = 'tape';
    case Sealant = 'sealant';
    /** Fills the ribs or the pans' ends. */
    case Foam = 'foam';
    case Vent = 'vent';
    case MetalClosure = 'metal-closure';
    case Fastener = 'fastener';
}
