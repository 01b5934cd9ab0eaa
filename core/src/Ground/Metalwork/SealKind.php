<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** What a joint is sealed with. */
enum SealKind: string
{
    case ButylTape = 'butyl-tape';
    /** Gun grade, never cures: for hidden joints only. */
    case ButylGun = 'butyl-gun';
    case Silicone = 'silicone';
    case Polymer = 'polymer';
    case Urethane = 'urethane';
}
